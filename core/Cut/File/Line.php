<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** One object of a cut order, read field by field. Every fault is kept with its place. */
final class Line
{
    /** In inches: as long as a roll. Areas of the largest order are still whole numbers. */
    private const LONGEST = 300;

    /** @var list<string> */
    private array $faults = [];

    /** @var list<self> */
    private array $inner = [];

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private readonly array $values, private readonly string $place, private readonly Unit $unit)
    {
    }

    /** @param  list<string>  $known  the fields there may be */
    public static function of(mixed $values, string $place, Unit $unit, array $known): self
    {
        if (! is_array($values)) {
            $line = new self([], $place, $unit);
            $line->faults[] = "$place: expected an object in { }.";

            return $line;
        }
        $line = new self($values, $place, $unit);
        foreach (array_diff(array_map(strval(...), array_keys($values)), $known) as $unknown) {
            $line->faults[] = "$place.$unknown: is not a field here.";
        }

        return $line;
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function text(string $key): string
    {
        $text = $this->values[$key] ?? null;
        if (! is_string($text) || $text === '' || mb_strlen($text) > 120) {
            $this->fault($key, 'expected a text of up to 120 characters.');

            return '';
        }

        return $text;
    }

    public function number(string $key, int $least, int $most, ?int $default = null): int
    {
        $number = $this->values[$key] ?? $default;
        if (! is_int($number) || $number < $least || $number > $most) {
            $this->fault($key, "expected a whole number from $least to $most.");

            return $least;
        }

        return $number;
    }

    /** @param  bool|null  $default null where it must be said */
    public function flag(string $key, ?bool $default): bool
    {
        $flag = $this->values[$key] ?? $default;
        if (! is_bool($flag)) {
            $this->fault($key, 'expected true or false.');

            return false;
        }

        return $flag;
    }

    public function size(): Size
    {
        return Size::of($this->side('width'), $this->side('height'));
    }

    private function side(string $key): Length
    {
        $side = $this->length($key);
        $longest = Length::inches(self::LONGEST);
        if ($side->isLongerThan($longest)) {
            $this->fault($key, sprintf('%s is longer than %s.', $side->label($this->unit), $longest->label($this->unit)));

            return Length::ofUnits(1);
        }

        return $side;
    }

    /** @return list<string> */
    public function faults(): array
    {
        return array_merge($this->faults, ...array_map(static fn (self $line): array => $line->faults(), $this->inner));
    }

    /**
     * The list of objects within this one. It may be empty.
     *
     * @param  list<string>  $known  the fields there may be
     * @return list<self> whose faults are this line's too
     */
    public function lines(string $key, int $most, array $known): array
    {
        $rows = $this->values[$key] ?? [];
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > $most) {
            $this->fault($key, "expected a list of up to $most.");

            return [];
        }
        $lines = array_map(
            fn (mixed $row, int $n): self => self::of($row, "$this->place.{$key}[$n]", $this->unit, $known),
            $rows,
            array_keys($rows),
        );
        array_push($this->inner, ...$lines);

        return $lines;
    }

    /**
     * A length above zero. It is 1 unit if it is wrong, so that reading goes on to the next fault.
     *
     * @param  Length|null  $default null where it must be said; otherwise it may be 0
     */
    public function length(string $key, ?Length $default = null): Length
    {
        $value = $this->values[$key] ?? null;
        if ($value === null && $default !== null) {
            return $default;
        }
        $text = is_string($value) || is_int($value)
                ? (string) $value
                : (is_float($value)
                    ? rtrim(rtrim(sprintf('%.6F', $value), '0'), '.')
                    : null);
        try {
            $length = $text === null ? throw BadMeasure::empty() : Length::parse($text, $this->unit);
            if (! $length->isZero() || $default !== null) {
                return $length;
            }
            $this->fault($key, 'is 0: a size needs a width and a height above 0.');
        } catch (BadMeasure $wrong) {
            $this->fault($key, $wrong->getMessage());
        }

        return Length::ofUnits(1);
    }

    private function fault(string $key, string $reason): void
    {
        $this->faults[] = "$this->place.$key: $reason";
    }
}
