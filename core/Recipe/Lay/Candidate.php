<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Surface;

/** A paper that may take a letter, with one of its faces up. */
final readonly class Candidate
{
    /**
     * @param  bool  $isOver  its back stands for the front of the letter
     * @param  Surface  $front  what shows where the letter shows its front
     * @param  Surface|null  $back  null where it has but one face
     */
    private function __construct(public Component $component, public bool $isOver, public Surface $front, public ?Surface $back)
    {
    }

    /** @param  list<Surface>  $faces  of the component */
    public static function of(Component $component, array $faces, bool $isOver): self
    {
        return new self($component, $isOver, $faces[(int) $isOver], $faces[(int) ! $isOver] ?? null);
    }

    /** "12/1" for the component c12 turned over. */
    public function key(): string
    {
        return $this->component->id.'/'.(int) $this->isOver;
    }

    public function shows(int $face): ?Surface
    {
        return $face === 0 ? $this->front : $this->back;
    }
}
