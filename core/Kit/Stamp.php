<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A stamp: an endless supply of one sentiment, or of one picture where it has no words. $size is that of the print. */
final readonly class Stamp implements Good
{
    private function __construct(public Size $size, public ?Words $words)
    {
    }

    public static function of(Size $size, ?Words $words = null): self
    {
        return new self($size, $words);
    }

    /** The label it is stamped on: 1/8 in, or 3 mm, round the print. */
    public function label(Unit $unit): Size
    {
        return $this->size->grown($unit === Unit::Inch ? Length::inches(0, 1, 8) : Length::millimetres(3));
    }

    public function kind(): Kind
    {
        return Kind::Stamp;
    }
}
