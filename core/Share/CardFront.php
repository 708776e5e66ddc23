<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketches;

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
        $layout = Sketches::all()[$card->sketch]->resolve($card->front, $unit);
        $layers = [];
        foreach ($layout->parts as $laid) {
            $taking = $card->taking($laid->part->id);
            $layers[] = Layer::of($laid->part->id, $laid->part->name, $taking?->component, $taking->face ?? 0, $laid->rect);
        }
        array_push($layers, ...self::bow($card, $layout), ...self::stuckOn($card, $layout, $components));
        $lacks = array_map(static fn (Layer $layer): string => $layer->name, array_filter($layers, static fn (Layer $layer): bool => $layer->component === null));
        foreach (['base', 'envelope', 'focal' => 'focal point', 'sentiment'] as $part => $name) {
            if ($card->taking(is_string($part) ? $part : $name) === null) {
                $lacks[] = $name;
            }
        }

        return new self($card->front, $layers, array_values($lacks));
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
        $picture = $focal === null ? null : self::printedSize($components[$focal->component] ?? null);
        if ($focal !== null && $picture !== null) {
            $at = $layout->focal->centred($picture);
            $layers[] = Layer::of('focal', 'focal point', $focal->component, 0, $at);
            $group = $card->taking('embellishment');
            if ($group !== null) {
                foreach ($layout->triangle($at) as [$x, $y]) {
                    $layers[] = Layer::of('embellishment', 'embellishment', $group->component, 0, self::dot($x, $y));
                }
            }
        }
        $label = $card->taking('sentiment-label');
        if ($label?->size !== null) {
            $layers[] = Layer::of('sentiment-label', 'sentiment label', $label->component, $label->face, $layout->sentiment->centred($label->size));
        }
        $sentiment = $card->taking('sentiment');
        $words = $sentiment === null ? null : ($label->size ?? self::printedSize($components[$sentiment->component] ?? null));
        if ($sentiment !== null && $words !== null) {
            $layers[] = Layer::of('sentiment', 'sentiment', $sentiment->component, 0, $layout->sentiment->centred($words));
        }

        return $layers;
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
