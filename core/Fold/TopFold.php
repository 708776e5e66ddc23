<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;

/** A card that opens upwards: 4 1/4 × 11 scored at 5 1/2. */
final class TopFold implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $blank = Blank::for($front, FoldEdge::Top);

        return Construction::of(
            FoldPart::of('base', 'base', $blank->size->width->units, $blank->size->height->units, Stuff::Base)->scoredAcross($blank->score),
            [],
            [
                'Score, then fold with the bump of the score inside, and press the fold flat.',
                'Glue the layers to the front, the fold at the top.',
            ],
            'The lower edge: keep glue a little in from it.',
            $front,
        );
    }
}
