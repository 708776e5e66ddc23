<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** A die, folder, stencil or punch with the size it makes, or an ink or powder with none. */
final readonly class Tool implements Good
{
    private function __construct(public ToolKind $tool, public ?Size $makes)
    {
    }

    public static function of(ToolKind $tool, ?Size $makes = null): self
    {
        return new self($tool, $makes);
    }

    public function kind(): Kind
    {
        return Kind::Tool;
    }
}
