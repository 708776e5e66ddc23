<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** Plain data that is read whole. Every fault is noted with its place, so that all can be shown at once. */
final class Written
{
    /** @var array<string, string> */
    private array $faults = [];

    private function __construct(private readonly Unit $unit)
    {
    }

    /** Measures without a unit are in $unit. */
    public static function in(Unit $unit): self
    {
        return new self($unit);
    }

    public static function plain(mixed $value): string
    {
        return is_string($value) || is_int($value) ? (string) $value : '';
    }

    public function fault(string $at, string $says): void
    {
        $this->faults[$at] = $says;
    }

    /** @return array<string, string> */
    public function faults(): array
    {
        return $this->faults;
    }

    /** From one to $most characters. */
    public function text(mixed $value, string $at, int $most, string $fault): string
    {
        $text = trim(self::plain($value));
        if ($text === '' || mb_strlen($text) > $most) {
            $this->fault($at, $fault);
        }

        return $text;
    }

    /** @param  list<string>  $values */
    public function oneOf(mixed $value, array $values, string $at): string
    {
        $text = self::plain($value);
        if (! in_array($text, $values, true)) {
            $this->fault($at, 'One of '.implode(', ', $values).'.');
        }

        return $text;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $names
     * @return array<string, Dim>
     */
    public function measures(array $data, array $names, string $at): array
    {
        $texts = is_array($data['measures'] ?? null) ? $data['measures'] : [];
        $measures = [];
        foreach ($names as $name) {
            try {
                $text = self::plain($texts[$name] ?? '');
                $measures[$name] = $text === '' ? Dim::none() : Dim::parse($text, $this->unit);
            } catch (BadMeasure $wrong) {
                $this->fault("$at.$name", $wrong->getMessage());
            }
        }

        return $measures;
    }

    /** A length that may be below zero, in units of 1/8 micrometre. Zero if none is written. */
    public function signed(mixed $value, string $at): int
    {
        $text = trim(self::plain($value));
        if ($text === '' || $text === '0') {
            return 0;
        }
        try {
            $length = Length::parse(ltrim($text, '-'), $this->unit)->units;

            return str_starts_with($text, '-') ? -$length : $length;
        } catch (BadMeasure $wrong) {
            $this->fault($at, $wrong->getMessage());

            return 0;
        }
    }
}
