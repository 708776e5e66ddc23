<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/**
 * A window with acetate behind it and a wall of foam round it, filled and closed at the back.
 *
 * The window panel is that of the sketch. The wall is 1/4 in wide and stays 1/4 in away from the opening, so that it is
 * not seen. It has two layers of foam if the filling must move.
 */
final class Shaker implements Fold
{
    /** Layers of foam for a filling that moves. */
    public const LAYERS = 2;

    public function construct(Size $front, Cutting $cutting): Construction
    {
        [$w, $h] = [$front->width->units, $front->height->units];
        $reveal = 2 * $cutting->reveal()->units;
        $glue = $cutting->glue();
        $panel = FoldPart::of(
            'window-panel',
            'window panel',
            $w - $reveal,
            $h - $reveal,
            Stuff::Paper,
            'cardstock under it keeps it stiff',
        )->onFace();
        $rim = 3 * $glue->units;
        $opening = FoldPart::of(
            'opening',
            'opening',
            $panel->size->width->units - 2 * $rim,
            $panel->size->height->units - 2 * $rim,
            Stuff::Paper,
        );
        $wall = self::wallRound($opening->size, $glue);
        $long = max($opening->size->width->units, $opening->size->height->units) + 4 * $glue->units;
        $foam = array_map(
            static fn (int $layer): FoldPart => FoldPart::of(
                "wall-$layer",
                "foam wall, layer $layer",
                $glue->units,
                $long,
                Stuff::Foam,
                'strips all round, '.$cutting->say($wall).' in all',
            ),
            range(1, self::LAYERS),
        );

        return Construction::of(
            FoldPart::of('base', 'base', 2 * $w, $h, Stuff::Base)->scored($front->width),
            [
                $panel,
                FoldPart::of(
                    'acetate',
                    'acetate',
                    $opening->size->width->units + 2 * $glue->units,
                    $opening->size->height->units + 2 * $glue->units,
                    Stuff::Acetate,
                ),
                ...$foam,
                FoldPart::of('backing', 'backing', $panel->size->width->units, $panel->size->height->units, Stuff::Cardstock),
            ],
            [
                'Cut the opening, '
                .$cutting->say($opening->size->width)
                .' × '
                .$cutting->say($opening->size->height)
                .', '
                .$cutting->say(Length::ofUnits($rim))
                .' from every edge of the panel.',
                'Glue the acetate behind it.',
                'Set the foam round it, '
                .$cutting->say($glue)
                .' from the opening at least, corners closed; one layer holds a flat filling, two let it move.',
                'Wipe the inside with an anti-static pad and put the filling in. Take the liner off the foam, and put the backing on.',
                'Glue the whole to the front of the base. Small fillings are kept away from small children and pets.',
            ],
            'The window itself: glue on the acetate shows. The wall must be closed all round, or the filling runs out.',
            $front,
        );
    }

    /** The foam for one layer round an opening. */
    private static function wallRound(Size $opening, Length $glue): Length
    {
        return Length::ofUnits(2 * ($opening->width->units + $opening->height->units) + 12 * $glue->units);
    }
}
