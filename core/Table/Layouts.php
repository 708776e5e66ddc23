<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/** Sketches laid on fronts, each once: card after card asks for the same ones. */
final class Layouts
{
    /** @var array<string, Layout|null> */
    private array $laid = [];

    private function __construct(private readonly Unit $unit, private readonly ?Length $frame)
    {
    }

    /** @param  Length|null  $frame  how much of the base shows round a front; null as the sketches have it */
    public static function with(Unit $unit, ?Length $frame): self
    {
        return new self($unit, $frame);
    }

    /** Null where the sketch does not fit the front. */
    public function of(Sketch $sketch, Size $front): ?Layout
    {
        $key = $sketch->way($front);
        if (! array_key_exists($key, $this->laid)) {
            try {
                $this->laid[$key] = $sketch->resolve($front, $this->unit, $this->frame);
            } catch (CannotResolve) {
                $this->laid[$key] = null;
            }
        }

        return $this->laid[$key];
    }
}
