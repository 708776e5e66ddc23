<?php

namespace App\Keep;

use App\Models\Component;

/** A ready-made thing that was found, and how many no card has taken. Null if nobody counts them. */
final readonly class FoundThing
{
    public function __construct(public Component $component, public ?int $left)
    {
    }
}
