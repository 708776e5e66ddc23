<?php

namespace App\Cards;

use App\Models\Component;
use App\Table\TableState;

/** What cards lack, as text. */
final class Shortages
{
    /** "7 × A2 base, 4 pieces of Wave". Empty if nothing is missing. */
    public static function said(TableState $state): string
    {
        $says = [];
        foreach ($state->shorts() as $component => $takings) {
            $name = $state->nameOf($component);
            $pieces = $takings->whereNotNull('width')->count();
            $counted = (int) $takings->sum('quantity');
            $says[] = match (true) {
                $pieces > 0 => ($pieces === 1 ? '1 piece' : "$pieces pieces")." of $name",
                $state->core[Component::coreIdOf($component)]->kind()->isByLength() => $name,
                default => "$counted × $name",
            };
        }

        return implode(', ', $says);
    }
}
