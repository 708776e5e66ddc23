<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;

/** How a part is measured from another: a rule, the other part, and the measures and options of the rule. */
final readonly class Relation
{
    /**
     * @param  array<string, Dim>  $measures
     * @param  array<string, string>  $options
     */
    private function __construct(public RelationKind $kind, public string $of, public array $measures, public array $options)
    {
    }

    /**
     * @param  string  $of  the id of the part it is measured from, or "front"
     * @param  array<string, Dim>  $measures  those of the rule, by name
     * @param  array<string, string>  $options  an edge, an anchor, another part, a place in a row: what the rule asks for
     */
    public static function by(RelationKind $kind, string $of, array $measures, array $options = []): self
    {
        return new self($kind, $of, $measures, $options);
    }

    public function with(string $measure, Dim $dim): self
    {
        return new self($this->kind, $this->of, [...$this->measures, $measure => $dim], $this->options);
    }

    /**
     * With each measure that gives changed towards its leanest by some marks of the ruler.
     *
     * @param  string|null  $range  only those that give just so: "-2 to 4"
     */
    public function leanerBy(int $marks, ?string $range = null): self
    {
        $measures = array_map(
            static fn (Dim $dim): Dim => $range === null || $dim->give?->range() === $range ? $dim->leanerBy($marks) : $dim,
            $this->measures,
        );

        return new self($this->kind, $this->of, $measures, $this->options);
    }

    /** The same relation on a front with this frame: what lies directly on the front has the frame as its reveal. */
    public function framed(Length $frame): self
    {
        return $this->isFrame() ? $this->with('reveal', ($this->measures['reveal'] ?? Dim::none())->at($frame)) : $this;
    }

    public function isFrame(): bool
    {
        return $this->kind === RelationKind::Inset && $this->of === 'front';
    }

    /** @return array<string, Length> its measures on a part of this size, by name */
    public function lengths(Rect $of, Unit $unit): array
    {
        $lengths = [];
        foreach ($this->kind->rule()->measures($this->options) as $name => $along) {
            $lengths[$name] = ($this->measures[$name] ?? Dim::none())->of($along->side($of), $unit);
        }

        return $lengths;
    }

    /** @throws CannotResolve naming the part and the measure */
    public function place(Part $part, Places $places, Unit $unit): Rect
    {
        $of = $places->of($this->of, $part);
        $and = isset($this->options['and']) ? $places->of($this->options['and'], $part) : null;

        return $this->kind->rule()->place(Placing::of($part, $of, $and, $this->lengths($of, $unit), $this->options, $unit));
    }
}
