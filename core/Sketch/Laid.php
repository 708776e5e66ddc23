<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A part with its place on the front, its outline, its cut size, and its height above the base. */
final readonly class Laid
{
    /** A step of 1 mm can be felt. */
    public const STEP = 8_000;

    /** The heights of a layer of foam, patterned paper and cardstock. */
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

    /** The height of its face above the base. */
    public function top(): Length
    {
        return $this->height->plus(Length::ofUnits($this->part->role->isPaper() ? self::PAPER : self::CARDSTOCK));
    }

    /**
     * Whether a piece would rock: the highest part under it does not carry all of it, and what is beside that part is
     * lower by a step.
     *
     * @param  list<self>  $under
     */
    public static function rocks(Rect $rect, array $under): bool
    {
        $under = array_filter($under, static fn (self $laid): bool => $laid->rect->overlaps($rect));
        $tops = array_map(static fn (self $laid): int => $laid->top()->units, $under);
        if ($tops === []) {
            return false;
        }
        $highest = array_filter($under, static fn (self $laid): bool => $laid->top()->units === max($tops));
        $lower = array_filter($tops, static fn (int $top): bool => $top < max($tops));
        $step = max($tops) - ($lower === [] ? 0 : max($lower));

        return $step >= self::STEP
            && array_filter($highest, static fn (self $laid): bool => $laid->rect->contains($rect)) === [];
    }
}
