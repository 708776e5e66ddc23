<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** A measure of a sketch: a length in either system, or a share of a side. */
final readonly class Dim
{
    private function __construct(private ?Length $inch, private ?Length $metric, private int $over, private int $under)
    {
    }

    /** The same measure as a maker with an inch ruler and one with a metric ruler would choose it. */
    public static function fixed(Length $inch, Length $metric): self
    {
        return new self($inch, $metric, 0, 1);
    }

    public static function share(int $over, int $under): self
    {
        return new self(null, null, $over, $under);
    }

    /** The usual reveal: 1/8 in, or 3 mm. */
    public static function reveal(): self
    {
        return self::fixed(Length::inches(0, 1, 8), Length::millimetres(3));
    }

    /** A share is rounded down to twice the finest mark, so that its half is on the ruler too. */
    public function of(Length $side, Unit $unit): Length
    {
        $fixed = $unit === Unit::Inch ? $this->inch : $this->metric;

        return $fixed ?? $side->share($this->over, $this->under, $unit->mark()->times(2));
    }
}
