<?php

declare(strict_types=1);

namespace KeepShare\Core\Tally;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What the things on cards cost, by the price of a unit: a sheet, ten bases or envelopes, or as many as there were when
 * the price was written. In the smallest coin, rounded to the nearest.
 */
final class UsedCost
{
    private const TEN = [Kind::Base, Kind::Envelope];

    public static function ofCount(Component $component, int $price, int $quantity): int
    {
        if ($component->isEndless()) {
            return 0;
        }
        $pack = in_array($component->kind(), self::TEN, true) ? 10 : max(1, $component->count);

        return Price::share($price, $quantity, $pack);
    }

    /** @param  list<Size>  $pieces */
    public static function ofPieces(SheetGood $good, int $price, array $pieces): int
    {
        $area = array_sum(array_map(static fn (Size $size): int => $size->area(), $pieces));

        return Price::share($price, $area, max(1, $good->size()->area()));
    }

    /** What the price is for: "a sheet", "ten", "all 24", "72 in". */
    public static function soldAs(Component $component, Unit $unit): string
    {
        return match (true) {
            $component->good instanceof SheetGood => 'a sheet',
            in_array($component->kind(), self::TEN, true) => 'ten',
            $component->kind()->isByLength() => Length::ofUnits($component->count)->label($unit),
            default => "all $component->count",
        };
    }
}
