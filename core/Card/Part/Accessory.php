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

/** A part that any card can have, whatever its sketch and its fold: what it is called, what fills it, what is seen of it. */
interface Accessory
{
    /** Lower-case words with hyphens; no part of a sketch is called so. */
    public function id(): string;

    /** As it is said in a sentence: "focal point". */
    public function name(): string;

    /** What a card without it may lack; null for what every card can do without. */
    public function need(): ?Need;

    /** Whether this card lacks something without it. */
    public function isNeededOn(Card $card): bool;

    /** Whether a ready-made thing can be it; what is cut to it from a sheet is asked for by size. */
    public function isFilledBy(Component $component): bool;

    /** Whether one more or one fewer of it can be taken. */
    public function isAdjustable(): bool;

    /** How much of what comes by the length it takes at a time: enough for a bow, or for a run across the front. */
    public function length(Card $card, Unit $unit): Length;

    /** Whether what it takes is chosen among ready-made things, and not cut like the parts of a sketch. */
    public function isChosen(Taking $taking): bool;

    /** The place a sketch keeps for it; null where it keeps none. */
    public function place(Layout $layout): ?Rect;

    /** What is cut for it where it is cut to fit the card; null where it is not, or may have any size. */
    public function cut(Card $card, Unit $unit): ?Size;

    /**
     * What is seen of it on the front.
     *
     * @param  array<string, Component>  $components  by id
     * @return list<Layer> from the bottom up
     */
    public function layers(Card $card, Layout $layout, array $components): array;
}
