<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

/** A width and a height, both above zero. */
final readonly class Size
{
    private function __construct(public Length $width, public Length $height)
    {
    }

    /** @throws BadMeasure when a side is 0 */
    public static function of(Length $width, Length $height): self
    {
        if ($width->isZero() || $height->isZero()) {
            throw BadMeasure::noSize();
        }

        return new self($width, $height);
    }

    /** @throws BadMeasure when a side is below 1 */
    public static function ofUnits(int $width, int $height): self
    {
        return self::of(Length::ofUnits($width), Length::ofUnits($height));
    }

    /** @throws BadMeasure when a side cannot be read */
    public static function parse(string $width, string $height, Unit $unit): self
    {
        return self::of(Length::parse($width, $unit), Length::parse($height, $unit));
    }

    /**
     * Both sides in one text, such as "6 x 6", "4 1/4 by 5 1/2" or "15 x 15 cm".
     *
     * @throws BadMeasure
     */
    public static function said(string $text, Unit $unit): self
    {
        $sides = preg_split('/\s*[x×]\s*|\s+by\s+/ui', trim($text)) ?: [];
        if (count($sides) !== 2) {
            throw BadMeasure::oneSide();
        }
        // A unit that is written once is meant for both.
        $isBare = preg_match('/\d$/', $sides[0]) === 1;
        $said = $isBare && preg_match('/\d\s*(\D+)$/u', $sides[1], $found) === 1 ? $found[1] : '';

        return self::parse($sides[0].$said, $sides[1], $unit);
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    public function equals(self $other): bool
    {
        return $this->width->equals($other->width) && $this->height->equals($other->height);
    }

    /** The same size, lying the other way. */
    public function matches(self $other): bool
    {
        return $this->equals($other) || $this->equals($other->turned());
    }

    /** Whether it is wider than it is high. */
    public function isLying(): bool
    {
        return $this->width->isLongerThan($this->height);
    }

    public function fitsIn(self $other, bool $mayTurn = false): bool
    {
        $asItLies = ! $this->width->isLongerThan($other->width) && ! $this->height->isLongerThan($other->height);

        return $asItLies || ($mayTurn && $this->turned()->fitsIn($other));
    }

    /** Larger by $by on every side, as a mat is under its panel. */
    public function grown(Length $by): self
    {
        return new self($this->width->plus($by->times(2)), $this->height->plus($by->times(2)));
    }

    public function shorter(): Length
    {
        return $this->isLying() ? $this->height : $this->width;
    }

    public function longer(): Length
    {
        return $this->isLying() ? $this->width : $this->height;
    }

    /** Exact, in square units of 1/8 micrometre. Products of two of these overflow. Use area() for those. */
    public function exactArea(): int
    {
        return $this->width->units * $this->height->units;
    }

    /** Whole square millimetres, rounded down. Exact areas would overflow when multiplied. */
    public function area(): int
    {
        return intdiv($this->exactArea(), 64_000_000);
    }

    /** "4 1/4 × 5 1/2", without the unit. */
    public function format(Unit $unit): string
    {
        return $this->width->format($unit).' × '.$this->height->format($unit);
    }

    public function label(Unit $unit): string
    {
        return $this->format($unit).' '.$unit->value;
    }

    /** Rounded as the eye sees it, for what is laid and not cut: "1/4 × 1/4 in". */
    public function about(Unit $unit): string
    {
        return LengthWriter::about($this->width, $unit).' × '.LengthWriter::about($this->height, $unit).' '.$unit->value;
    }
}
