<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** Patterned paper: two printed faces, of which a glued piece shows one. */
final readonly class Paper implements SheetGood
{
    private function __construct(private Size $size, private Face $front, private Face $back, public bool $heavy)
    {
    }

    /** @param  bool  $heavy stiff enough to need no cardstock behind it */
    public static function of(Size $size, Face $front, Face $back, bool $heavy = false): self
    {
        return new self($size, $front, $back, $heavy);
    }

    public function kind(): Kind
    {
        return Kind::Paper;
    }

    public function size(): Size
    {
        return $this->size;
    }

    public function faces(): array
    {
        return [$this->front, $this->back];
    }
}
