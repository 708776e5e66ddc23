<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** Plain stock for mats, labels and, when heavy, card bases. */
final readonly class Cardstock implements SheetGood
{
    private function __construct(
        private Size $size,
        public Colour $front,
        public Colour $back,
        public Finish $finish,
        public Weight $weight,
    ) {
    }

    public static function of(Size $size, Colour $front, ?Colour $back = null, Finish $finish = Finish::Plain, Weight $weight = Weight::Medium): self
    {
        return new self($size, $front, $back ?? $front, $finish, $weight);
    }

    public function kind(): Kind
    {
        return Kind::Cardstock;
    }

    public function size(): Size
    {
        return $this->size;
    }

    public function faces(): array
    {
        $front = Face::plain('front', $this->front, $this->shines());

        return $this->front->hex === $this->back->hex ? [$front] : [$front, Face::plain('back', $this->back)];
    }

    public function shines(): bool
    {
        return $this->finish === Finish::Mirror || $this->finish === Finish::Glitter;
    }

    /** Stiff and plain enough to be folded into a card. */
    public function makesBases(): bool
    {
        return $this->weight === Weight::Heavy && $this->finish === Finish::Plain;
    }

    /** Takes ink, so that a stamped label can be cut from it. */
    public function takesInk(): bool
    {
        return $this->finish === Finish::Plain || $this->finish === Finish::Watercolour;
    }

    /** Lies flat and hides what is under it, as a mat must. */
    public function makesMats(): bool
    {
        return $this->finish !== Finish::Vellum && $this->finish !== Finish::Acetate;
    }
}
