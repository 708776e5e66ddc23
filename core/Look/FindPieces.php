<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use Closure;

/** Finds the pieces that lie apart on a plain surface. */
final readonly class FindPieces
{
    /** The long side of its picture in pixels. A table of two feet is then read to half a millimetre or better. */
    public const SIDE = 1_400;

    /** Smaller specks, in pixels, are dust. */
    private const LEAST = 70;

    private const LEAST_FAINT = 320;

    /** Smaller windows are prints in the colour of the surface. */
    private const LEAST_WINDOW = 60;

    private const MOST = 120;

    /** @param  list<FoundPiece>  $pieces  from the upper left, row by row */
    private function __construct(public PlainGround $ground, public array $pieces)
    {
    }

    /**
     * @param  Closure(int, int): void|null  $tell  how many steps are done, of how many
     *
     * @throws BadReference if no surface is found, or nothing lies on it
     */
    public static function on(Pixels $picture, ?Closure $tell = null): self
    {
        $tell ??= static fn (int $done, int $of): null => null;
        $soft = $picture->softened();
        $tell(1, 4);
        $ground = PlainGround::of(Cells::of($picture));
        $tell(2, 4);
        $covered = Covered::of($soft, $ground);
        $tell(3, 4);
        $found = [];
        foreach (Loops::of($covered, $picture->width, self::LEAST) as $loops) {
            $rings = [];
            foreach ($loops as $n => $loop) {
                if ($n === 0 || -$loop['area'] >= self::LEAST_WINDOW) {
                    $rings[] = Rim::of($picture, $loop['points']);
                }
            }
            $piece = $rings === []
                ? null
                : FoundPiece::of($rings, self::isAtEdge($rings[0], $picture), self::contrast($rings[0], $soft, $ground));
            // A small faint thing is a crease of the surface or noise.
            if ($piece !== null && ($piece->area() >= self::LEAST_FAINT || ! $piece->isFaint())) {
                $found[] = $piece;
            }
        }
        if ($found === []) {
            throw BadReference::because('No pieces were found. Use a surface of another colour than the pieces.');
        }
        usort($found, static fn (FoundPiece $a, FoundPiece $b): int => $b->area() <=> $a->area());
        $tell(4, 4);

        return new self($ground, self::inRows(array_slice($found, 0, self::MOST)));
    }

    /** The largest piece with four straight sides. Null if there is none. */
    public function sheet(): ?Quad
    {
        $largest = null;
        foreach ($this->pieces as $piece) {
            $quad = $piece->atEdge ? null : $piece->quad();
            $largest = $quad !== null && $quad->area() > ($largest?->area() ?? 0) ? $quad : $largest;
        }

        return $largest;
    }

    /**
     * @param  list<FoundPiece>  $found
     * @return list<FoundPiece>
     */
    private static function inRows(array $found): array
    {
        /** @return array{float, float, float} its middle, and how high it is */
        $middle = static function (FoundPiece $piece): array {
            [$left, $top, $right, $bottom] = Ring::bounds($piece->rings[0]);

            return [($left + $right) / 2, ($top + $bottom) / 2, $bottom - $top];
        };
        usort($found, static fn (FoundPiece $a, FoundPiece $b): int => $middle($a)[1] <=> $middle($b)[1]);
        $rows = [];
        $began = -INF;
        foreach ($found as $piece) {
            [, $y, $high] = $middle($piece);
            if ($y - $began >= max(30.0, 0.4 * $high)) {
                $rows[] = [];
                $began = $y;
            }
            $rows[count($rows) - 1][] = $piece;
        }
        $ordered = [];
        foreach ($rows as $row) {
            usort($row, static fn (FoundPiece $a, FoundPiece $b): int => $middle($a)[0] <=> $middle($b)[0]);
            array_push($ordered, ...$row);
        }

        return $ordered;
    }

    /** @param  non-empty-list<array{float, float}>  $ring */
    private static function isAtEdge(array $ring, Pixels $picture): bool
    {
        [$left, $top, $right, $bottom] = Ring::bounds($ring);

        return $left < 2 || $top < 2 || $right > $picture->width - 2 || $bottom > $picture->height - 2;
    }

    /** @param  non-empty-list<array{float, float}>  $ring */
    private static function contrast(array $ring, Pixels $soft, PlainGround $ground): float
    {
        [$x, $y] = [array_sum(array_column($ring, 0)) / count($ring), array_sum(array_column($ring, 1)) / count($ring)];
        $sum = 0.0;
        $many = 0;
        $step = max(1, intdiv(count($ring), 60));
        for ($n = 0; $n < count($ring); $n += $step) {
            [$u, $v] = $ring[$n];
            $long = max(1.0, hypot($x - $u, $y - $v));
            [$u, $v] = [$u + 3 * ($x - $u) / $long, $v + 3 * ($y - $v) / $long];
            $is = $soft->at($u - 0.5, $v - 0.5);
            $was = $ground->at($u, $v);
            $sum += self::apart($is, $was) / max(128.0, max($was));
            $many++;
        }

        return $sum / $many;
    }

    /**
     * How far a colour is, in levels, from the nearest shadow colour of the surface.
     *
     * @param  array{float, float, float}  $is
     * @param  array{float, float, float}  $ground
     */
    private static function apart(array $is, array $ground): float
    {
        $least = INF;
        for ($share = Covered::DARKEST_SHADOW; $share <= 1.001; $share += 0.04) {
            $off = max(abs($is[0] - $share * $ground[0]), abs($is[1] - $share * $ground[1]), abs($is[2] - $share * $ground[2]));
            $least = min($least, $off);
        }

        return $least;
    }
}
