<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Size;

/** A base cut across its fold: two small cards, each still folded. */
final class MiniCard implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $half = intdiv($front->height->units, 2);
        $reveal = 2 * $cutting->reveal()->units;
        $base = FoldPart::of(
            'base',
            'base of one mini card',
            2 * $front->width->units,
            $half,
            Stuff::Base,
            'two out of one base, cut across the fold',
        )->scored($front->width);

        return Construction::of(
            $base,
            [
                FoldPart::of(
                    'front-panel',
                    'front panel',
                    $front->width->units - $reveal,
                    $half - $reveal,
                    Stuff::Paper,
                )->onFace(),
            ],
            [
                'Fold the base, and cut it through both layers across the fold at '
                .$cutting->say($base->size->height)
                .'.',
                'Glue the panel to the front.',
            ],
            'The opening edges: keep glue a little in from them.',
            Size::of($front->width, $base->size->height),
        );
    }
}
