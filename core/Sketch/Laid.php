<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A part with its place on the front, its outline, what is cut for it, and how high above the base it lies. */
final readonly class Laid
{
    /** A layer of foam, patterned paper, cardstock. */
    private const FOAM = 16_000;

    private const PAPER = 1_600;

    private const CARDSTOCK = 2_400;

    private function __construct(public Part $part, public Rect $rect, public Outline $outline, public Size $cut, public Length $height)
    {
    }

    /** @param  Length  $on  the height of what it lies on */
    public static function of(Part $part, Rect $rect, Outline $outline, Size $cut, Length $on): self
    {
        return new self($part, $rect, $outline, $cut, $on->plus(Length::ofUnits($part->foam * self::FOAM)));
    }

    /** How high its face stands above the base. */
    public function top(): Length
    {
        return $this->height->plus(Length::ofUnits($this->part->role->isPaper() ? self::PAPER : self::CARDSTOCK));
    }
}
