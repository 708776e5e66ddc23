<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** A piece of printed card cut to shape, usually two of each in a kit. */
final readonly class DieCut implements Applied
{
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
}
