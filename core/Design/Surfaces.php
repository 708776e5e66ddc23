<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Kit\Surface;

/** A surface for each part of a sketch. */
final readonly class Surfaces
{
    /**
     * @param  array<string, Surface|null>  $surfaces  by part; null where nothing is there and the need for it is lifted
     * @param  Surface|null  $main  that of the largest paper
     */
    private function __construct(public array $surfaces, public ?Surface $main, public int $goodness)
    {
    }

    public static function nothing(): self
    {
        return new self([], null, 0);
    }

    public function with(string $part, ?Surface $surface, int $goodness): self
    {
        return new self([...$this->surfaces, $part => $surface], $this->main ?? $surface, $this->goodness + $goodness);
    }

    public function shows(Surface $surface): bool
    {
        foreach ($this->surfaces as $used) {
            if ($used !== null && $used->key === $surface->key) {
                return true;
            }
        }

        return false;
    }
}
