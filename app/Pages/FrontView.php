<?php

namespace App\Pages;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Layer as CoreLayer;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Unit;

/**
 * A card's front as the interface draws it.
 *
 * @phpstan-import-type Extent from GoodView
 *
 * @phpstan-type Layer array{
 *     part: string,
 *     component: string|null,
 *     face: int,
 *     x: int,
 *     y: int,
 *     width: int,
 *     height: int,
 *     d: string|null, // its outline in millimetres, where it is not its plain rectangle
 * }
 * @phpstan-type Front array{
 *     number: int,
 *     occasion: string,
 *     sketch: string,
 *     fold: string,
 *     size: Extent,
 *     base: string,
 *     layers: list<Layer>,
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
        $front = CardFront::of($card, $components, $unit);

        return [
            'number' => $card->number,
            'occasion' => $card->occasion->label(),
            'sketch' => $card->sketch->name,
            'fold' => $card->fold->value,
            'size' => GoodView::size($front->size),
            'base' => self::baseColour($card, $components),
            'layers' => array_map(self::layer(...), $front->layers),
            'lacks' => $front->lacks,
        ];
    }

    /** @return Layer */
    private static function layer(CoreLayer $layer): array
    {
        return [
            'part' => $layer->part,
            'component' => $layer->component,
            'face' => $layer->face,
            ...GoodView::box($layer->rect),
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
