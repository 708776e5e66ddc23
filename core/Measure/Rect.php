<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** A place and a size on a sheet or a front. The origin is the top left corner. */
final readonly class Rect
{
    private function __construct(public Length $x, public Length $y, public Size $size)
    {
    }

    public static function at(Length $x, Length $y, Size $size): self
    {
        return new self($x, $y, $size);
    }

    public static function whole(Size $size): self
    {
        return new self(Length::zero(), Length::zero(), $size);
    }

    /** @throws BadMeasure */
    public static function ofUnits(int $x, int $y, int $width, int $height): self
    {
        return new self(Length::ofUnits($x), Length::ofUnits($y), Size::ofUnits($width, $height));
    }

    public function right(): Length
    {
        return $this->x->plus($this->size->width);
    }

    public function bottom(): Length
    {
        return $this->y->plus($this->size->height);
    }

    /**
     * Smaller by $by on every side, as the next layer is.
     *
     * @throws BadMeasure when nothing would be left
     */
    public function inset(Length $by): self
    {
        $twice = $by->times(2);

        return new self(
            $this->x->plus($by),
            $this->y->plus($by),
            Size::of($this->size->width->minus($twice), $this->size->height->minus($twice)),
        );
    }

    /**
     * A size in the middle of this rectangle. If it cannot be halved exactly, it is one unit to the left and up.
     *
     * @throws BadMeasure when it is larger than the rectangle
     */
    public function centred(Size $size): self
    {
        $x = intdiv($this->size->width->minus($size->width)->units, 2);
        $y = intdiv($this->size->height->minus($size->height)->units, 2);

        return new self(Length::ofUnits($this->x->units + $x), Length::ofUnits($this->y->units + $y), $size);
    }

    public function contains(self $other): bool
    {
        return $this->x->units <= $other->x->units
            && $this->y->units <= $other->y->units
            && $other->right()->units <= $this->right()->units
            && $other->bottom()->units <= $this->bottom()->units;
    }

    public function overlaps(self $other): bool
    {
        return $this->x->units < $other->right()->units
            && $other->x->units < $this->right()->units
            && $this->y->units < $other->bottom()->units
            && $other->y->units < $this->bottom()->units;
    }
}
