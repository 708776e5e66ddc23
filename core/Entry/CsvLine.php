<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;

/** One line of a packing list: a component, or what is wrong with it. */
final readonly class CsvLine
{
    /** @param  list<string>  $faults */
    private function __construct(public int $number, public string $name, public ?Component $component, public array $faults)
    {
    }

    public static function good(int $number, Component $component): self
    {
        return new self($number, $component->name, $component, []);
    }

    /** @param  list<string>  $faults */
    public static function bad(int $number, string $name, array $faults): self
    {
        return new self($number, $name, null, $faults);
    }
}
