<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** A named part of a sketch, before it has a size. */
final readonly class Part
{
    private function __construct(
        public string $id,
        public string $name,
        public Role $role,
        public Relation $relation,
        public Form $form,
        public int $foam,
    ) {
    }

    /**
     * @param  string  $name  as it is said in a sentence: "upper paper"
     * @param  int  $foam  layers of foam under it
     */
    public static function of(string $id, string $name, Role $role, Relation $relation, ?Form $form = null, int $foam = 0): self
    {
        return new self($id, $name, $role, $relation, $form ?? Form::plain(), $foam);
    }

    public static function guide(string $id, Relation $relation): self
    {
        return self::of($id, $id, Role::Guide, $relation);
    }

    /** @return array<string, Dim> all its measures by name: where it lies, and how it is cut */
    public function measures(): array
    {
        return [...$this->relation->measures, ...$this->form->measures];
    }

    /**
     * With each measure that gives changed towards its leanest by some marks of the ruler.
     *
     * @param  string|null  $range  only those that give just so: "-2 to 4"
     */
    public function leanerBy(int $marks, ?string $range = null): self
    {
        return new self($this->id, $this->name, $this->role, $this->relation->leanerBy($marks, $range), $this->form, $this->foam);
    }

    public function as(Role $role): self
    {
        return new self($this->id, $this->name, $role, $this->relation, $this->form, $this->foam);
    }

    public function with(string $measure, Dim $dim): self
    {
        return isset($this->form->measures[$measure])
            ? new self($this->id, $this->name, $this->role, $this->relation, $this->form->with($measure, $dim), $this->foam)
            : new self($this->id, $this->name, $this->role, $this->relation->with($measure, $dim), $this->form, $this->foam);
    }
}
