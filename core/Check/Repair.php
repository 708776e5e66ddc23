<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Occasion;

/** One repair of a finding that can be done at once: its text, and the change to the card. */
final readonly class Repair
{
    /** @param  array<string, string|int>  $with */
    private function __construct(public string $says, public string $does, public array $with)
    {
    }

    public static function fill(string $says, string $part, string $component, int $face): self
    {
        return new self($says, 'fill', ['part' => $part, 'component' => $component, 'face' => $face]);
    }

    public static function quantity(string $says, string $part, int $quantity): self
    {
        return new self($says, 'quantity', ['part' => $part, 'quantity' => $quantity]);
    }

    public static function occasion(Occasion $occasion): self
    {
        return new self("Make it a card for {$occasion->label()}", 'occasion', ['occasion' => $occasion->value]);
    }

    /** @param  string|null  $tool  the id of a component; null where the treatment is dropped */
    public static function treat(string $says, string $part, string $treatment, ?string $tool): self
    {
        $isOn = (int) ($tool !== null);

        return new self($says, 'treat', ['part' => $part, 'treatment' => $treatment, 'tool' => $tool ?? '', 'isOn' => $isOn]);
    }

    /** @param  string  $do  what is done to a piece of the group: see Remedy */
    public static function piece(string $says, string $part, string $do, int $by = 0): self
    {
        return new self($says, 'piece', ['part' => $part, 'do' => $do, 'by' => $by]);
    }

    /** @param  string  $key  of the sketch */
    public static function sketch(string $says, string $key): self
    {
        return new self($says, 'sketch', ['sketch' => $key]);
    }

    /** @param  string  $value  as Dim::parse() reads it */
    public static function measure(string $says, string $part, string $measure, string $value): self
    {
        return new self($says, 'measure', ['part' => $part, 'measure' => $measure, 'value' => $value]);
    }
}
