<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A column or band along one edge of another part, from $start in from that edge and $deep wide. */
final readonly class Slice implements Relation
{
    private function __construct(private string $of, private Edge $edge, private ?Dim $deep, private ?Dim $start, private ?Dim $gap)
    {
    }

    /** $deep of the part along its edge, beginning $start in from it. */
    public static function along(Edge $edge, string $of, Dim $deep, ?Dim $start = null): self
    {
        return new self($of, $edge, $deep, $start, null);
    }

    /** All that a slice of $deep along the edge leaves, less a gap between the two. */
    public static function restFrom(Edge $edge, string $of, Dim $deep, ?Dim $gap = null): self
    {
        return new self($of, $edge, null, $deep, $gap);
    }

    public function of(): string
    {
        return $this->of;
    }

    public function place(Rect $of, Unit $unit, string $part): Rect
    {
        $side = $this->edge->isUpright() ? $of->size->width : $of->size->height;
        $from = ($this->start?->of($side, $unit) ?? Length::zero())->plus($this->gap?->of($side, $unit) ?? Length::zero());
        if (! $side->isLongerThan($from)) {
            throw CannotResolve::nothingLeft($part);
        }
        $room = $side->minus($from);
        $deep = $this->deep?->of($side, $unit) ?? $room;
        if ($deep->isLongerThan($room)) {
            throw CannotResolve::tooLarge($part, $deep, $room, $unit);
        }

        return $deep->isZero() ? throw CannotResolve::nothingLeft($part) : $this->cut($of, $from, $deep);
    }

    private function cut(Rect $of, Length $from, Length $deep): Rect
    {
        $size = $this->edge->isUpright() ? Size::of($deep, $of->size->height) : Size::of($of->size->width, $deep);

        return match ($this->edge) {
            Edge::Left => Rect::at($of->x->plus($from), $of->y, $size),
            Edge::Top => Rect::at($of->x, $of->y->plus($from), $size),
            Edge::Right => Rect::at($of->right()->minus($from)->minus($deep), $of->y, $size),
            Edge::Bottom => Rect::at($of->x, $of->bottom()->minus($from)->minus($deep), $size),
        };
    }
}
