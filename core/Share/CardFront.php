<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Fold\Construction;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Outline;
use KeepShare\Core\Sketch\Role;

/** The front of a card with everything in its exact place. */
final readonly class CardFront
{
    /**
     * @param  list<Layer>  $layers  from the bottom up
     * @param  list<string>  $lacks  what an otherwise planned card is still without
     */
    private function __construct(public Size $size, public array $layers, public array $lacks)
    {
    }

    /**
     * @param  array<string, Component>  $components  by id
     *
     * @throws CannotResolve when the sketch does not fit the front
     */
    public static function of(Card $card, array $components, Unit $unit): self
    {
        $construction = $card->construction($unit);
        $layout = $card->layout($unit);
        $layers = [];
        foreach ($layout->parts as $laid) {
            $taking = $card->taking($laid->part->id);
            $layers[] = Layer::of($laid->part->id, $laid->part->name, $taking?->component, $taking->face ?? 0, $laid->rect, $laid->outline);
        }
        array_push($layers, ...self::seen($card, $construction), ...self::bow($card, $layout), ...self::stuckOn($card, $layout, $components));
        $lacks = array_map(static fn (Layer $layer): string => $layer->name, array_filter($layers, static fn (Layer $layer): bool => $layer->component === null));
        foreach (['base', 'envelope', 'focal' => 'focal point', 'sentiment'] as $part => $name) {
            if ($card->taking(is_string($part) ? $part : $name) === null) {
                $lacks[] = $name;
            }
        }

        return new self($construction->closed, $layers, array_values($lacks));
    }

    /**
     * What the fold adds to the front, over the sketch or beside it.
     *
     * @return list<Layer>
     */
    private static function seen(Card $card, Construction $construction): array
    {
        $layers = [];
        foreach ($construction->parts as $part) {
            $taking = $card->taking("fold-$part->id");
            if ($part->seen !== null) {
                $layers[] = Layer::of("fold-$part->id", $part->name, $taking?->component, $taking->face ?? 0, $part->seen->bounds(), $part->seen);
            }
        }

        return $layers;
    }

    /** A piece in the middle of its place, or as near to it as the front allows where it is larger. */
    private static function onFront(Layout $layout, Rect $place, Size $piece): Rect
    {
        $at = static fn (Length $start, Length $room, Length $own, Length $front): int => max(0, min(
            $start->units + intdiv($room->units - $own->units, 2),
            $front->units - $own->units,
        ));

        return Rect::ofUnits(
            $at($place->x, $place->size->width, $piece->width, $layout->front->width),
            $at($place->y, $place->size->height, $piece->height, $layout->front->height),
            $piece->width->units,
            $piece->height->units,
        );
    }

    /** @return list<Layer> */
    private static function bow(Card $card, Layout $layout): array
    {
        $bow = $card->taking('bow');
        if ($bow === null) {
            return [];
        }
        $strips = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role === Role::Strip);

        return array_map(static fn (Laid $strip): Layer => Layer::of('bow', 'bow', $bow->component, 0, $strip->rect), array_slice($strips, 0, 1));
    }

    /**
     * @param  array<string, Component>  $components
     * @return list<Layer>
     */
    private static function stuckOn(Card $card, Layout $layout, array $components): array
    {
        $layers = [];
        $focal = $card->taking('focal');
        $picture = $focal === null ? null : $focal->size ?? self::printedSize($components[$focal->component] ?? null);
        if ($focal !== null && $picture !== null) {
            $at = self::onFront($layout, $layout->focal, $picture);
            $layers[] = Layer::of('focal', 'focal point', $focal->component, $focal->face, $at, $focal->size !== null && self::isRound($card, $components) ? Outline::oval($at) : null);
            $group = $card->taking('embellishment');
            if ($group !== null) {
                foreach ($layout->group($at) as [$x, $y]) {
                    $layers[] = Layer::of('embellishment', 'embellishment', $group->component, 0, self::dot($x, $y));
                }
            }
        }
        $label = $card->taking('sentiment-label');
        if ($label?->size !== null) {
            $layers[] = Layer::of('sentiment-label', 'sentiment label', $label->component, $label->face, self::onFront($layout, $layout->sentiment, $label->size));
        }
        $sentiment = $card->taking('sentiment');
        $words = $sentiment === null ? null : ($label->size ?? self::printedSize($components[$sentiment->component] ?? null));
        if ($sentiment !== null && $words !== null) {
            $layers[] = Layer::of('sentiment', 'sentiment', $sentiment->component, 0, self::onFront($layout, $layout->sentiment, $words));
        }

        return $layers;
    }

    /**
     * A die that cuts a circle was used.
     *
     * @param  array<string, Component>  $components
     */
    private static function isRound(Card $card, array $components): bool
    {
        $die = $components[$card->taking(Picture::DIE)->component ?? '']->good ?? null;

        return $die instanceof Tool && $die->shape === Shape::Circle;
    }

    private static function printedSize(?Component $component): ?Size
    {
        return $component?->good instanceof Applied ? $component->good->printed()->size : null;
    }

    /** A gem of about 1/8 in round its middle. */
    private static function dot(Length $x, Length $y): Rect
    {
        $half = 12_700;

        return Rect::ofUnits(max(0, $x->units - $half), max(0, $y->units - $half), 2 * $half, 2 * $half);
    }
}
