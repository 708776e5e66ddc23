<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Size;

/** A printed card folded upwards and sealed at both sides, with a tag in it. */
final class Pocket implements Fold
{
    public function construct(Size $front, Cutting $cutting): Construction
    {
        [$w, $h] = [$front->width->units, $front->height->units];
        $tab = $cutting->tab();

        return Construction::of(
            FoldPart::of(
                'base',
                'pocket',
                $w,
                2 * $h - $tab->units,
                Stuff::Base,
                'the front is '.$cutting->say($tab).' lower than the back',
            )->scoredAcross($front->height),
            [
                FoldPart::of(
                    'tag',
                    'tag',
                    $w - $tab->units - $cutting->sixteenths(1)->units,
                    $h - $cutting->sixteenths(2)->units,
                    Stuff::Cardstock,
                    'stands out above the front by as much as that is lower',
                ),
            ],
            [
                'Score and fold upwards.',
                'Run a thin line of glue or tape down both sides, '
                .$cutting->say($cutting->glue())
                .' wide at most.',
                'Punch the tag, tie a ribbon through it, and slide it in when the glue is dry.',
            ],
            'The upper edge: the tag goes in there.',
            $front,
        );
    }
}
