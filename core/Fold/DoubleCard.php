<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** One base nested inside another. */
final class DoubleCard implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $less = $cutting->reveal()->units;
        $inner = FoldPart::of(
            'inner-base',
            'inner base',
            2 * ($front->width->units - $less),
            $front->height->units - 2 * $less,
            Stuff::Base,
        );

        return Construction::of(
            FoldPart::of(
                'base',
                'outer base',
                2 * $front->width->units,
                $front->height->units,
                Stuff::Base,
            )->scored($front->width),
            [
                $inner->scored(Length::ofUnits($front->width->units - $less)),
                FoldPart::of(
                    'inner-front',
                    'panel of the inner front',
                    $front->width->units - 3 * $less,
                    $front->height->units - 4 * $less,
                    Stuff::Paper,
                ),
            ],
            [
                'Score and fold both bases.',
                'Lay the inner one into the outer, fold in fold, and glue its back to the back of the outer.',
                'Glue the panel to the inner front, then the layers to the outer front.',
            ],
            'The front of the inner base: glued to the outer front it would shut the card.',
            $front,
            4,
        );
    }
}
