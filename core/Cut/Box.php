<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/**
 * A rectangle built by laying two smaller ones side by side or one on the other. A guillotine cut separates them again.
 * Sides are in units.
 */
final readonly class Box
{
    private function __construct(
        public int $width,
        public int $height,
        private ?Piece $piece,
        private bool $turned,
        private ?self $first,
        private ?self $second,
        private Direction $direction,
    ) {
    }

    public static function of(Piece $piece, bool $turned): self
    {
        $size = $turned ? $piece->size->turned() : $piece->size;

        return new self($size->width->units, $size->height->units, $piece, $turned, null, null, Direction::Down);
    }

    /** Two boxes side by side. A cut downwards separates them. */
    public static function beside(self $one, self $two): self
    {
        return new self($one->width + $two->width, max($one->height, $two->height), null, false, $one, $two, Direction::Down);
    }

    /** Two boxes on one another. A cut across separates them. */
    public static function above(self $one, self $two): self
    {
        return new self(max($one->width, $two->width), $one->height + $two->height, null, false, $one, $two, Direction::Across);
    }

    public function fits(int $width, int $height): bool
    {
        return $this->width <= $width && $this->height <= $height;
    }

    /** The cuts that free this box from a part that is at least as large, and take it apart. */
    public function cutFrom(Rect $part): Node
    {
        if ($part->size->height->units > $this->height) {
            return self::split($part, Direction::Across, $this->height, $this->cutFrom(...), Leaf::offcut(...));
        }
        if ($part->size->width->units > $this->width) {
            return self::split($part, Direction::Down, $this->width, $this->cutFrom(...), Leaf::offcut(...));
        }
        if ($this->piece !== null) {
            return Leaf::piece($part, $this->piece->id, $this->turned);
        }
        [$one, $two] = [$this->first, $this->second];
        if ($one === null || $two === null) {
            return Leaf::offcut($part);
        }

        return self::split(
            $part,
            $this->direction,
            $this->direction === Direction::Down ? $one->width : $one->height,
            $one->cutFrom(...),
            $two->cutFrom(...),
        );
    }

    /** The same with a trimmer that is too short for some cuts. Null if no order of cuts was found that it can make. */
    public function cutWith(Trimmer $trimmer, Rect $part): ?Node
    {
        [$width, $height] = [$part->size->width->units, $part->size->height->units];
        if ($this->piece !== null && $width === $this->width && $height === $this->height) {
            return Leaf::piece($part, $this->piece->id, $this->turned);
        }
        foreach ($this->firstCuts($width, $height) as [$direction, $at, $first, $second]) {
            if (! $trimmer->reaches($direction === Direction::Across ? $width : $height)) {
                continue;
            }
            [$one, $two] = Split::halves($part, $direction, Length::ofUnits($at));
            $nodes = [$first->cutWith($trimmer, $one), $second === null ? Leaf::offcut($two) : $second->cutWith($trimmer, $two)];
            if ($nodes[0] !== null && $nodes[1] !== null) {
                return Split::of($part, $direction, Length::ofUnits($at), $nodes[0], $nodes[1]);
            }
        }

        return null;
    }

    /**
     * The cuts that may come first: those that free the box, and the one between its halves.
     *
     * @return iterable<array{Direction, int, self, self|null}> with what is cut from each half; null for an offcut
     */
    private function firstCuts(int $width, int $height): iterable
    {
        if ($height > $this->height) {
            yield [Direction::Across, $this->height, $this, null];
        }
        if ($width > $this->width) {
            yield [Direction::Down, $this->width, $this, null];
        }
        if ($this->first !== null && $this->second !== null) {
            yield [
                $this->direction,
                $this->direction === Direction::Down ? $this->first->width : $this->first->height,
                $this->first,
                $this->second,
            ];
        }
    }

    /**
     * @param  callable(Rect): Node  $first
     * @param  callable(Rect): Node  $second
     */
    private static function split(Rect $part, Direction $direction, int $at, callable $first, callable $second): Node
    {
        $length = Length::ofUnits($at);
        [$one, $two] = Split::halves($part, $direction, $length);

        return Split::of($part, $direction, $length, $first($one), $second($two));
    }
}
