<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;

/** Gems, pearls, sequins, enamel dots, used in small odd groups. Nobody counts what there is plenty of. */
final readonly class Embellishment implements Good
{
    use Whole;

    private function __construct(public Colour $colour, public bool $plenty)
    {
    }

    public static function of(Colour $colour, bool $plenty = false): self
    {
        return new self($colour, $plenty);
    }

    public function kind(): Kind
    {
        return Kind::Embellishment;
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->fields->colour('colour'), $fields->fields->flag('plenty'));
    }

    public function write(GoodWriter $as): array
    {
        return ['colour' => $this->colour->hex, 'plenty' => $this->plenty];
    }

    public static function inRow(TableRow $row): array
    {
        return ['colour' => $row->colour()];
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->colour(), $line->plenty);
    }

    public function isPlenty(): bool
    {
        return $this->plenty;
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
