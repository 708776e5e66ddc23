<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;

/** The usual card: 8 1/2 × 5 1/2 scored at 4 1/4. */
final class SideFold implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $blank = Blank::for($front, FoldEdge::Side);

        return Construction::of(
            FoldPart::of('base', 'base', $blank->size->width->units, $blank->size->height->units, Stuff::Base)->scored($blank->score),
            [],
            ['Score, then fold with the bump of the score inside, and press the fold flat.', 'Glue the layers to the front.'],
            'The opening edges: keep glue a little in from them.',
            $front,
        );
    }
}
