<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** Two flaps that meet in the middle: 8 1/2 × 5 1/2 scored at 2 1/8 and 6 3/8, a panel fitted to each flap. */
final class Gatefold implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        [$w, $h] = [$front->width, $front->height];
        $flap = Length::ofUnits(intdiv($w->units, 2));
        $reveal = 2 * $cutting->reveal()->units;
        $panel = static fn (string $id, string $name): FoldPart => FoldPart::of(
            $id,
            $name,
            $flap->units - $reveal,
            $h->units - $reveal,
            Stuff::Paper,
        )->onFace();

        return Construction::of(
            FoldPart::of('base', 'base', 2 * $w->units, $h->units, Stuff::Base)->scored($flap, $w->plus($flap)),
            [
                $panel('left-flap', 'left flap panel'),
                $panel('right-flap', 'right flap panel'),
                FoldPart::of('inside', 'inside panel', $w->units - $reveal, $h->units - $reveal, Stuff::Paper),
            ],
            [
                'Score at both measures and fold both flaps to the middle; take a hair off one where they overlap.',
                'Glue a panel to each flap, then the panel inside.',
                'What lies across both flaps is glued to one of them only.',
            ],
            'The two edges that meet in the middle, and anything that lies across them on the second flap.',
            $front,
        );
    }
}
