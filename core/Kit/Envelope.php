<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** An envelope; $size is its outside. */
final readonly class Envelope implements Good
{
    private function __construct(public Size $size, public Colour $colour, public ?Liner $liner)
    {
    }

    public static function of(Size $size, Colour $colour, ?Liner $liner = null): self
    {
        return new self($size, $colour, $liner);
    }

    public function kind(): Kind
    {
        return Kind::Envelope;
    }

    /** The card goes in and does not rattle: up to an inch of room each way. */
    public function takes(Size $front): bool
    {
        $inch = Length::inches(1);
        $roomiest = Size::of($front->width->plus($inch), $front->height->plus($inch));

        return $front->fitsIn($this->size, true) && $this->size->fitsIn($roomiest, true);
    }
}
