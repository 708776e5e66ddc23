<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** A measure of a sketch: a length in either system, or a share of a side. */
final readonly class Dim
{
    /** The words before how far it gives. */
    private const GIVES = ', gives';

    /** @param  Tolerance|null  $give  null where it is as it is drawn, always */
    private function __construct(
        private ?Length $inch,
        private ?Length $metric,
        private int $over,
        private int $under,
        public ?Tolerance $give = null,
    ) {
    }

    /** One measure as makers with an inch ruler and with a metric ruler would choose it. */
    public static function fixed(Length $inch, Length $metric): self
    {
        return new self($inch, $metric, 0, 1);
    }

    /** One length for both rulers. */
    public static function exactly(Length $length): self
    {
        return self::fixed($length, $length);
    }

    public static function none(): self
    {
        return self::exactly(Length::zero());
    }

    public static function share(int $over, int $under): self
    {
        return new self(null, null, $over, $under);
    }

    /** The same measure, which may be changed by whole marks of the ruler. The leanest change comes first. */
    public function giving(int $leanest, int $fullest): self
    {
        return $this->withGive(Tolerance::between($leanest, $fullest));
    }

    /** Changed towards its leanest by some marks of the ruler, as far as it gives. */
    public function leanerBy(int $marks): self
    {
        return $this->withGive($this->give?->leanerBy($marks));
    }

    /** Another length in its place, which gives and is changed in the same way. */
    public function at(Length $length): self
    {
        return self::exactly($length)->withGive($this->give);
    }

    private function withGive(?Tolerance $give): self
    {
        return new self($this->inch, $this->metric, $this->over, $this->under, $give);
    }

    /** The usual reveal: 1/8 in, or 3 mm. */
    public static function reveal(): self
    {
        return self::fixed(Length::inches(0, 1, 8), Length::millimetres(3));
    }

    /**
     * Reads "1/8", "3 mm", "1/8 in; 3 mm" (one for each ruler), "5/8 of it" or "60 %". A number without a unit is in
     * $unit. "1, gives -2 to 4" may be up to two marks of the ruler shorter where paper is short, or four longer.
     *
     * @throws BadMeasure saying what is wrong with the text
     */
    public static function parse(string $text, Unit $unit): self
    {
        $parts = explode(self::GIVES, $text, 2);
        if (count($parts) === 2) {
            return self::parse($parts[0], $unit)->withGive(Tolerance::parse($parts[1]));
        }
        if (preg_match('/^\s*(\d{1,3})\s*\/\s*(\d{1,3})\s+of\b.*$/u', $text, $found) === 1) {
            return self::readShare((int) $found[1], (int) $found[2], $text);
        }
        if (preg_match('/^\s*(\d{1,3})\s*%\s*$/u', $text, $found) === 1) {
            return self::readShare((int) $found[1], 100, $text);
        }
        $each = explode(';', $text, 2);
        if (count($each) === 1) {
            return self::exactly(Length::parse($text, $unit));
        }

        return self::fixed(Length::parse($each[0], Unit::Inch), Length::parse($each[1], Unit::Millimetre));
    }

    /** A text that parse() reads as the same measure in any unit. */
    public function write(): string
    {
        return $this->drawn().($this->give === null ? '' : self::GIVES.' '.$this->give->write());
    }

    private function drawn(): string
    {
        if ($this->inch === null || $this->metric === null) {
            return "$this->over/$this->under of it";
        }

        return $this->inch->equals($this->metric)
            ? self::withUnit($this->inch)
            : self::withUnit($this->inch).'; '.$this->metric->exact(Unit::Millimetre).' mm';
    }

    /** The measure by one ruler: "1/8 in", or "2/5" and what it is a share of. */
    public function says(Unit $unit, string $ofIt = ''): string
    {
        $fixed = $unit === Unit::Inch ? $this->inch : $this->metric;
        $share = $this->over === 0 ? '0' : "$this->over/$this->under$ofIt";

        return $fixed?->label($unit) ?? $share;
    }

    /** A share is rounded down to twice the finest mark, so that its half is on the ruler too. */
    public function of(Length $side, Unit $unit): Length
    {
        $fixed = $unit === Unit::Inch ? $this->inch : $this->metric;
        $drawn = $fixed ?? $side->share($this->over, $this->under, $unit->mark()->times(2));

        return $this->give === null ? $drawn : Length::ofUnits(max(0, $drawn->units + $this->give->by * $unit->step()->units));
    }

    private static function readShare(int $over, int $under, string $text): self
    {
        return $under === 0 || $over > $under ? throw BadMeasure::noShare(trim($text)) : self::share($over, $under);
    }

    private static function withUnit(Length $length): string
    {
        $inches = $length->exact(Unit::Inch);

        return str_ends_with($inches, 'mm') ? $inches : "$inches in";
    }
}
