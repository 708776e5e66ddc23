<?php

namespace Tests\Core;

use KeepShare\Core\Look\BadReference;
use KeepShare\Core\Look\Homography;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a camera does to a plane, tested by what must stay the same. */
final class HomographyTest extends TestCase
{
    private const SQUARE = [[0.0, 0.0], [100.0, 0.0], [100.0, 100.0], [0.0, 100.0]];

    public function test_four_corners_are_mapped_to_their_places_and_back(): void
    {
        foreach (range(1, 80) as $seed) {
            $seen = self::seen($seed);
            $camera = Homography::of(self::SQUARE, $seen);
            foreach (self::SQUARE as $n => $corner) {
                self::assertNear($seen[$n], $camera->apply(...$corner), "seed $seed, corner $n");
                self::assertNear($corner, $camera->inverse()->apply(...$seen[$n]), "seed $seed, corner $n, back");
            }
        }
    }

    public function test_what_is_straight_stays_straight_and_diagonals_meet_where_they_met(): void
    {
        foreach (range(1, 80) as $seed) {
            $camera = Homography::of(self::SQUARE, self::seen($seed));
            $random = new Randomizer(new Mt19937(1_000 + $seed));
            [$x1, $y1, $x2, $y2] = array_map(static fn (): float => $random->getInt(0, 100_000) / 1_000, range(1, 4));
            [$a, $b, $c] = $camera->all([[$x1, $y1], [($x1 + $x2) / 2, ($y1 + $y2) / 2], [$x2, $y2]]);
            $area = ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
            self::assertEqualsWithDelta(0.0, $area, 1e-6, "seed $seed: three points on a line");

            $corners = $camera->all(self::SQUARE);
            self::assertNear(self::crossing($corners), $camera->apply(50.0, 50.0), "seed $seed: the middle");
        }
    }

    public function test_one_after_the_other_and_back_is_where_it_was(): void
    {
        foreach (range(1, 40) as $seed) {
            $there = Homography::of(self::SQUARE, self::seen($seed));
            $on = Homography::of(self::seen($seed), self::seen($seed + 500));
            $at = $on->apply(...$there->apply(30.0, 70.0));
            $straight = Homography::of(self::SQUARE, self::seen($seed + 500));
            self::assertNear($straight->apply(30.0, 70.0), $at, "seed $seed: by two steps or by one");
            self::assertNear([30.0, 70.0], $there->inverse()->apply(...$on->inverse()->apply(...$at)), "seed $seed: and back");
        }
    }

    public function test_two_points_give_the_scale(): void
    {
        $scaled = Homography::ofTwo(10, 10, 40, 50, 200);
        [$a, $b] = $scaled->all([[10.0, 10.0], [40.0, 50.0]]);

        self::assertEqualsWithDelta(200.0, hypot($b[0] - $a[0], $b[1] - $a[1]), 1e-9);
    }

    public function test_stretching_lengthens_along_its_direction_and_across_it(): void
    {
        foreach ([0.0, 0.3, M_PI / 4, 1.2, M_PI / 2] as $angle) {
            $stretched = Homography::stretched($angle, 3.0, 0.5);
            [$x, $y] = $stretched->apply(cos($angle), sin($angle));
            self::assertNear([3 * cos($angle), 3 * sin($angle)], [$x, $y], "along $angle");
            [$x, $y] = $stretched->apply(-sin($angle), cos($angle));
            self::assertNear([-sin($angle) / 2, cos($angle) / 2], [$x, $y], "across $angle");
        }
    }

    public function test_three_corners_on_a_line_are_no_reference(): void
    {
        $this->expectException(BadReference::class);
        Homography::of([[0.0, 0.0], [50.0, 50.0], [100.0, 100.0], [0.0, 100.0]], self::SQUARE);
    }

    /**
     * The corners of a square as a camera may see them, each within a fifth of the side.
     *
     * @return list<array{float, float}>
     */
    private static function seen(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));

        return array_map(
            static fn (array $corner): array => [
                $corner[0] * 7 + $random->getInt(-140_000, 140_000) / 1_000 + 300,
                $corner[1] * 7 + $random->getInt(-140_000, 140_000) / 1_000 + 200,
            ],
            self::SQUARE,
        );
    }

    /**
     * Where the diagonals of four corners meet.
     *
     * @param  array<array{float, float}>  $corners
     * @return array{float, float}
     */
    private static function crossing(array $corners): array
    {
        [[$ax, $ay], [$bx, $by], [$cx, $cy], [$dx, $dy]] = array_values($corners);
        $along = (($bx - $ax) * ($dy - $by) - ($by - $ay) * ($dx - $bx)) / (($cx - $ax) * ($dy - $by) - ($cy - $ay) * ($dx - $bx));

        return [$ax + $along * ($cx - $ax), $ay + $along * ($cy - $ay)];
    }

    /**
     * @param  array{float, float}  $expected
     * @param  array{float, float}  $actual
     */
    private static function assertNear(array $expected, array $actual, string $what): void
    {
        self::assertEqualsWithDelta($expected[0], $actual[0], 1e-6, $what);
        self::assertEqualsWithDelta($expected[1], $actual[1], 1e-6, $what);
    }
}
