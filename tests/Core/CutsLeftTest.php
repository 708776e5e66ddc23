<?php

namespace Tests\Core;

use KeepShare\Core\Cut\CutsLeft;
use KeepShare\Core\Cut\Node;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Sequence;
use KeepShare\Core\Cut\Split;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The cuts of a sheet stay in the order of their list, cut by cut. */
final class CutsLeftTest extends TestCase
{
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    public function test_cut_by_cut_the_order_is_that_of_the_list(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($n = 0; $n < 40; $n++) {
            $whole = self::planned($random);
            $listed = array_map(self::says(...), Sequence::of($whole));
            self::assertSame($listed, self::cutByCut($whole));
        }
    }

    public function test_a_part_planned_again_begins_at_the_present_setting_of_the_guide(): void
    {
        $strip = static fn (int $sixteenths, int $high): Node => Planner::plan(
            [Stock::offcut('s', Size::ofUnits(12_700 * 96, 12_700 * $high))],
            [Piece::of('p', Size::ofUnits(12_700 * $sixteenths, 12_700 * $high), false)],
        )->sheets[0]->root;
        $last = $strip(40, 16);
        self::assertInstanceOf(Split::class, $last);
        $left = CutsLeft::of(null, [7 => [0, 0, $strip(64, 16)], 9 => [0, 203_200, $strip(40, 32)]], $last);

        self::assertSame([9, 7], array_column($left, 0), 'the guide stands at 2 1/2 in already');
    }

    /** @return list<string> the cuts as they are asked for, one after the other */
    private static function cutByCut(Node $whole): array
    {
        $made = [];
        $parts = [[0, 0, $whole]];
        $last = null;
        while (($left = CutsLeft::of($whole, $parts, $last)) !== []) {
            [$key, $split] = $left[0];
            [$x, $y, $root] = $parts[$key];
            self::assertInstanceOf(Split::class, $root);
            self::assertSame($root->rect(), $split->rect(), 'the next cut goes through a part that is in hand');
            $made[] = self::says($root);
            unset($parts[$key]);
            foreach ([$root->first, $root->second] as $part) {
                if ($part instanceof Split) {
                    $parts[] = [$x, $y, $part];
                }
            }
            $last = $root;
        }

        return $made;
    }

    private static function says(Split $split): string
    {
        $rect = $split->rect();

        return "{$rect->x->units} {$rect->y->units} {$split->direction->value} {$split->at->units}";
    }

    private static function planned(Randomizer $random): Node
    {
        $pieces = [];
        for ($n = $random->getInt(2, 7); $n > 0; $n--) {
            $side = static fn (): int => 12_700 * $random->getInt(8, 48);
            $pieces[] = Piece::of("p$n", Size::ofUnits($side(), $side()), $random->getInt(0, 1) === 1);
        }

        return Planner::plan([Stock::sheet('s', Size::parse('6', '6', Unit::Inch))], $pieces)->sheets[0]->root;
    }
}
