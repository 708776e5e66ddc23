<?php

namespace Tests\Core;

use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Ground;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The best use of the area beside a box, against plain recursions that try every cut of a small sheet. */
final class GroundTest extends TestCase
{
    public function test_the_most_of_any_part_is_what_trying_every_cut_finds(): void
    {
        foreach (range(1, 40) as $seed) {
            [$width, $height, $wishes] = self::asked($seed);
            $ground = Ground::of(Size::ofUnits($width, $height), $wishes) ?? self::fail('there are few places');
            $most = self::most($width, $height, $wishes);
            foreach (range(1, $width) as $w) {
                foreach (range(1, $height) as $h) {
                    self::assertSame($most[$w][$h], $ground->most($w, $h), "seed $seed, $w by $h of $width by $height");
                }
            }
        }
    }

    public function test_beside_a_box_lies_no_less_than_strips_to_the_right_and_below_could_bring(): void
    {
        foreach (range(1, 40) as $seed) {
            [$width, $height, $wishes] = self::asked($seed);
            $ground = Ground::of(Size::ofUnits($width, $height), $wishes) ?? self::fail('there are few places');
            $most = self::most($width, $height, $wishes);
            foreach ($wishes as $wish) {
                [$w, $h] = [$wish->piece->size->width->units, $wish->piece->size->height->units];
                $beside = $ground->beside($w, $h);
                $right = $width > $w ? $most[$width - $w][$h] : 0;
                $below = $height > $h ? $most[$w][$height - $h] : 0;
                self::assertGreaterThanOrEqual($right, $beside, "seed $seed: the strip to the right alone");
                self::assertGreaterThanOrEqual($below, $beside, "seed $seed: the strip below alone");
                self::assertGreaterThanOrEqual(
                    $right + ($height > $h ? $most[$width][$height - $h] : 0),
                    $beside,
                    "seed $seed: first to the right, then below all of it",
                );
                self::assertLessThanOrEqual($most[$width][$height], $beside, "seed $seed: no more than the whole sheet brings");
            }
            self::assertSame(0, $ground->beside($width, $height), 'beside the whole sheet is nothing');
        }
    }

    public function test_where_sides_add_up_to_too_many_places_it_is_not_asked(): void
    {
        $wishes = [self::wish(7, 11, 3), self::wish(13, 5, 2)];

        self::assertNotNull(Ground::of(Size::ofUnits(60, 60), $wishes));
        self::assertNull(Ground::of(Size::ofUnits(6_000, 6_000), $wishes));
    }

    /** @return array{int, int, list<Demand>} a small sheet, and pieces of which each lies on it one way at least */
    private static function asked(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        [$width, $height] = [$random->getInt(4, 14), $random->getInt(4, 14)];
        $wishes = array_map(static fn (): Demand => self::wish(
            $random->getInt(1, $width),
            $random->getInt(1, $height),
            $random->getInt(1, 30),
            $random->getInt(0, 1) === 1,
        ), range(1, $random->getInt(1, 4)));

        return [$width, $height, $wishes];
    }

    private static function wish(int $width, int $height, int $worth, bool $mayTurn = false): Demand
    {
        return Demand::for(Piece::of("$width by $height", Size::ofUnits($width, $height), $mayTurn), $worth, 1);
    }

    /**
     * The highest value of guillotine cuts of each part, with any number of each piece. Every cut at every unit is
     * tried.
     *
     * @param  list<Demand>  $wishes
     * @return array<int, array<int, int>>
     */
    private static function most(int $width, int $height, array $wishes): array
    {
        $most = [];
        foreach (range(1, $width) as $w) {
            foreach (range(1, $height) as $h) {
                $best = 0;
                foreach ($wishes as $wish) {
                    if ($wish->piece->size->fitsIn(Size::ofUnits($w, $h), $wish->piece->mayTurn)) {
                        $best = max($best, $wish->worth);
                    }
                }
                for ($x = 1; $x < $w; $x++) {
                    $best = max($best, $most[$x][$h] + $most[$w - $x][$h]);
                }
                for ($y = 1; $y < $h; $y++) {
                    $best = max($best, $most[$w][$y] + $most[$w][$h - $y]);
                }
                $most[$w][$h] = $best;
            }
        }

        return $most;
    }
}
