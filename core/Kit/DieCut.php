<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** A piece of printed card cut to shape, usually two of each in a kit. */
final readonly class DieCut implements Applied
{
    use Whole;

    private function __construct(private Printed $printed, public bool $foil)
    {
    }

    public static function of(Printed $printed, bool $foil = false): self
    {
        return new self($printed, $foil);
    }

    public function kind(): Kind
    {
        return Kind::DieCut;
    }

    public function printed(): Printed
    {
        return $this->printed;
    }

    public function as(Printed $printed): self
    {
        return self::of($printed, $this->foil);
    }

    public static function read(GoodFields $fields): self
    {
        return self::of($fields->printed(), $fields->fields->flag('foil'));
    }

    public function write(GoodWriter $as): array
    {
        return [...$as->printed($this->printed), 'foil' => $this->foil];
    }

    public static function inRow(TableRow $row): array
    {
        return $row->printed();
    }

    public static function jotted(Jotting $line): self
    {
        return self::of($line->printed());
    }

    /** Kits hold two of most, and one of some, so the line must say. */
    public static function usualCount(): ?int
    {
        return null;
    }

    public function extent(): Size
    {
        return $this->printed->size;
    }

    public function colours(): array
    {
        return $this->printed->colours;
    }

    public static function group(): KindGroup
    {
        return KindGroup::Cuts;
    }
}
