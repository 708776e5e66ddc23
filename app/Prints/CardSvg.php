<?php

namespace App\Prints;

use App\Models\Card;
use App\Pages\OutlineView;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** The front of a card as an SVG of its real size, every part in its place with its measure. */
final class CardSvg implements CardExport
{
    public function path(): string
    {
        return 'front.svg';
    }

    public function label(): string
    {
        return 'Front (SVG)';
    }

    public function media(): Media
    {
        return Media::Svg;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Card;
    }

    public function fileName(Card $card): string
    {
        return "card-$card->number.svg";
    }

    public function write(Card $card): string
    {
        $state = TableState::of($card->kit);

        return self::of(($state->cards->get($card->id) ?? $card)->toCore(), $state->core, $state->kit->unit);
    }

    /**
     * @param  array<string, Component>  $components
     * @param  string  $in  the unit its size is given in; the PDF maker sizes it itself and wants none
     */
    public static function of(CoreCard $card, array $components, Unit $unit, string $in = 'mm'): string
    {
        $front = CardFront::of($card, $components, $unit);
        $width = self::mm($front->size->width);
        $height = self::mm($front->size->height);
        $parts = implode("\n", array_map(static fn (Layer $layer): string => self::part($layer, $components, $unit), $front->layers));

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            <svg xmlns="http://www.w3.org/2000/svg" width="{$width}{$in}" height="{$height}{$in}" viewBox="0 0 $width $height">
            <rect width="$width" height="$height" fill="#ffffff" stroke="#1d2b33" stroke-width="0.2"/>
            $parts
            </svg>
            SVG;
    }

    /** @param  array<string, Component>  $components */
    private static function part(Layer $layer, array $components, Unit $unit): string
    {
        $good = ($components[$layer->component ?? ''] ?? null)?->good;
        $colour = match (true) {
            $good instanceof SheetGood => ($good->faces()[$layer->face] ?? $good->faces()[0])->ground()->hex,
            $good instanceof Applied => $good->printed()->colours[0]->hex,
            default => '#dddddd',
        };
        [$x, $y] = [self::mm($layer->rect->x), self::mm($layer->rect->y)];
        $text = $layer->part === 'embellishment'
                ? ''
                : sprintf(
                    '<text x="%s" y="%s" font-family="sans-serif" font-size="2.6" fill="#1d2b33" stroke="#ffffff" stroke-width="0.6" paint-order="stroke">%s</text>',
                    (float) $x + 1,
                    (float) $y + 3.4,
                    htmlspecialchars("$layer->name ".$layer->rect->size->format($unit), ENT_XML1),
                );

        return '<path d="'
            .OutlineView::path($layer->outline)
            ."\" fill=\"$colour\" fill-rule=\"evenodd\" stroke=\"#1d2b33\" stroke-width=\"0.2\"/>$text";
    }

    /** Exact millimetres. */
    private static function mm(Length $length): string
    {
        return $length->exact(Unit::Millimetre);
    }
}
