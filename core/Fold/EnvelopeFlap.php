<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Outline;

/**
 * A square turned over the top with its point down, like the flap of an envelope. A panel on the back hides the other
 * half.
 */
final class EnvelopeFlap implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        $w = $front->width->units;
        $side = self::sideOf($front->width, $cutting->mark());
        $reveal = 2 * $cutting->reveal()->units;
        $deep = min($front->height->units - $reveal, intdiv($w, 2) + $cutting->tab()->units);

        return Construction::of(
            FoldPart::of('base', 'base', 2 * $w, $front->height->units, Stuff::Base)->scored($front->width),
            [
                FoldPart::of(
                    'flap',
                    'flap square',
                    $side,
                    $side,
                    Stuff::Paper,
                    'scored from corner to corner',
                )->seenAs(Outline::polygon([[0, 0], [$w, 0], [intdiv($w, 2), intdiv($w, 2)]])),
                FoldPart::of(
                    'back-cover',
                    'cover for the back',
                    $w - $reveal,
                    $deep,
                    Stuff::Paper,
                    'hides the half of the square that is glued to the back',
                ),
            ],
            [
                'Score the square from corner to corner and fold it.',
                'Glue one half of it to the back, the fold on the top edge, the point down the front.',
                'Glue the cover over it on the back.',
                'Glue the layers to the front under the flap.',
            ],
            'The point of the flap on the front: it is lifted to open the card. A dot that comes loose again may hold it.',
            $front,
        );
    }

    /** The side of a square whose diagonal is the width, rounded down to a mark of the ruler. */
    private static function sideOf(Length $width, Length $mark): int
    {
        // 169/239 is 1/√2 to four decimals, from below.
        return intdiv(intdiv($width->units * 169, 239), $mark->units) * $mark->units;
    }
}
