<?php

namespace Tests\Core;

use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\Classroom;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Table\Laying;
use KeepShare\Core\Table\Wishes;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** So many sets of the same cards. */
final class ClassroomTest extends TestCase
{
    public function test_a_class_needs_so_many_times_what_one_set_takes(): void
    {
        $table = Laying::unpacked(Kits::demo());
        $cards = ShareOut::of($table->under(Wishes::cards(4)))->cards;
        $needs = static fn (int $sets): array => array_column(
            array_map(
                static fn (Classroom $need): array => [$need->component, $need->needs],
                Classroom::of($table->under(Wishes::cards(1, true)), $cards, $sets),
            ),
            1,
            0,
        );

        self::assertSame([4, 24], [$needs(1)['base'], $needs(6)['base']]);
        self::assertSame(6 * $needs(1)['envelope'], $needs(6)['envelope']);
        foreach ($needs(6) as $component => $count) {
            $good = $table->components[$component]->good;
            self::assertFalse($table->components[$component]->isEndless(), 'what is never used up is not counted');
            if (! $good instanceof SheetGood) {
                continue;
            }
            $area = 0;
            foreach ($cards as $card) {
                foreach ($card->takings as $taking) {
                    $area += $taking->component === $component ? $taking->size?->exactArea() ?? 0 : 0;
                }
            }
            self::assertGreaterThanOrEqual(
                6 * $area,
                $count * $good->size()->exactArea(),
                "$component: no fewer sheets than the pieces cover",
            );
            self::assertLessThanOrEqual(
                6 * $needs(1)[$component],
                $count,
                "$component: cut together they take no more",
            );
        }
    }

    public function test_cuts_are_grouped_by_the_setting_of_the_guide(): void
    {
        $table = Laying::unpacked(Kits::demo());
        $cards = ShareOut::of($table->under(Wishes::cards(2)))->cards;
        foreach (Classroom::of($table->under(Wishes::cards(1, true)), $cards, 3) as $need) {
            if ($need->settings !== []) {
                self::assertSame(array_reverse(self::sorted($need->settings)), array_values($need->settings), 'the one used most first');
                self::assertNotSame('', Length::ofUnits(array_key_first($need->settings))->label(Unit::Inch));
            }
        }
    }

    /**
     * @param  array<int, int>  $counts
     * @return list<int>
     */
    private static function sorted(array $counts): array
    {
        sort($counts);

        return $counts;
    }
}
