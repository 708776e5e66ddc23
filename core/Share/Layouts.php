<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/** Sketches laid on fronts, each once: card after card asks for the same ones. */
final class Layouts
{
    /** @var array<string, Layout|null> */
    private array $laid = [];

    private function __construct(private readonly Table $table)
    {
    }

    public static function on(Table $table): self
    {
        return new self($table);
    }

    /** Null where the sketch does not fit the front. */
    public function of(Sketch $sketch, Size $front): ?Layout
    {
        $key = "$sketch->key/{$front->width->units}x{$front->height->units}";
        if (! array_key_exists($key, $this->laid)) {
            try {
                $this->laid[$key] = $sketch->resolve($front, $this->table->unit, $this->table->frame);
            } catch (CannotResolve) {
                $this->laid[$key] = null;
            }
        }

        return $this->laid[$key];
    }
}
