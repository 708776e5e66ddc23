<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/** Sketches worked out for fronts, each once, since card after card asks for the same ones. */
final class Layouts
{
    /** @var array<string, Layout|null> */
    private array $laid = [];

    private function __construct(
        private readonly Unit $unit,
        private readonly ?Length $frame,
        private readonly ?FoldKind $fold = null,
    ) {
    }

    /** @param  Length|null  $frame  how much of the base shows round a front; null as the sketches have it */
    public static function with(Unit $unit, ?Length $frame): self
    {
        return new self($unit, $frame);
    }

    /** The same for cards with a fold: sketches use the part of the front that the fold leaves. */
    public function onFold(FoldKind $fold): self
    {
        return new self($this->unit, $this->frame, $fold);
    }

    public function unfolded(): self
    {
        return $this->fold === null ? $this : self::with($this->unit, $this->frame);
    }

    /** Null where the sketch does not fit. */
    public function of(Sketch $sketch, Size $front): ?Layout
    {
        $key = $sketch->way($front);
        if (! array_key_exists($key, $this->laid)) {
            try {
                $face = $this->fold?->construct($front, $this->unit)->face ?? $front;
                $this->laid[$key] = $sketch->resolve($face, $this->unit, $this->frame);
            } catch (CannotFold|CannotResolve) {
                $this->laid[$key] = null;
            }
        }

        return $this->laid[$key];
    }
}
