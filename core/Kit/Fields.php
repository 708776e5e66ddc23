<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use BackedEnum;
use KeepShare\Core\Colour\BadColour;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * One object of a kit file, read field by field. Every refusal names the place.
 *
 * In a file lengths are texts or numbers in the file's unit. In a record ($unit null) they are whole units of 1/8
 * micrometre.
 */
final class Fields
{
    private const LONGEST_TEXT = 200;

    /** @var array<string, true> */
    private array $read = [];

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private readonly array $values, private readonly string $place, private readonly ?Unit $unit)
    {
    }

    /** @throws BadKit unless $value is an object */
    public static function of(mixed $value, string $place, ?Unit $unit): self
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw BadKit::at($place, 'expected an object in { }.');
        }

        return new self($value, $place, $unit);
    }

    public function place(string $key): string
    {
        return $this->place === '' ? $key : "$this->place.$key";
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    /** @throws BadKit when the field is not there */
    public function value(string $key): mixed
    {
        $this->read[$key] = true;
        if (! $this->has($key)) {
            throw BadKit::at($this->place($key), 'is missing.');
        }

        return $this->values[$key];
    }

    /** @throws BadKit */
    public function text(string $key, ?string $default = null, int $longest = self::LONGEST_TEXT): string
    {
        $value = $this->orDefault($key, $default);
        if (! is_string($value) || trim($value) === '' && $default !== '') {
            throw BadKit::at($this->place($key), 'expected a text.');
        }
        if (self::isUnseen($value)) {
            throw BadKit::at($this->place($key), 'has characters that cannot be seen.');
        }
        if (mb_strlen($value) > $longest) {
            throw BadKit::at($this->place($key), sprintf('is longer than %d characters.', $longest));
        }

        return trim($value);
    }

    /** Whether a UTF-8 text has control characters or only invisible ones. */
    public static function isUnseen(string $text): bool
    {
        $hasControls = preg_match('/[^\P{Cc}\n\r\t]/u', $text) === 1;

        return $hasControls || (trim($text) !== '' && preg_match('/[^\p{C}\p{Z}]/u', $text) === 0);
    }

    /** @throws BadKit unless it is a day of the calendar, YYYY-MM-DD */
    public function day(string $key): string
    {
        $day = $this->text($key);
        $isDay = preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $found) === 1
            && checkdate((int) $found[2], (int) $found[3], (int) $found[1]);

        return $isDay ? $day : throw BadKit::at($this->place($key), 'expected a day such as 2026-11-24.');
    }

    /** @throws BadKit */
    public function flag(string $key): bool
    {
        $value = $this->orDefault($key, false);

        return is_bool($value) ? $value : throw BadKit::at($this->place($key), 'expected true or false.');
    }

    /** @throws BadKit unless it is a whole number from 0 to $most */
    public function count(string $key, int $most, ?int $default = null): int
    {
        $value = $this->orDefault($key, $default);
        if (! is_int($value)) {
            throw BadKit::at($this->place($key), sprintf('expected a whole number from 0 to %d.', $most));
        }
        if ($value < 0) {
            throw BadKit::at($this->place($key), sprintf('%d is less than none. A count starts at 0.', $value));
        }
        if ($value > $most) {
            throw BadKit::at($this->place($key), sprintf('%d is more than Keep Share holds of one thing (%d).', $value, $most));
        }

        return $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default
     * @return T
     *
     * @throws BadKit
     */
    public function choice(string $key, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        return self::toChoice($this->orDefault($key, $default?->value), $this->place($key), $enum);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     *
     * @throws BadKit
     */
    public function choices(string $key, string $enum): array
    {
        $chosen = [];
        foreach ($this->items($key) as $i => $item) {
            $chosen[] = self::toChoice($item, $this->place($key)."[$i]", $enum);
        }

        return $chosen;
    }

    /** @throws BadKit where it is none that is known */
    public function occasion(string $key): Occasion
    {
        return self::toOccasion($this->value($key), $this->place($key));
    }

    /**
     * @return list<Occasion>
     *
     * @throws BadKit
     */
    public function occasions(string $key): array
    {
        $all = [];
        foreach ($this->items($key) as $i => $item) {
            $all[] = self::toOccasion($item, $this->place($key)."[$i]");
        }

        return $all;
    }

    /** @throws BadKit */
    public function colour(string $key): Colour
    {
        return self::toColour($this->value($key), $this->place($key));
    }

    /**
     * @return non-empty-list<Colour>
     *
     * @throws BadKit unless there are one to six
     */
    public function colours(string $key): array
    {
        $colours = [];
        foreach ($this->items($key) as $i => $item) {
            $colours[] = self::toColour($item, $this->place($key)."[$i]");
        }
        if ($colours === [] || count($colours) > 6) {
            throw BadKit::at($this->place($key), 'expected one to six colours.');
        }

        return $colours;
    }

    /** @throws BadKit */
    public function length(string $key): Length
    {
        $value = $this->value($key);
        try {
            if ($this->unit === null) {
                return Length::ofUnits(is_int($value) ? $value : -1);
            }
            if (! is_string($value) && ! is_int($value) && ! is_float($value)) {
                throw BadKit::at($this->place($key), 'expected a measure such as "4 1/4", 4.25 or "108mm".');
            }

            return Length::parse((string) $value, $this->unit);
        } catch (BadMeasure $wrong) {
            throw BadKit::at($this->place($key), $wrong->getMessage());
        }
    }

    /** @throws BadKit when it cannot be read, or a side is 0 or longer than $longest */
    public function size(string $key, Length $longest): Size
    {
        $sides = self::of($this->value($key), $this->place($key), $this->unit);
        $width = $sides->length('width');
        $height = $sides->length('height');
        $sides->nothingElse();
        foreach (['width' => $width, 'height' => $height] as $side => $length) {
            if ($length->isZero()) {
                throw BadKit::at($sides->place($side), 'is 0; nothing can be that small.');
            }
            if ($length->isLongerThan($longest)) {
                throw BadKit::at(
                    $sides->place($side),
                    sprintf(
                        '%s is longer than %s.',
                        $length->label($this->unit ?? Unit::Inch),
                        $longest->label(Unit::Inch),
                    ),
                );
            }
        }

        return Size::of($width, $height);
    }

    /** @throws BadKit */
    public function object(string $key): self
    {
        return self::of($this->value($key), $this->place($key), $this->unit);
    }

    /** @throws BadKit unless the $i-th item of the list is an object */
    public function item(string $key, int $i, mixed $item): self
    {
        return self::of($item, $this->place($key)."[$i]", $this->unit);
    }

    /**
     * @return list<mixed>
     *
     * @throws BadKit unless it is a list
     */
    public function items(string $key): array
    {
        $value = $this->value($key);

        return is_array($value) && array_is_list($value) ? $value : throw BadKit::at($this->place($key), 'expected a list in [ ].');
    }

    /** @throws BadKit when a field was never asked for, so that a misspelt one is not lost in silence */
    public function nothingElse(): void
    {
        foreach (array_keys(array_diff_key($this->values, $this->read)) as $key) {
            throw BadKit::at($this->place((string) $key), 'is not a field Keep Share knows here.');
        }
    }

    private function orDefault(string $key, mixed $default): mixed
    {
        $this->read[$key] = true;

        return $default !== null && ! $this->has($key) ? $default : $this->value($key);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private static function toChoice(mixed $value, string $place, string $enum): BackedEnum
    {
        $choice = is_string($value) ? $enum::tryFrom($value) : null;

        return $choice ?? throw BadKit::at($place, 'expected one of '.implode(', ', array_column($enum::cases(), 'value')).'.');
    }

    private static function toOccasion(mixed $value, string $place): Occasion
    {
        return is_string($value) && in_array($value, Occasions::keys(), true)
            ? Occasion::of($value)
            : throw BadKit::at($place, 'expected one of '.implode(', ', Occasions::keys()).'.');
    }

    private static function toColour(mixed $value, string $place): Colour
    {
        try {
            return Colour::fromHex(is_string($value) ? $value : '');
        } catch (BadColour $wrong) {
            throw BadKit::at($place, $wrong->getMessage());
        }
    }
}
