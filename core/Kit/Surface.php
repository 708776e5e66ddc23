<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Sketch\Role;

/** A face of a sheet good, as something a part may be cut from. */
final readonly class Surface
{
    /** @param  string  $key  component/face */
    private function __construct(public string $component, public int $index, public Face $face, public bool $isPaper, public string $key)
    {
    }

    /** Pieces of it may lie on their side: it has no up, or no one minds in such a part. */
    public function mayTurnAs(Role $role): bool
    {
        return $this->face->mayTurnAs($role);
    }

    public static function of(string $component, int $index, Face $face, bool $isPaper): self
    {
        return new self($component, $index, $face, $isPaper, "$component/$index");
    }
}
