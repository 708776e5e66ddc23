<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What a rule needs to place a part: the rectangle it is measured from, its lengths there, and its options. */
final readonly class Placing
{
    /**
     * @param  array<string, Length>  $lengths
     * @param  array<string, string>  $options
     */
    private function __construct(
        public Part $part,
        public Rect $of,
        public ?Rect $and,
        private array $lengths,
        private array $options,
        private Unit $unit,
    ) {
    }

    /**
     * @param  array<string, Length>  $lengths
     * @param  array<string, string>  $options
     */
    public static function of(Part $part, Rect $of, ?Rect $and, array $lengths, array $options, Unit $unit): self
    {
        return new self($part, $of, $and, $lengths, $options, $unit);
    }

    public function length(string $measure): Length
    {
        return $this->lengths[$measure] ?? Length::zero();
    }

    public function mark(): Length
    {
        return $this->unit->mark();
    }

    public function edge(): Edge
    {
        return Edge::tryFrom($this->options['edge'] ?? '') ?? Edge::Bottom;
    }

    public function anchor(): Anchor
    {
        return Anchor::tryFrom($this->options['anchor'] ?? '') ?? Anchor::Middle;
    }

    public function number(string $option, int $default): int
    {
        return (int) ($this->options[$option] ?? $default);
    }

    /** A measure above zero and no longer than what is there. */
    public function within(string $measure, Length $there): Length
    {
        $length = $this->length($measure);
        if ($length->isZero()) {
            throw $this->nothingLeft($measure);
        }

        return $length->isLongerThan($there) ? throw CannotResolve::tooLarge($this->part, $measure, $length, $there, $this->unit) : $length;
    }

    /** What is left of a side without the named measures. */
    public function left(Length $side, string ...$measures): Length
    {
        foreach ($measures as $measure) {
            try {
                $side = $side->minus($this->length($measure));
            } catch (BadMeasure) {
                throw $this->nothingLeft($measure);
            }
        }

        return $side->isZero() ? throw $this->nothingLeft($measures[0] ?? 'size') : $side;
    }

    /** A size placed in the rectangle it is measured from, by its anchor and its distances across and down. */
    public function set(Size $size): Rect
    {
        $at = fn (Length $side, Length $own, string $offset, Edge $near, Edge $far): int => match (true) {
            $this->anchor()->touches($near) => $this->length($offset)->units,
            $this->anchor()->touches($far) => $side->units - $own->units - $this->length($offset)->units,
            default => intdiv($side->units - $own->units, 2) + $this->length($offset)->units,
        };
        $x = $this->of->x->units + $at($this->of->size->width, $size->width, 'across', Edge::Left, Edge::Right);
        $y = $this->of->y->units + $at($this->of->size->height, $size->height, 'down', Edge::Top, Edge::Bottom);

        return Rect::at($this->at($x, 'across'), $this->at($y, 'down'), $size);
    }

    /** A place on the front. */
    public function at(int $units, string $measure): Length
    {
        return $units < 0 ? throw CannotResolve::overTheEdge($this->part, $measure) : Length::ofUnits($units);
    }

    public function nothingLeft(string $measure): CannotResolve
    {
        return CannotResolve::nothingLeft($this->part, $measure, $this->length($measure), $this->of->size, $this->unit);
    }
}
