<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** The print of a die cut or sticker: its full size, its role, its outline and colours, and its words if it has any. */
final readonly class Printed
{
    /**
     * @param  non-empty-list<Colour>  $colours  the largest first
     * @param  CutLine|null  $outline  its own, where that is known and not only what it shows
     */
    private function __construct(
        public Size $size,
        public Serves $serves,
        public Shape $shape,
        public array $colours,
        public ?Words $words,
        public ?CutLine $outline,
    ) {
    }

    /** @param  non-empty-list<Colour>  $colours */
    public static function of(Size $size, Serves $serves, Shape $shape, array $colours, ?Words $words = null): self
    {
        return new self($size, $serves, $shape, $colours, $words, null);
    }

    /**
     * As seen on a photograph: its own outline, size and colours.
     *
     * @param  non-empty-list<Colour>  $colours
     */
    public function photographed(Size $size, array $colours, CutLine $outline): self
    {
        return new self($size, $this->serves, $this->shape, $colours, $this->words, $outline);
    }

    public function cutAlong(CutLine $outline): self
    {
        return $this->photographed($this->size, $this->colours, $outline);
    }

    /** Whether it is a tag or a blank label as large as the front of a card: at least 2 × 3 1/2 in. */
    public function isFront(): bool
    {
        return ($this->serves === Serves::Tag || $this->serves === Serves::Label)
            && ! Length::inches(2)->isLongerThan($this->size->shorter())
            && ! Length::inches(3, 1, 2)->isLongerThan($this->size->longer());
    }

    /** Whether dark ink shows on it. */
    public function showsInk(): bool
    {
        return $this->colours[0]->isLight();
    }
}
