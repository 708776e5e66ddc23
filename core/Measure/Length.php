<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/**
 * A length of zero or more, held as a whole number of 1/8 micrometre.
 *
 * One inch is 203 200 of them and one millimetre 8 000. So every 1/64 in and every micrometre is exact, and the two
 * systems mix without rounding.
 */
final readonly class Length
{
    private function __construct(public int $units)
    {
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** @throws BadMeasure when $units is below 0 */
    public static function ofUnits(int $units): self
    {
        if ($units < 0) {
            throw BadMeasure::nothingLeft('This measure');
        }

        return new self($units);
    }

    /**
     * Whole inches and a fraction, as in inches(4, 1, 4).
     *
     * @throws BadMeasure when the fraction is finer than the core can hold
     */
    public static function inches(int $whole, int $over = 0, int $under = 1): self
    {
        $part = Unit::Inch->units() * $over;
        if ($part % $under !== 0) {
            throw BadMeasure::betweenMarks("$over/$under", '1/64');
        }

        return self::ofUnits($whole * Unit::Inch->units() + intdiv($part, $under));
    }

    public static function millimetres(int $millimetres): self
    {
        return self::ofUnits($millimetres * Unit::Millimetre->units());
    }

    /**
     * Reads what a maker types. A number without a unit is in $unit.
     *
     * @throws BadMeasure saying what is wrong with the text
     */
    public static function parse(string $text, Unit $unit): self
    {
        return LengthReader::read($text, $unit);
    }

    public function plus(self $other): self
    {
        return new self($this->units + $other->units);
    }

    /** @throws BadMeasure when $other is longer */
    public function minus(self $other): self
    {
        if ($other->units > $this->units) {
            throw BadMeasure::nothingLeft('Taking the one measure from the other');
        }

        return new self($this->units - $other->units);
    }

    public function times(int $factor): self
    {
        return self::ofUnits($this->units * $factor);
    }

    /**
     * The share $over/$under of this length, rounded down to a multiple of $mark, so that a trimmer can be set to it.
     */
    public function share(int $over, int $under, self $mark): self
    {
        return new self(intdiv(intdiv($this->units * $over, $under), $mark->units) * $mark->units);
    }

    public function isZero(): bool
    {
        return $this->units === 0;
    }

    public function equals(self $other): bool
    {
        return $this->units === $other->units;
    }

    public function isLongerThan(self $other): bool
    {
        return $this->units > $other->units;
    }

    /** The figure without its unit: "4 1/4", "107.5", or "≈ 4 1/8" if the ruler has no such mark. */
    public function format(Unit $unit): string
    {
        return LengthWriter::figure($this, $unit);
    }

    /** The figure with its unit: "4 1/4 in". */
    public function label(Unit $unit): string
    {
        return $this->format($unit).' '.$unit->value;
    }

    /** To the nearest mark that the eye tells apart, with its unit: "1/16 in", "0.5 mm". */
    public function about(Unit $unit): string
    {
        return LengthWriter::about($this, $unit).' '.$unit->value;
    }

    /** A text for files, which reads back in $unit as exactly this length. */
    public function exact(Unit $unit): string
    {
        return LengthWriter::exact($this, $unit);
    }
}
