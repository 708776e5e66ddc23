<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A panel in the middle of another part. */
final readonly class Middle implements Relation
{
    private function __construct(private string $of, private Dim $width, private Dim $height)
    {
    }

    public static function inside(string $of, Dim $width, Dim $height): self
    {
        return new self($of, $width, $height);
    }

    public function of(): string
    {
        return $this->of;
    }

    public function place(Rect $of, Unit $unit, string $part): Rect
    {
        $width = $this->width->of($of->size->width, $unit);
        $height = $this->height->of($of->size->height, $unit);
        if ($width->isZero() || $height->isZero()) {
            throw CannotResolve::nothingLeft($part);
        }
        if ($width->isLongerThan($of->size->width)) {
            throw CannotResolve::tooLarge($part, $width, $of->size->width, $unit);
        }
        if ($height->isLongerThan($of->size->height)) {
            throw CannotResolve::tooLarge($part, $height, $of->size->height, $unit);
        }

        return $of->centred(Size::of($width, $height));
    }
}
