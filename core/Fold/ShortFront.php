<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Outline;

/** The front is 1 in shorter, and a strip inside at the open edge shows below it. */
final class ShortFront implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        [$w, $h] = [$front->width->units, $front->height->units];
        $off = $cutting->inch();
        $reveal = 2 * $cutting->reveal()->units;
        $short = FoldPart::of('front-panel', 'front panel', $w - $off->units - $reveal, $h - $reveal, Stuff::Paper)->onFace();

        $strip = FoldPart::of(
            'inside-strip',
            'inside strip',
            $off->units + $cutting->glue()->units,
            $h,
            Stuff::Paper,
            'a little of it lies under the front',
        );

        return Construction::of(
            FoldPart::of('base', 'base', 2 * $w - $off->units, $h, Stuff::Base)->scored($front->width->minus($off)),
            [$short, $strip->seenAs(Outline::rect(Rect::ofUnits($w - $off->units, 0, $off->units, $h)))],
            [
                'Score and fold: the front is '.$cutting->say($off).' shorter than the back.',
                'Glue the strip inside, flush with the open edge of the back.',
                'Glue the layers to the short front.',
            ],
            'The edge of the short front: the strip belongs to the back alone.',
            $front,
            face: Size::ofUnits($w - $off->units, $h),
        );
    }
}
