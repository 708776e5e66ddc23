<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Recipe\Stocked;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Workshop\BagLine;
use KeepShare\Core\Workshop\Workshop;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Recipes;

/** Cards for a class: bags, spares, what is done beforehand, the timetable. */
final class WorkshopTest extends TestCase
{
    /** @param  list<string>|null  $ahead */
    private static function workshop(int $people, int $spareIn = 0, ?array $ahead = null, int $cards = 2): Workshop
    {
        /** @var array<int, list<Card>> $shared */
        static $shared = [];
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards($cards));
        $found = $shared[$cards] ??= ShareOut::of($table)->cards;

        return Workshop::of($found, $table->components, Unit::Inch, $people, $spareIn, $ahead ?? Workshop::usuallyAhead());
    }

    public function test_a_class_needs_so_many_times_what_one_set_takes(): void
    {
        [$one, $six] = [self::workshop(1)->needs(), self::workshop(6)->needs()];

        self::assertSame([2, 12], [$one['base']->needs, $six['base']->needs]);
        self::assertSame(6 * $one['envelope']->needs, $six['envelope']->needs);
        foreach ($six as $id => $need) {
            $component = self::workshop(1)->components[$id];
            self::assertFalse($component->isEndless(), 'what is never used up is not counted');
            if ($component->good instanceof SheetGood) {
                self::assertLessThanOrEqual(6 * $one[$id]->needs, $need->needs, "$id: cut together they take no more");
            }
        }
    }

    public function test_spares_are_one_in_so_many_of_each_part(): void
    {
        $with = self::workshop(12, 5);
        $without = self::workshop(12);
        foreach ($with->bag() as $line) {
            self::assertSame(3 * ($line->size === null ? $line->quantity : 1), $with->sparesOf($line), 'three for twelve at one in five');
        }
        $needs = $with->needs();
        foreach ($without->needs() as $id => $need) {
            self::assertSame(0, $need->spares);
            self::assertGreaterThanOrEqual($need->needs, $needs[$id]->needs);
        }
        self::assertSame(24 + 6, $needs['base']->needs);
    }

    public function test_the_cuts_of_all_sheets_are_grouped_by_their_setting(): void
    {
        $needs = self::workshop(6)->needs();
        $settings = Workshop::settings($needs);
        $all = array_sum(array_map(static fn ($need): int => array_sum($need->settings), $needs));

        self::assertSame($all, array_sum($settings));
        $sorted = array_values($settings);
        rsort($sorted);
        self::assertSame($sorted, array_values($settings), 'the one used most first');
    }

    public function test_what_is_not_done_beforehand_is_left_for_the_table(): void
    {
        $nothing = self::workshop(6, 0, []);
        $all = self::workshop(6, 0, [Workshop::CUTTING, ...array_keys($nothing->kinds())]);

        self::assertSame($nothing->steps, $nothing->atTable());
        self::assertSame([], $nothing->preparing($nothing->needs()));
        self::assertSame([], $all->atTable());
        self::assertSame([], array_filter($nothing->bag(), static fn (BagLine $line): bool => $line->done !== []));
        self::assertNotSame([], array_filter($all->bag(), static fn (BagLine $line): bool => $line->done === ['cut']));
        foreach ($all->preparing($all->needs()) as $kind => $seconds) {
            self::assertSame($kind === Workshop::CUTTING ? $seconds : 6 * $all->kinds()[$kind], $seconds);
        }
    }

    public function test_the_clock_waits_for_what_is_wet(): void
    {
        $clock = self::workshop(1, 0, [])->clock();
        $dry = [];
        $last = 0;
        foreach ($clock as ['at' => $at, 'step' => $step]) {
            self::assertGreaterThanOrEqual($last, $at);
            foreach ($step->after as $before) {
                self::assertGreaterThanOrEqual($dry[$before], $at, "$step->id begins once $before is dry");
            }
            $last = $at;
            $dry[$step->id] = $at + $step->seconds + $step->wait;
        }
        self::assertNotSame([], $clock);
    }

    public function test_a_lost_bag_is_made_up_from_the_spares_while_there_are_some(): void
    {
        $workshop = self::workshop(12, 6);
        self::assertSame([true], array_values(array_unique($workshop->fromSpares(0))), 'two spares of each');
        self::assertSame([true], array_values(array_unique($workshop->fromSpares(1))));
        self::assertSame([false], array_values(array_unique($workshop->fromSpares(2))));
        self::assertSame([0], array_values(array_unique($workshop->remade(2))));
        self::assertSame([1], array_values(array_unique($workshop->remade(3))), 'the third is made anew');
        self::assertSame($workshop->needs()['base']->needs + 2, $workshop->needs($workshop->remade(3))['base']->needs);
    }

    public function test_a_recipe_serves_a_class_as_it_is(): void
    {
        $recipe = Recipes::shipped();
        $stocked = Stocked::of($recipe);
        $workshop = Workshop::of($stocked->cards, $stocked->components, $recipe->unit, 4, 2, Workshop::usuallyAhead());
        $needs = $workshop->needs();

        self::assertSame(6 * 18, array_sum(array_map(
            static fn ($need): int => str_starts_with($need->component, 'base-') ? $need->needs : 0,
            $needs,
        )), 'a base for each card of each, and two to spare');
        foreach ($recipe->letters as $letter) {
            self::assertGreaterThanOrEqual(4, $needs[$letter->letter]->needs);
        }
        self::assertNotSame([], $workshop->atTable());
    }

    public function test_the_leader_waits_only_where_every_open_step_is_wet(): void
    {
        $workshop = self::workshop(4, 0, [Workshop::CUTTING], 4);
        $clock = $workshop->clock();
        self::assertCount(count($workshop->atTable()), $clock);
        $atTable = array_column($workshop->atTable(), 'id');
        $dry = $done = [];
        $now = 0;
        foreach ($clock as ['at' => $at, 'step' => $step]) {
            foreach ($step->after as $before) {
                self::assertLessThanOrEqual($at, $dry[$before] ?? 0, 'nothing wet is touched');
            }
            if ($at > $now) {
                foreach ($workshop->atTable() as $other) {
                    $isOpen = ! isset($done[$other->id]) && array_diff(array_intersect($other->after, $atTable), array_keys($done)) === [];
                    $isDry = max([0, ...array_intersect_key($dry, array_flip($other->after))]) <= $now;
                    self::assertFalse($isOpen && $isDry, "$other->says could be done meanwhile");
                }
            }
            $now = $at + intdiv(3 * $step->seconds, 2);
            $dry[$step->id] = $now + $step->wait;
            $done[$step->id] = true;
        }
    }
}
