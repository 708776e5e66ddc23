<?php

namespace App\Frame;

use App\Journal\Journal;
use App\View\Page;

/**
 * What was asked for is not there, or cannot be had at the moment.
 *
 * @phpstan-import-type UndoRedo from Journal
 */
final readonly class GonePage extends Page
{
    /**
     * @param  string  $title  what is the matter, in two words
     * @param  string  $way  the address of the nearest page that is there
     * @param  string  $label  what that is called
     * @param  UndoRedo  $shelf
     */
    public function __construct(
        public string $title,
        public string $says,
        public string $way,
        public string $label,
        public array $shelf,
    ) {
    }
}
