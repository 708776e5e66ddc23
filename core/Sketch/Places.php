<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** Where every part lies. Each is placed when it is first asked for, so a part may be measured from any other. */
final class Places
{
    /** @var array<string, Rect> */
    private array $placed;

    /** @var array<string, true> those being placed now */
    private array $open = [];

    /** @param  array<string, Part>  $parts  by id */
    private function __construct(
        private readonly array $parts,
        private readonly Rect $front,
        private readonly Unit $unit,
        private readonly ?Length $frame,
    ) {
        $this->placed = ['front' => $front];
    }

    /**
     * @param  list<Part>  $parts
     * @param  Length|null  $frame  how much of the front shows round what lies on it; null as the sketch has it
     */
    public static function on(Size $front, array $parts, Unit $unit, ?Length $frame): self
    {
        return new self(array_column($parts, null, 'id'), Rect::whole($front), $unit, $frame);
    }

    /** @throws CannotResolve when it is not there, hangs over the front, or is measured from itself */
    public function of(string $id, Part $asker): Rect
    {
        if (isset($this->placed[$id])) {
            return $this->placed[$id];
        }
        $part = $this->parts[$id] ?? throw CannotResolve::unknownPart($asker, $id);
        if (isset($this->open[$id])) {
            throw CannotResolve::fromItself($asker);
        }
        $this->open[$id] = true;
        $rect = $this->place($part);
        unset($this->open[$id]);

        return $this->placed[$id] = $rect;
    }

    /** @throws CannotResolve */
    public function place(Part $part): Rect
    {
        $relation = $this->relationOf($part);
        $rect = $relation->place($part, $this, $this->unit);
        if (! $this->front->contains($rect)) {
            throw CannotResolve::overTheEdge($part, array_key_first($relation->measures) ?? 'size');
        }

        return $rect;
    }

    /** @return array<string, Rect> of all that have been placed */
    public function all(): array
    {
        return $this->placed;
    }

    /** As it is on this front: framed, or covered to the edge. */
    public function relationOf(Part $part): Relation
    {
        return $this->frame === null ? $part->relation : $part->relation->framed($this->frame);
    }
}
