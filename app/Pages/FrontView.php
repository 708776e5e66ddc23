<?php

namespace App\Pages;

use App\Drawing\CardDrawing;
use App\Drawing\Mark;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Unit;

/**
 * A card's front as the interface draws it.
 *
 * @phpstan-import-type DrawnMark from Mark
 * @phpstan-import-type Extent from GoodView
 *
 * @phpstan-type Front array{
 *     number: int,
 *     occasion: string,
 *     sketch: string,
 *     size: Extent,
 *     base: string,
 *     marks: list<DrawnMark>,
 *     lacks: list<string>,
 * }
 */
final class FrontView
{
    /**
     * @param  array<string, Component>  $components
     * @return Front
     */
    public static function of(Card $card, array $components, Unit $unit): array
    {
        $drawing = CardDrawing::of($card, $components, $unit);

        return [
            'number' => $card->number,
            'occasion' => $card->occasion->label(),
            'sketch' => $card->sketch->name,
            'size' => GoodView::size($drawing->size),
            'base' => $drawing->base,
            'marks' => $drawing->marks,
            'lacks' => $drawing->lacks,
        ];
    }
}
