<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Outline;

/**
 * A piece of a group in its exact place. The middle is measured from the left and the upper edge of the front, in whole
 * units.
 */
final readonly class Placed
{
    /**
     * @param  array{int, int, int, int}  $bounds  what it takes up: left, top, right, bottom; after it was trimmed
     * @param  int  $up  layers of foam between it and the front
     * @param  bool  $isShimmed  it lies across two heights, and foam under its low side keeps it level
     * @param  list<string>  $under  ids of the pieces it lies on
     * @param  Rect|null  $trim  it is trimmed flush with this
     */
    private function __construct(
        public GroupPiece $stand,
        public Spot $spot,
        public int $x,
        public int $y,
        public array $bounds,
        public Outline $outline,
        public int $up,
        public bool $isShimmed,
        public array $under,
        public ?Rect $trim,
    ) {
    }

    public static function at(GroupPiece $stand, Spot $spot, int $x, int $y, ?Rect $trim): self
    {
        $shape = $stand->shape ?? Shape::Label;
        $outline = $stand->outline?->rough() ?? Silhouette::of($shape, $stand->size);
        $points = Silhouette::laid($outline, $stand->size, $x, $y, $spot->turn);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $bounds = [min($xs), min($ys), max($xs), max($ys)];
        $left = $trim === null ? $bounds : [
            max($bounds[0], $trim->x->units),
            max($bounds[1], $trim->y->units),
            min($bounds[2], $trim->right()->units),
            min($bounds[3], $trim->bottom()->units),
        ];

        return new self($stand, $spot, $x, $y, $left, Outline::polygon($points), 0, false, [], $trim);
    }

    /** @param  list<string>  $under */
    public function lying(int $up, bool $isShimmed, array $under): self
    {
        return new self($this->stand, $this->spot, $this->x, $this->y, $this->bounds, $this->outline, $up, $isShimmed, $under, $this->trim);
    }

    /** @return array{int, int, int, int} its middle, how far it is turned, and layers of foam: alike where it lies as another does */
    public function lies(): array
    {
        return [$this->x, $this->y, $this->spot->turn, $this->up];
    }

    public function part(): string
    {
        return $this->stand->part;
    }

    /** The rectangle that it covers on the front. What hangs over the edge is left out. */
    public function rect(): Rect
    {
        [$left, $top, $right, $bottom] = $this->bounds;
        [$x, $y] = [max(0, $left), max(0, $top)];

        return Rect::ofUnits($x, $y, max(1, $right - $x), max(1, $bottom - $y));
    }

    /** Its full rectangle before anything is tucked or turned. Null if it is turned, trimmed or hangs over. */
    public function box(): ?Rect
    {
        $size = $this->stand->size;
        $x = $this->x - intdiv($size->width->units, 2);
        $y = $this->y - intdiv($size->height->units, 2);

        return $this->spot->turn !== 0 || $this->trim !== null || $x < 0 || $y < 0
            ? null
            : Rect::ofUnits($x, $y, $size->width->units, $size->height->units);
    }

    /** The distance from the left edge of the front to its middle. */
    public function fromLeft(): Length
    {
        return Length::ofUnits(max(0, $this->x));
    }

    /** Whether its bounds, grown by a margin, meet those of another piece. */
    public function meets(self $other, int $room = 0): bool
    {
        [$left, $top, $right, $bottom] = $this->bounds;

        return $left - $room < $other->bounds[2]
            && $other->bounds[0] < $right + $room
            && $top - $room < $other->bounds[3]
            && $other->bounds[1] < $bottom + $room;
    }

    /** Whether it fills the box round it. */
    public function isBox(): bool
    {
        return $this->spot->turn === 0 && ($this->stand->shape === null || $this->stand->shape === Shape::Label);
    }

    /** Whether it is a frame, through which the piece in its middle is seen. */
    public function isOpen(): bool
    {
        return $this->stand->shape === Shape::Frame;
    }
}
