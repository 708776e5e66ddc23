<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Layout;

/** A part that any card can have, whatever its sketch and fold: its name, what fills it, and what is seen of it. */
interface Accessory
{
    /** Lower-case words with hyphens. No part of a sketch has this name. */
    public function id(): string;

    /** Its name in a sentence: "focal point". */
    public function name(): string;

    /** What a card lacks without it. Null if a card can do without. */
    public function need(): ?Need;

    /** Whether this card lacks something without it. */
    public function isNeededOn(Card $card): bool;

    /** Whether a ready-made thing can fill it. What is cut from a sheet is chosen by size instead. */
    public function isFilledBy(Component $component): bool;

    /** Whether the maker can take one more or one fewer of it. */
    public function isAdjustable(): bool;

    /** The length that it takes of ribbon or twine: enough for a bow, or for a strip across the front. */
    public function length(Card $card, Unit $unit): Length;

    /** Whether it is chosen among ready-made things, and not cut like the parts of a sketch. */
    public function isChosen(Taking $taking): bool;

    /** The place that a sketch keeps for it. Null if it keeps none. */
    public function place(Layout $layout): ?Rect;

    /** The size that is cut for it. Null if nothing is cut, or if any size will do. */
    public function cut(Card $card, Unit $unit): ?Size;

    /**
     * What is seen of it on the front.
     *
     * @param  array<string, Component>  $components  by id
     * @return list<Layer> from the bottom up
     */
    public function layers(Card $card, Layout $layout, array $components): array;
}
