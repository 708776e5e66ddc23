<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;

/** Ribbon, twine or cord, counted by length in units of 1/8 micrometre. */
final readonly class Ribbon implements ByLength
{
    use Whole;

    private function __construct(public Colour $colour)
    {
    }

    public static function of(Colour $colour): self
    {
        return new self($colour);
    }

    public function kind(): Kind
    {
        return Kind::Ribbon;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->fields->colour('colour'));
    }

    public function write(GoodWriter $as): array
    {
        return ['colour' => $this->colour->hex];
    }

    public static function inRow(TableRow $row): array
    {
        return ['colour' => $row->colour()];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->colour());
    }

    public function colours(): array
    {
        return [$this->colour];
    }

    public static function group(): KindGroup
    {
        return KindGroup::Trimmings;
    }
}
