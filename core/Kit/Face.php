<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Sketch\Role;

/** One side of a sheet, which is seen when the sheet is glued down. */
final readonly class Face
{
    /** @param  non-empty-list<Colour>  $colours the background first, then by area */
    private function __construct(
        public string $name,
        public Motif $motif,
        public array $colours,
        public bool $busy,
        public bool $directional,
        public bool $foil,
    ) {
    }

    /** @param  non-empty-list<Colour>  $colours */
    public static function printed(
        string $name,
        Motif $motif,
        array $colours,
        bool $busy = false,
        bool $directional = false,
        bool $foil = false,
    ): self {
        return new self($name, $motif, $colours, $busy, $directional, $foil);
    }

    public static function plain(string $name, Colour $colour, bool $shines = false): self
    {
        return new self($name, $shines ? Motif::Foil : Motif::Solid, [$colour], false, false, $shines);
    }

    /**
     * Whether its pieces may lie on their side: the print is not directional, or the part is small. Null stands for
     * something that is no part of a sketch.
     */
    public function mayTurnAs(?Role $role): bool
    {
        return ! $this->directional || $role?->mayTurn() === true;
    }

    /** Whether dark ink shows on it: it is calm and light. */
    public function showsInk(): bool
    {
        return ! $this->busy && $this->ground()->isLight();
    }

    public function ground(): Colour
    {
        return $this->colours[0];
    }
}
