<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Outline;

/** One thing on a front. Layers are drawn from the bottom up. */
final readonly class Layer
{
    private function __construct(
        public string $part,
        public string $name,
        public ?string $component,
        public int $face,
        public Rect $rect,
        public Outline $outline,
        public ?Placed $placed,
    ) {
    }

    /**
     * @param  string  $part  the id of the part
     * @param  string  $name  as it is said in a sentence
     * @param  string|null  $component  null where the card lacks it
     */
    public static function of(string $part, string $name, ?string $component, int $face, Rect $rect, ?Outline $outline = null): self
    {
        return new self($part, $name, $component, $face, $rect, $outline ?? Outline::rect($rect), null);
    }

    /** A piece of a group with its angle, its height and its trimming. */
    public static function placed(Placed $placed, string $part, string $name): self
    {
        $stand = $placed->stand;

        return new self($part, $name, $stand->component, $stand->face, $placed->box() ?? $placed->rect(), $placed->outline, $placed);
    }
}
