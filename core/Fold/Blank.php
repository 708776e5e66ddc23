<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/**
 * The flat piece a card base is folded from: twice the front, scored in the middle.
 *
 * A front of 4 1/4 × 5 1/2 with the fold at the side is 8 1/2 × 5 1/2 scored at 4 1/4. With the fold at the top it is
 * 4 1/4 × 11 scored at 5 1/2.
 */
final readonly class Blank
{
    private function __construct(public Size $size, public FoldEdge $fold, public Length $score)
    {
    }

    public static function for(Size $front, FoldEdge $fold): self
    {
        return $fold === FoldEdge::Side
            ? new self(Size::of($front->width->times(2), $front->height), $fold, $front->width)
            : new self(Size::of($front->width, $front->height->times(2)), $fold, $front->height);
    }
}
