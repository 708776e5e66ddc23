<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A piece or a sheet seen from straight above, in the box of its size. Pixels beside its outline get the colour of its
 * rim, so that none of the surface shows where it is cut out.
 *
 * @phpstan-import-type Point from Homography
 */
final class Straight
{
    /** In millimetres from the rim inwards: there the colours of piece and surface are mixed. */
    private const RIM = 0.35;

    /**
     * @param  float  $density  pixels a millimetre
     * @return non-empty-list<non-empty-list<array{int, int, int}>> rows
     */
    public static function piece(MeasuredPiece $measured, Squared $squared, Lit $lit, float $density): array
    {
        [$width, $height] = [max(1, (int) round($measured->width * $density)), max(1, (int) round($measured->height * $density))];
        $rows = [];
        for ($j = 0; $j < $height; $j++) {
            $v = max(self::RIM, min($measured->height - self::RIM, ($j + 0.5) / $density));
            $spans = Ring::spans([$measured->rings[0]], $v);
            $row = [];
            for ($i = 0; $i < $width; $i++) {
                [$x, $y] = $squared->onPhoto(...$measured->onTable(self::inside(($i + 0.5) / $density, $spans), $v));
                $row[] = $lit->at($x, $y);
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param  list<Point>  $corners  of a sheet on the photograph, clockwise from the upper left
     * @return non-empty-list<non-empty-list<array{int, int, int}>> rows
     *
     * @throws BadReference where three of them lie on a line
     */
    public static function sheet(Lit $lit, array $corners, int $width, int $height): array
    {
        // The rim is left out, since the colours are mixed there.
        $rim = 0.004 * max($width, $height);
        $box = [[-$rim, -$rim], [$width + $rim, -$rim], [$width + $rim, $height + $rim], [-$rim, $height + $rim]];
        $onPhoto = Homography::of($box, $corners);
        $rows = [];
        for ($j = 0; $j < max(1, $height); $j++) {
            $row = [];
            for ($i = 0; $i < max(1, $width); $i++) {
                [$x, $y] = $onPhoto->apply($i + 0.5, $j + 0.5);
                $row[] = $lit->at($x, $y);
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param  list<array{float, float}>  $spans */
    private static function inside(float $u, array $spans): float
    {
        $best = $u;
        $nearest = INF;
        foreach ($spans as [$from, $to]) {
            $rim = min(self::RIM, ($to - $from) / 2);
            $in = max($from + $rim, min($to - $rim, $u));
            if (abs($in - $u) < $nearest) {
                [$best, $nearest] = [$in, abs($in - $u)];
            }
        }

        return $best;
    }
}
