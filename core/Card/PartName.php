<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;

/** The name of a part in a sentence: "inner panel", "focal point", "left flap panel". */
final class PartName
{
    public static function of(string $part, Sketch $sketch, FoldKind $fold, Size $front): string
    {
        $folded = FoldPart::isOne($part) ? $fold->construct($front, Unit::Inch)->partOnCard($part) : null;

        return $folded->name ?? Accessories::find($part)?->name() ?? $sketch->part($part)->name ?? str_replace('-', ' ', $part);
    }
}
