<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** A die, folder, stencil or punch with the size and shape it makes, or an ink or powder with its colour. */
final readonly class Tool implements Good
{
    private function __construct(public ToolKind $tool, public ?Size $makes, public ?Shape $shape, public ?Colour $colour, public bool $directional)
    {
    }

    /** @param  bool  $directional what it makes has an up */
    public static function of(ToolKind $tool, ?Size $makes = null, ?Shape $shape = null, ?Colour $colour = null, bool $directional = false): self
    {
        return new self($tool, $makes, $shape, $colour, $directional);
    }

    /** It cuts a shape of a known size out of a scrap. */
    public function cutsShapes(): bool
    {
        return $this->tool === ToolKind::Die && $this->makes !== null && $this->shape !== null;
    }

    public function kind(): Kind
    {
        return Kind::Tool;
    }
}
