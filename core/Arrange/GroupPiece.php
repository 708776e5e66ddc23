<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\CutLine;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Measure\Size;

/** A piece of a group before it has its place. */
final readonly class GroupPiece
{
    private function __construct(
        public string $part,
        public Stands $stands,
        public string $component,
        public string $name,
        public int $face,
        public Size $size,
        public ?Shape $shape,
        public bool $isInk,
        public ?CutLine $outline,
    ) {
    }

    /**
     * @param  string  $name  of the component
     * @param  Shape|null  $shape  null for what is cut straight
     */
    public static function of(string $part, Stands $stands, string $component, string $name, Size $size, ?Shape $shape, int $face = 0): self
    {
        return new self($part, $stands, $component, $name, $face, $size, $shape, false, null);
    }

    /** @param  string  $name  of the component */
    public static function whole(string $part, Stands $stands, string $component, string $name, Printed $printed, int $face = 0): self
    {
        return new self($part, $stands, $component, $name, $face, $printed->size, $printed->shape, false, $printed->outline);
    }

    /** Words stamped on the piece below. Nothing may lie over or under them. */
    public static function ink(string $part, string $component, string $name, Size $size): self
    {
        return new self($part, Stands::Words, $component, $name, 0, $size, Shape::Label, true, null);
    }
}
