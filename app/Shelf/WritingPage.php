<?php

namespace App\Shelf;

use App\View\Page;
use Illuminate\Support\Str;

/** How to write a packing list: docs/writing-a-list.md. */
final readonly class WritingPage extends Page
{
    private function __construct(public string $html)
    {
    }

    public static function of(): self
    {
        return new self(Str::markdown((string) file_get_contents(base_path('docs/writing-a-list.md')), ['html_input' => 'escape']));
    }
}
