<?php

namespace App\Pages;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Unit;

/** A card's front as the interface draws it. */
final class FrontView
{
    /**
     * @param  array<string, Component>  $components
     * @return array<string, mixed>
     */
    public static function of(Card $card, array $components, Unit $unit): array
    {
        $front = CardFront::of($card, $components, $unit);

        return [
            'number' => $card->number,
            'occasion' => $card->occasion->label(),
            'sketch' => $card->sketch->name,
            'size' => GoodView::size($front->size),
            'base' => self::baseColour($card, $components),
            'layers' => array_map(self::layer(...), $front->layers),
            'fold' => $card->fold->value,
            'lacks' => $front->lacks,
        ];
    }

    /** @return array<string, mixed> */
    private static function layer(Layer $layer): array
    {
        return [
            'part' => $layer->part,
            'component' => $layer->component,
            'face' => $layer->face,
            'x' => $layer->rect->x->units,
            'y' => $layer->rect->y->units,
            ...GoodView::size($layer->rect->size),
            'd' => $layer->outline->isRect ? null : OutlineView::path($layer->outline),
        ];
    }

    /** @param  array<string, Component>  $components */
    private static function baseColour(Card $card, array $components): string
    {
        $good = ($components[$card->taking(BasePart::ID)->component ?? ''] ?? null)?->good;

        return match (true) {
            $good instanceof CardBase => $good->colour->hex,
            $good instanceof Cardstock => $good->front->hex,
            default => '#ffffff',
        };
    }
}
