<?php

namespace App\View;

use App\Drawing\CardDrawing;
use App\Drawing\Mark;
use App\Models\Card;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Unit;

/**
 * A card's front, for drawing.
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
    public static function of(CoreCard $card, array $components, Unit $unit): array
    {
        return self::drawn($card, CardDrawing::of($card, $components, $unit));
    }

    /** @return Front of a card on the table */
    public static function on(TableState $state, Card $card): array
    {
        return self::drawn($state->coreOf($card), CardDrawing::laid($state->frontOf($card), $state->core));
    }

    /** @return Front */
    private static function drawn(CoreCard $card, CardDrawing $drawing): array
    {
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
