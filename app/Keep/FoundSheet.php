<?php

namespace App\Keep;

use App\Models\Sheet;
use KeepShare\Core\Kit\Component;

/** A sheet or scrap that was found, and the face to be shown. */
final readonly class FoundSheet
{
    public function __construct(public Sheet $sheet, public Component $component, public int $face)
    {
    }
}
