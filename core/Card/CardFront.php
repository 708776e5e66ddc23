<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Card\Part\Accessories;
use KeepShare\Core\Card\Part\Accessory;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;

/** The front of a card with everything in its exact place. */
final readonly class CardFront
{
    /**
     * @param  Layout  $layout  its sketch as it lies on it
     * @param  list<Layer>  $layers  from the bottom up
     * @param  list<string>  $lacks  what an otherwise planned card is still without
     * @param  Group|null  $group  its pieces as they are arranged; null where they lie as the sketch has them
     */
    private function __construct(
        public Card $card,
        public Size $size,
        public Layout $layout,
        public array $layers,
        public array $lacks,
        public ?Group $group,
    ) {
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
        $group = CardGroup::of($card, $layout, $components, $unit);
        $layers = [
            ...array_map(static fn (Laid $laid): Layer => self::sketched($laid, $card), $layout->parts),
            ...array_map(static fn (FoldPart $part): ?Layer => self::folded($part, $card), $construction->parts),
            ...array_merge(...array_map(
                static fn (Accessory $part): array => $group !== null && GroupLayers::has($part->id())
                    ? []
                    : $part->layers($card, $layout, $components),
                Accessories::all(),
            )),
            ...$group === null ? [] : GroupLayers::of($card, $group, $components),
        ];
        $layers = array_values(array_filter($layers));

        return new self($card, $construction->closed, $layout, $layers, [...self::unfilled($layers), ...self::missing($card)], $group);
    }

    /** The first layer of a part. Null if nothing of it is seen. */
    public function layer(string $part): ?Layer
    {
        foreach ($this->layers as $layer) {
            if ($layer->part === $part) {
                return $layer;
            }
        }

        return null;
    }

    private static function sketched(Laid $laid, Card $card): Layer
    {
        $taking = $card->taking($laid->part->id);

        return Layer::of($laid->part->id, $laid->part->name, $taking?->component, $taking->face ?? 0, $laid->rect, $laid->outline);
    }

    /** What the fold adds to the front, above the sketch or beside it. */
    private static function folded(FoldPart $part, Card $card): ?Layer
    {
        $taking = $card->taking($part->onCard());

        return $part->seen === null
            ? null
            : Layer::of($part->onCard(), $part->name, $taking?->component, $taking->face ?? 0, $part->seen->bounds(), $part->seen);
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private static function unfilled(array $layers): array
    {
        $open = array_filter($layers, static fn (Layer $layer): bool => $layer->component === null);

        return array_values(array_map(static fn (Layer $layer): string => $layer->name, $open));
    }

    /** @return list<string> */
    private static function missing(Card $card): array
    {
        $missing = array_filter(
            Accessories::needed(),
            static fn (Accessory $part): bool => $part->isNeededOn($card) && $card->taking($part->id()) === null,
        );

        return array_values(array_map(static fn (Accessory $part): string => $part->name(), $missing));
    }
}
