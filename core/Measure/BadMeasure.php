<?php

declare(strict_types=1);

namespace KeepShare\Core\Measure;

use KeepShare\Core\Refusal;

/** A length, size or place that cannot be read or cannot exist. */
final class BadMeasure extends Refusal
{
    public static function empty(): self
    {
        return new self('There is no measure here. Write one such as 4 1/4 or 108mm.');
    }

    public static function unreadable(string $text): self
    {
        return new self(sprintf('"%s" is not a measure. Write one such as 4 1/4, 4.25in or 108mm.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function unknownUnit(string $unit): self
    {
        return new self(sprintf('"%s" is not a unit Keep Share knows. Use in, mm or cm.', mb_strimwidth($unit, 0, 20, '…')));
    }

    public static function oneSide(): self
    {
        return new self('Write both sides, such as 6 x 6.');
    }

    public static function negative(string $text): self
    {
        return new self(sprintf('"%s" is less than nothing. A measure starts at 0.', $text));
    }

    public static function improperMix(string $text): self
    {
        return new self(sprintf('In "%s" the fraction after the whole number is not smaller than one.', $text));
    }

    public static function divisionByZero(string $text): self
    {
        return new self(sprintf('"%s" divides by zero.', $text));
    }

    public static function betweenMarks(string $text, string $nearest): self
    {
        return new self(sprintf('"%s" falls between the marks of a ruler. The nearest is %s.', $text, $nearest));
    }

    public static function tooLong(string $text): self
    {
        return new self(sprintf('"%s" is longer than 100 metres.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function nothingLeft(string $what): self
    {
        return new self(sprintf('%s would leave less than nothing.', $what));
    }

    public static function noShare(string $text): self
    {
        return new self(sprintf('"%s" is not a share of a side. Write one such as 5/8 of it.', mb_strimwidth($text, 0, 40, '…')));
    }

    public static function noGive(string $text, int $most): self
    {
        return new self(sprintf(
            '"%s" does not say how far it gives. Write marks of the ruler, such as "gives -2 to 4": up to %d either way.',
            mb_strimwidth($text, 0, 40, '…'),
            $most,
        ));
    }

    public static function noSize(): self
    {
        return new self('A size needs a width and a height above 0.');
    }
}
