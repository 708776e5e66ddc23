<?php

namespace App\Unpack;

use App\Ledger\PastedList;
use App\Models\Component;
use App\Models\Kit;
use App\Table\UpTo;
use App\View\LineView;
use App\View\Page;

/**
 * The latest lines as they were understood, the newest first.
 *
 * @phpstan-import-type CardsAtMost from UpTo
 */
final readonly class AddPage extends Page
{
    private const SHOWN = 12;

    /**
     * @param  list<string>  $lines
     * @param  string  $pasted  a packing list that is not kept yet
     * @param  CardsAtMost|null  $atMost  null where nothing is on the list
     */
    private function __construct(public array $lines, public string $pasted, public ?array $atMost)
    {
    }

    public static function of(Kit $kit): self
    {
        $newest = $kit->components()->reorder('id', 'desc')->limit(self::SHOWN)->get();

        return new self(
            array_values($newest->map(static fn (Component $one): string => LineView::of($one->toCore(), $kit->unit))->all()),
            PastedList::of($kit),
            UpTo::of($kit),
        );
    }
}
