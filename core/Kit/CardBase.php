<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Measure\Size;

/** A scored card base; $front is the size of the folded front. */
final readonly class CardBase implements Good
{
    private function __construct(public Size $front, public FoldEdge $fold, public Colour $colour, public ?Face $printed)
    {
    }

    /** @param  Face|null  $printed the print of the front, where it has one */
    public static function of(Size $front, FoldEdge $fold, Colour $colour, ?Face $printed = null): self
    {
        return new self($front, $fold, $colour, $printed);
    }

    public function kind(): Kind
    {
        return Kind::Base;
    }
}
