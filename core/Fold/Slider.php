<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Size;

/** Half a base as a sliding card, and paper wrapped round it as the sleeve. */
final class Slider implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        [$w, $h] = [$front->width, $front->height];
        $ease = 2 * $cutting->sixteenths(1)->units;
        $wrap = 2 * $w->units + $cutting->tab()->units;

        return Construction::of(
            FoldPart::of(
                'base',
                'sliding card',
                $w->units - $ease,
                $h->units - $ease,
                Stuff::Base,
                'half a base, cut down so that it slides',
            ),
            [
                FoldPart::of(
                    'sleeve',
                    'sleeve',
                    $wrap,
                    $h->units,
                    Stuff::Paper,
                    'wrapped round: twice the width and a tab of '.$cutting->say($cutting->tab()),
                )->scored($w, $w->times(2)),
            ],
            [
                'Score the sleeve and wrap it round the sliding card before any glue, to see that it slides.',
                'Glue the tab under the back, with the card out.',
                'Punch a half round at the open edge to take hold of the card.',
                'Glue the layers to the sleeve; nothing that stands up goes on the card itself.',
            ],
            'Both ends of the sleeve: only the tab is glued, or the card no longer slides.',
            $front,
            1,
        );
    }
}
