<?php

namespace App\Drawing;

use KeepShare\Core\Kit\Motif;

/**
 * The motifs of papers at true scale. Each is one tile that repeats.
 *
 * @phpstan-type PaintedPath array{d: string, colour: int, width?: float|int, opacity?: float|int}
 * @phpstan-type Tile array{width: float|int, height: float|int, shapes: list<PaintedPath>}
 */
final class Motifs
{
    /** @return Tile a shape's colour is the number of one of the face's colours: 0 is the background, -1 is light */
    public static function of(Motif $motif): array
    {
        /** @var array<string, Tile> $tiles */
        $tiles = Data::read('motifs');

        return $tiles[$motif->value] ?? $tiles[Motif::Solid->value];
    }
}
