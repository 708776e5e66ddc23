<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Size;

/** A flat tag or bookmark of half the front, with a hole for a ribbon. */
final class TagCard implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $w = intdiv($front->width->units, 2);
        $h = $front->height->units;
        $reveal = 2 * $cutting->reveal()->units;

        return Construction::of(
            FoldPart::of('base', 'tag', $w, $h, Stuff::Base, 'the upper corners clipped'),
            [FoldPart::of('front-panel', 'panel', $w - $reveal, $h - $reveal, Stuff::Paper)->onFace()],
            [
                'Clip the upper corners of tag and panel alike.',
                'Glue the panel on, then punch the hole through both, '
                .$cutting->say($cutting->tab())
                .' below the upper edge.',
                'Knot a ribbon through it.',
            ],
            'Nothing is folded; keep the hole clear of glue.',
            Size::ofUnits($w, $h),
            1,
        );
    }
}
