<?php

namespace App\View;

use App\Wording\Wording;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Unit;

/** A component as a sentence that shows how its line was understood. */
final class LineView
{
    public static function of(Component $component, Unit $unit): string
    {
        $good = $component->good;
        $count = Wording::count($component, $component->count, $unit);
        $parts = [
            "$component->name: ".match (true) {
                $component->isEndless() => $count === 'plenty' ? 'plenty of it' : 'never used up',
                $component->kind()->isByLength() => $count,
                $component->kind()->isSheets() => Wording::plural($component->count, 'sheet'),
                default => Wording::plural($component->count, 'piece'),
            },
            self::size($component, $unit),
            $good instanceof Cardstock && $good->weight !== Weight::Medium ? $good->weight->value : null,
            $good instanceof Cardstock && $good->finish !== Finish::Plain ? $good->finish->value : null,
            $good instanceof SheetGood && $component->kind()->isPrintedPaper()
                ? implode(' / ', array_map(self::face(...), $good->faces()))
                : null,
            $component->words() === null
                ? null
                : '“'
                    .$component->words()->text
                    .'” for '
                    .self::occasions($component->words()),
        ];

        return str_replace('-', ' ', $component->kind()->value).' · '.implode(', ', array_filter($parts));
    }

    /** Exact sizes for paper and what is folded of it. Rounded ones for what only lies on a card. */
    public static function size(Component $component, Unit $unit): ?string
    {
        $size = $component->good->extent();
        $isExact = $component->kind()->isSheets() || in_array($component->kind(), [Kind::Base, Kind::Envelope], true);

        return $isExact ? $size?->label($unit) : $size?->about($unit);
    }

    private static function occasions(Words $words): string
    {
        return $words->isForAny()
            ? 'any occasion'
            : implode(', ', array_map(static fn (Occasion $one): string => $one->label(), $words->occasions));
    }

    private static function face(Face $face): string
    {
        return "$face->name (".($face->busy ? 'busy' : 'calm').($face->directional ? ', directional' : '').')';
    }
}
