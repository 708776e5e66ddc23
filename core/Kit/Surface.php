<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Sketch\Role;

/** A face of a sheet, from which a part may be cut. */
final readonly class Surface
{
    /** @param  string  $key  component/face */
    private function __construct(public string $component, public int $index, public Face $face, public bool $isPaper, public string $key)
    {
    }

    /** Whether its pieces may lie on their side: the print is not directional, or the part is small. */
    public function mayTurnAs(Role $role): bool
    {
        return $this->face->mayTurnAs($role);
    }

    public static function of(string $component, int $index, Face $face, bool $isPaper): self
    {
        return new self($component, $index, $face, $isPaper, "$component/$index");
    }
}
