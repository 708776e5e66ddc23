<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Sketch;

/**
 * How far a search for the next card goes: on which sketches, with how many fillings of each, at what price of paper.
 */
final readonly class Scope
{
    /** How many fillings of a sketch are tried first, and how many before the search gives up. */
    private const NARROW = 12;

    private const WIDE = 120;

    /** How many sketches are tried first: enough for a choice, few enough to be quick. */
    private const FEW = 10;

    /**
     * @param  int  $breadth  ways of filling each sketch
     * @param  int  $sketches  how many of them, those used least first
     * @param  bool  $everyPicture  each way with every picture there is, not only with the one that stands out best
     * @param  bool|null  $isLean  on sketches without a picture, or on those with one; null for both
     * @param  array<string, int>|null  $ways  how many cards may still be laid each way on a sketch, by Sketch::way(); null for any
     * @param  array<string, list<Surface>>  $given  what alone a part may be cut from, by part
     */
    private function __construct(
        public int $breadth,
        public int $sketches,
        public bool $everyPicture,
        public ?bool $isLean,
        public Prices $prices,
        private ?array $ways = null,
        public array $given = [],
    ) {
    }

    public static function narrow(): self
    {
        return new self(self::NARROW, self::FEW, false, false, Prices::none());
    }

    public static function wide(): self
    {
        return new self(self::WIDE, PHP_INT_MAX, false, false, Prices::none());
    }

    /** Everything that could be made. */
    public static function every(): self
    {
        return new self(self::WIDE, PHP_INT_MAX, true, null, Prices::none());
    }

    /** The same on sketches without a picture. */
    public function lean(): self
    {
        return new self($this->breadth, $this->sketches, $this->everyPicture, true, $this->prices);
    }

    /**
     * On any sketch, by how much of the remaining paper it takes. Fewer are tried, since the price has already chosen.
     */
    public static function paying(Prices $prices): self
    {
        return new self(intdiv(self::NARROW, 2), intdiv(self::FEW, 2), false, null, $prices);
    }

    /** The same on all sketches. */
    public static function payingWide(Prices $prices): self
    {
        return new self(self::NARROW, PHP_INT_MAX, false, null, $prices);
    }

    /**
     * Only on a given number of each sketch, in the given direction.
     *
     * @param  array<string, int>  $ways  by Sketch::way()
     */
    public static function ways(array $ways): self
    {
        return new self(self::NARROW, PHP_INT_MAX, false, null, Prices::none(), $ways);
    }

    /**
     * One card on a sketch in a given direction, with some parts cut only from what is said.
     *
     * @param  array<string, list<Surface>>  $given  by part
     */
    public static function laid(Sketch $sketch, Size $front, array $given): self
    {
        return new self(self::NARROW, PHP_INT_MAX, false, null, Prices::none(), [$sketch->way($front) => 1], $given);
    }

    public function allows(Sketch $sketch, Size $front): bool
    {
        return $this->ways === null || ($this->ways[$sketch->way($front)] ?? 0) > 0;
    }

    /** What is used here is missing elsewhere. */
    public function isSparing(): bool
    {
        return $this->ways !== null || ! $this->prices->areNone();
    }
}
