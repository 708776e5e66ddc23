<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * Where two pieces that touch are separated: at their narrowest place, or along a line that the maker draws.
 *
 * @phpstan-import-type Point from Homography
 *
 * @phpstan-type NeckFields array{from: Point, to: Point, share: float}
 */
final readonly class Neck
{
    /** The smaller of both parts must be at least this share of the whole. */
    private const LEAST_PART = 0.1;

    /** If the square of the neck is at most this share of the smaller part, there are two pieces. */
    private const NARROW = 0.22;

    private const POINTS = 140;

    /**
     * @param  Point  $from
     * @param  Point  $to
     * @param  float  $share  its square as a part of the smaller of both parts
     */
    private function __construct(public array $from, public array $to, private float $share)
    {
    }

    /** Whether it looks like two pieces that touch. */
    public function isNarrow(): bool
    {
        return $this->share <= self::NARROW;
    }

    /** @return NeckFields */
    public function fields(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'share' => $this->share];
    }

    /** @param  NeckFields  $fields  what was kept of it */
    public static function kept(array $fields): self
    {
        return new self($fields['from'], $fields['to'], $fields['share']);
    }

    /**
     * @param  FoundPiece  $piece  windows go with the part they are in
     * @param  Point  $from
     * @param  Point  $to
     * @return array{FoundPiece, FoundPiece}|null null where the line does not go through it
     */
    public static function parted(FoundPiece $piece, array $from, array $to): ?array
    {
        $ring = $piece->rings[0];
        $crossed = self::crossings($ring, $from, $to);
        if ($crossed === null) {
            return null;
        }
        [[$i, $p], [$j, $q]] = $crossed;
        $one = [$p, ...array_slice($ring, $i + 1, $j - $i), $q];
        $two = [$q, ...array_slice($ring, $j + 1), ...array_slice($ring, 0, $i + 1), $p];
        if (min(abs(Ring::area($one)), abs(Ring::area($two))) < 12) {
            return null;
        }
        $windows = array_slice($piece->rings, 1);

        return [self::part($one, $windows, $piece), self::part($two, $windows, $piece)];
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @param  list<non-empty-list<Point>>  $windows
     */
    private static function part(array $ring, array $windows, FoundPiece $of): FoundPiece
    {
        $rings = [$ring];
        foreach ($windows as $window) {
            if (Ring::holds($ring, $window[0][0], $window[0][1])) {
                $rings[] = $window;
            }
        }

        return FoundPiece::of($rings, $of->atEdge, $of->contrast);
    }

    /**
     * Where the line crosses the ring on both sides of its own middle.
     *
     * @param  non-empty-list<Point>  $ring
     * @param  Point  $from
     * @param  Point  $to
     * @return array{array{int, Point}, array{int, Point}}|null by the side of the ring, the earlier first
     */
    private static function crossings(array $ring, array $from, array $to): ?array
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        if (hypot($dx, $dy) < 1) {
            return null;
        }
        $found = [];
        foreach ($ring as $n => [$x, $y]) {
            [$u, $v] = $ring[$n + 1] ?? $ring[0];
            $a = ($x - $from[0]) * $dy - ($y - $from[1]) * $dx;
            $b = ($u - $from[0]) * $dy - ($v - $from[1]) * $dx;
            if (($a > 0) !== ($b > 0)) {
                $share = $a / ($a - $b);
                $point = [$x + $share * ($u - $x), $y + $share * ($v - $y)];
                $along = (($point[0] - $from[0]) * $dx + ($point[1] - $from[1]) * $dy) / ($dx * $dx + $dy * $dy);
                $found[] = ['at' => $along, 'side' => $n, 'point' => $point];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $best = null;
        $most = 0.0;
        // Between an odd crossing and the next the line is inside.
        for ($n = 0; $n + 1 < count($found); $n += 2) {
            $shared = min(1.0, $found[$n + 1]['at']) - max(0.0, $found[$n]['at']);
            [$best, $most] = $shared > $most ? [[$found[$n], $found[$n + 1]], $shared] : [$best, $most];
        }
        if ($best === null) {
            return null;
        }
        usort($best, static fn (array $a, array $b): int => $a['side'] <=> $b['side']);

        return [[$best[0]['side'], $best[0]['point']], [$best[1]['side'], $best[1]['point']]];
    }

    /**
     * The narrowest place. It compares every two points of the ring, so the result is kept.
     *
     * @param  non-empty-list<Point>  $ring
     */
    public static function of(array $ring): ?self
    {
        $step = max(1, intdiv(count($ring), self::POINTS));
        $points = array_values(array_filter($ring, static fn (int $n): bool => $n % $step === 0, ARRAY_FILTER_USE_KEY));
        $many = count($points);
        $whole = abs(Ring::area($ring));
        $sums = [0.0];
        foreach ($points as $n => [$x, $y]) {
            [$u, $v] = $points[$n + 1] ?? $points[0];
            $sums[] = $sums[$n] + ($x * $v - $u * $y) / 2;
        }
        $best = null;
        for ($i = 0; $i < $many; $i++) {
            for ($j = $i + 3; $j < $many; $j++) {
                [[$x, $y], [$u, $v]] = [$points[$i], $points[$j]];
                $part = abs($sums[$j] - $sums[$i] + ($u * $y - $x * $v) / 2);
                $less = min($part, $whole - $part);
                $wide = ($x - $u) ** 2 + ($y - $v) ** 2;
                $isBetter = $less >= self::LEAST_PART * $whole && ($best === null || $wide < $best->share * $less);
                if ($isBetter && self::isWithin($ring, [$x, $y], [$u, $v])) {
                    $best = new self([$x, $y], [$u, $v], $wide / $less);
                }
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @param  Point  $from
     * @param  Point  $to
     */
    private static function isWithin(array $ring, array $from, array $to): bool
    {
        foreach ([0.25, 0.5, 0.75] as $share) {
            if (! Ring::holds($ring, $from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1]))) {
                return false;
            }
        }

        return true;
    }
}
