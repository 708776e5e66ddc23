<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** A named part of a sketch, before it has a size. */
final readonly class Part
{
    private function __construct(public string $id, public string $name, public Role $role, public Relation $relation)
    {
    }

    /** @param  string  $name as it is said in a sentence: "upper paper" */
    public static function of(string $id, string $name, Role $role, Relation $relation): self
    {
        return new self($id, $name, $role, $relation);
    }

    public static function guide(string $id, Relation $relation): self
    {
        return new self($id, $id, Role::Guide, $relation);
    }
}
