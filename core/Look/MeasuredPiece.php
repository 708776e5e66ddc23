<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A piece as it lies on the table: upright, with its full size and what its outline says. Pieces with right angles are
 * laid straight. Others stay at their angle until the maker turns them.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class MeasuredPiece
{
    private const STRIP_FROM = 4.0;

    /** The axes of a round thing differ by no more than this. */
    private const ROUND = 0.95;

    /**
     * @param  float  $width  in millimetres
     * @param  float  $off  how far off that may be
     * @param  float  $turn  by how much it was turned to lie as it does, in radians
     * @param  non-empty-list<non-empty-list<Point>>  $rings  its outline and its windows, from the upper left of its box
     * @param  Point  $corner  where that is on the turned table
     */
    private function __construct(
        public PieceForm $form,
        public float $width,
        public float $height,
        public float $off,
        public float $turn,
        public array $rings,
        public array $corner,
    ) {
    }

    /**
     * @param  non-empty-list<non-empty-list<Point>>  $rings  on the photograph
     * @param  int  $degrees  turned by the maker, clockwise
     */
    public static function of(array $rings, Squared $squared, int $degrees = 0): self
    {
        $on = array_map($squared->onTable(...), $rings);
        $quad = self::rightAngled(Quad::of($rings[0]), $squared);
        $turn = deg2rad($degrees) - ($quad === null ? 0.0 : self::slant($quad));
        $turned = array_map(
            static fn (array $ring): array => array_map(static fn (array $p): array => Squared::turned($p, $turn), $ring),
            $on,
        );
        [$left, $top, $right, $bottom] = Ring::bounds($turned[0]);
        [$width, $height] = [$right - $left, $bottom - $top];
        $form = PieceForm::Cut;
        $round = Round::of($on[0]);
        if ($quad !== null) {
            [$width, $height] = self::sides($quad, $turn, $width, $height);
            $form = max($width, $height) >= self::STRIP_FROM * min($width, $height) ? PieceForm::Strip : PieceForm::Label;
        } elseif ($round !== null && $round->flat() >= self::ROUND) {
            $width = $height = $round->long + $round->short;
            $form = PieceForm::Round;
        }
        // Sizes from fitted lines and moments are better than the farthest points. The box is laid round the middle.
        $left = ($left + $right - $width) / 2;
        $top = ($top + $bottom - $height) / 2;
        $boxed = array_map(
            static fn (array $ring): array => array_map(static fn (array $p): array => [$p[0] - $left, $p[1] - $top], $ring),
            $turned,
        );

        return new self($form, $width, $height, $squared->off($on[0]), $turn, $boxed, [$left, $top]);
    }

    /** @return Point where a place of its box is on the table */
    public function onTable(float $x, float $y): array
    {
        return Squared::turned([$x + $this->corner[0], $y + $this->corner[1]], -$this->turn);
    }

    /** @return list<Point>|null its corners on the table; null where it has not four right angles */
    private static function rightAngled(?Quad $quad, Squared $squared): ?array
    {
        if ($quad === null) {
            return null;
        }
        $corners = $squared->onTable($quad->corners);
        foreach ($corners as $n => [$x, $y]) {
            [$bx, $by] = $corners[($n + 3) % 4];
            [$ax, $ay] = $corners[($n + 1) % 4];
            $dot = ($bx - $x) * ($ax - $x) + ($by - $y) * ($ay - $y);
            $long = hypot($bx - $x, $by - $y) * hypot($ax - $x, $ay - $y);
            if (abs($dot) > 0.06 * $long) {
                return null;
            }
        }

        return $corners;
    }

    /** @param  list<Point>  $corners  by how much it is turned, at most an eighth of a turn, in radians */
    private static function slant(array $corners): float
    {
        $slant = atan2($corners[1][1] - $corners[0][1], $corners[1][0] - $corners[0][0]);
        $quarter = M_PI / 2;

        return $slant - $quarter * round($slant / $quarter);
    }

    /**
     * The lengths of its sides, each the mean of two. A rectangle that the maker turned by an odd angle keeps its box.
     *
     * @param  list<Point>  $corners
     * @return array{float, float}
     */
    private static function sides(array $corners, float $turn, float $width, float $height): array
    {
        $side = static fn (int $a, int $b): float => hypot($corners[$a][0] - $corners[$b][0], $corners[$a][1] - $corners[$b][1]);
        [$one, $two] = [($side(0, 1) + $side(3, 2)) / 2, ($side(1, 2) + $side(0, 3)) / 2];
        $along = atan2($corners[1][1] - $corners[0][1], $corners[1][0] - $corners[0][0]) + $turn;
        [$c, $s] = [abs(cos($along)), abs(sin($along))];

        return match (true) {
            $s < 0.01 => [$one, $two],
            $c < 0.01 => [$two, $one],
            default => [$width, $height],
        };
    }
}
