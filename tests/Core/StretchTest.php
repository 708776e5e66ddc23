<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\EnvelopeToBuy;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\StandardEnvelope;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Pattern\Repeats;
use KeepShare\Core\Share\Replanned;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Replay;
use Tools\Bench\ScarceKit;

/** As many cards as the kit really holds. */
final class StretchTest extends TestCase
{
    /** @return list<array{int}> */
    public static function scarce(): array
    {
        return [[1], [5]];
    }

    #[DataProvider('scarce')]
    public function test_where_paper_is_scarce_many_more_cards_are_made_and_all_can_be_cut(int $seed): void
    {
        $table = Inventory::unpacked(ScarceKit::of($seed))->under(Preferences::asManyAsPossible());
        $cards = Stretch::most($table);

        self::assertGreaterThanOrEqual(2 * count(Sharer::most($table)), count($cards), 'at least twice as many as without prices');
        self::assertLessThanOrEqual(ColumnGeneration::on($table)->bound->cards, count($cards));
        self::assertGreaterThanOrEqual(ColumnGeneration::on($table)->bound->cards - 1, count($cards), 'no more than one below what can be');
        self::assertWhole($table, $cards);
    }

    /** @return list<array{int, int}> */
    public static function manyBases(): array
    {
        return [[4, 36], [12, 26], [23, 37]];
    }

    #[DataProvider('manyBases')]
    public function test_the_most_cards_are_on_many_sketches_and_take_most_of_the_paper(int $seed, int $bases): void
    {
        $table = Inventory::unpacked(ScarceKit::withBases($seed, $bases))->under(Preferences::asManyAsPossible());
        $cards = Stretch::most($table);
        $onOne = array_count_values(array_map(static fn (Card $card): string => $card->sketch->key, $cards));

        self::assertCount($bases, $cards, 'no card is given up for it');
        self::assertLessThanOrEqual(Repeats::quarter($bases), max([0, ...$onOne]));
        self::assertLessThan(.4 * Areas::left($table, true), Areas::left($table->after(...$cards), true), 'little paper is left over');
        self::assertWhole($table, $cards);
    }

    public function test_what_some_plans_leave_over_is_all_that_no_piece_needs(): void
    {
        $table = Inventory::unpacked(ScarceKit::withBases(12, 26))->under(Preferences::cards(6));
        $cards = Stretch::most($table);
        $left = $table->leftBy(Replanned::plans($table, $cards), ...$cards);

        self::assertSame([], $left->promised);
        self::assertSame(20, $left->free['base']);
        self::assertEqualsWithDelta(Areas::left($table->after(...$cards), true), Areas::left($left, true), 1.0);
        $more = Sharer::most($left->asking(Preferences::cards(3)));
        self::assertSame([7, 8, 9], array_column($more, 'number'));
        self::assertWhole($table, [...$cards, ...$more]);
    }

    public function test_a_pad_of_twenty_four_sheets_gives_forty_eight_cards(): void
    {
        $table = Inventory::unpacked(ScarceKit::pad())->under(Preferences::asManyAsPossible());

        self::assertCount(48, Stretch::most($table));
        self::assertSame([48, Need::Base], [Bound::on($table)->cards, Bound::on($table)->need]);
    }

    public function test_where_there_is_enough_nothing_is_paid_for_paper(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(10));

        self::assertEquals(Sharer::most($table), Stretch::most($table));
    }

    public function test_if_a_price_gives_no_more_cards_the_better_looking_ones_stay(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(12));
        $cards = Stretch::most($table);

        self::assertCount(10, $cards, 'there are ten bases');
        self::assertEquals(Sharer::most($table), $cards);
        $beside = Inventory::unpacked(Kits::demo(), Kits::demo('stash'));
        // By area two bases come out of it, by the trimmer one.
        $offcut = Stock::offcut('rest', Size::parse('12', '8', Unit::Inch));
        $short = Inventory::of(
            $beside->unit,
            $beside->front,
            $beside->components,
            $beside->free,
            [...$beside->stock, 'stash-heavy-white' => [$offcut], 'stash-heavy-white-a4' => []],
            stash: $beside->stash,
        )->under(Preferences::cards(12, true));
        self::assertSame(12, Bound::on($short)->cards);
        self::assertCount(11, Sharer::most($short));
        self::assertEquals(Sharer::most($short), Stretch::most($short));
    }

    public function test_beside_cards_on_the_table_all_can_be_cut(): void
    {
        $table = Inventory::unpacked(ScarceKit::of(0))->under(Preferences::cards(10));
        $after = $table->after(...Stretch::most($table))->asking(Preferences::asManyAsPossible());
        $more = Stretch::most($after);

        self::assertGreaterThan(10, count($more));
        self::assertTrue(Replanned::areAll($after, $more), 'with the pieces that are promised');
    }

    /** @return array<string, array{Kit}> */
    public static function stopped(): array
    {
        return ['paper is short' => [ScarceKit::of(1)], 'as many of a richer sort' => [ScarceKit::withBases(14, 40)]];
    }

    #[DataProvider('stopped')]
    public function test_stopped_it_keeps_the_most_found_so_far(Kit $kit): void
    {
        $table = Inventory::unpacked($kit)->under(Preferences::asManyAsPossible());
        $told = [];
        $cards = Stretch::most($table, static function (int $made) use (&$told): bool {
            $told[] = $made;

            return $made < 8;
        });
        $rising = $told;
        sort($rising);

        self::assertSame($rising, $told, 'it never says fewer than before');
        self::assertGreaterThanOrEqual(8, count($cards));
        self::assertWhole($table, $cards);
    }

    public function test_no_card_waits_for_an_envelope_and_the_maker_is_told_which_to_buy(): void
    {
        $kit = Kits::without(Kind::Envelope);
        $table = Inventory::unpacked($kit)->under(Preferences::cards(10));
        $cards = Stretch::most($table);

        self::assertCount(10, $cards);
        $hand = CardInHand::of($cards[0], $table->components, $table->unit, $cards);
        self::assertSame('No envelope in the kit; a C6 fits.', (new EnvelopeToBuy)->look($hand)[0]->says, 'with the foam on it');
        self::assertSame(StandardEnvelope::C6, EnvelopeToBuy::for($hand));
        self::assertCount(0, Stretch::most($table->asking(Preferences::cards(10)->inEnvelopes())));
        $with = Inventory::unpacked(Kits::demo())->under(Preferences::cards(1));
        $own = CardInHand::of(Sharer::most($with)[0], $with->components, $with->unit, []);
        self::assertSame([], (new EnvelopeToBuy)->look($own));
    }

    public function test_without_pictures_the_paper_or_the_words_are_what_the_eye_rests_on(): void
    {
        $kit = Kits::demo();
        $plain = array_filter($kit->components, static fn (Component $one): bool => ! $one->isFocalPoint()
            && ! in_array($one->kind(), [Kind::Tool, Kind::Panel], true));
        $table = Inventory::unpacked(self::kitOf($kit, ...$plain))->under(Preferences::cards(10));
        $cards = Stretch::most($table);

        self::assertCount(10, $cards);
        self::assertWhole($table, $cards);
    }

    public function test_bases_and_stamps_alone_make_cards(): void
    {
        $kit = Kits::demo('knitted-hills');
        $bare = array_filter(
            [...$kit->components, ...Kits::demo()->components],
            static fn (Component $one): bool => $one->kind() === Kind::Stamp,
        );
        $base = array_values(array_filter($kit->components, static fn (Component $one): bool => $one->kind() === Kind::Base))[0];
        $table = Inventory::unpacked(self::kitOf($kit, $base, ...$bare))->under(Preferences::asManyAsPossible());
        $cards = Stretch::most($table);

        self::assertCount($base->count, $cards);
        self::assertWhole($table, $cards);
        self::assertNull($cards[0]->taking('sentiment-label'));
        $withPaper = Inventory::unpacked($kit)->under(Preferences::asManyAsPossible());
        self::assertSame([], array_filter($withPaper->sketches, static fn (Sketch $one): bool => $one->isBare()));
    }

    public function test_different_words_come_first_then_the_same_on_as_few_cards_as_can_be(): void
    {
        $table = Inventory::unpacked(ScarceKit::pad())->under(Preferences::cards(7));
        $said = array_map(static fn (Card $card): string => $card->taking('sentiment')->component ?? '', Stretch::most($table));
        $counts = array_count_values($said);
        sort($counts);

        self::assertSame([3, 4], $counts);
        self::assertNotSame($said[0], $said[1]);
        self::assertCount(2, Stretch::most($table->asking(Preferences::cards(7)->saying(WordsAgain::Once))));
    }

    public function test_the_bound_by_area_is_never_below_the_best_mix_of_designs_and_no_more_than_two_above_it(): void
    {
        foreach (range(0, 11) as $seed) {
            $table = Inventory::unpacked(ScarceKit::of($seed))->under(Preferences::asManyAsPossible());
            $least = self::bestMix($table);
            $bound = Areas::on($table)->cards;
            self::assertGreaterThanOrEqual($least, $bound, "kit $seed");
            self::assertLessThanOrEqual($least + 2, $bound, "kit $seed");
        }
    }

    public function test_every_lean_sketch_does_without_a_picture_and_keeps_room_for_words(): void
    {
        $lean = array_filter(Sketches::all(), static fn (Sketch $one): bool => $one->focus->isLean());

        self::assertGreaterThanOrEqual(12, count($lean));
        $front = Kits::demo()->front;
        foreach ($lean as $sketch) {
            foreach ([$front, $front->turned()] as $way) {
                $place = $sketch->resolve($way, Kits::demo()->unit)->sentiment->size;
                self::assertGreaterThanOrEqual(406_400, $place->longer()->units, "$sketch->name: 2 in for words");
                self::assertGreaterThanOrEqual(152_400, $place->shorter()->units, "$sketch->name: 3/4 in for words");
            }
        }
    }

    /** The most designs that fit by area, by brute force over pairs of designs. */
    private static function bestMix(Table $table): int
    {
        $left = [Areas::left($table, true), Areas::left($table, false)];
        $designs = [];
        foreach ($table->sketchesGiving() as $sketch) {
            foreach ([$table->front, $table->front->turned()] as $front) {
                $layout = $table->layouts->of($sketch, $front);
                $designs[] = $layout === null ? [INF, INF] : Areas::of($layout);
            }
        }
        $fit = static fn (array $left, array $one): int => (int) min(
            Preferences::MOST_CARDS,
            $one[0] > 0 ? floor($left[0] / $one[0]) : INF,
            $one[1] > 0 ? floor($left[1] / $one[1]) : INF,
        );
        $best = 0;
        foreach ($designs as $one) {
            foreach ($designs as $other) {
                for ($many = 0; $many <= $fit($left, $one); $many++) {
                    $rest = [$left[0] - $many * $one[0], $left[1] - $many * $one[1]];
                    $best = max($best, $many + $fit($rest, $other));
                }
            }
        }

        return min(Preferences::MOST_CARDS, $best);
    }

    private static function kitOf(Kit $like, Component ...$components): Kit
    {
        return Kit::of($like->name, $like->unit, $like->front, 10, null, array_values($components));
    }

    /** @param  list<Card>  $cards */
    private static function assertWhole(Table $table, array $cards): void
    {
        $table = $table->apartFor(...$cards);
        foreach ($cards as $card) {
            self::assertSame([], CardFront::of($card, $table->components, $table->unit)->lacks, "card $card->number");
        }
        $after = $table->after(...$cards);
        foreach ($after->free as $component => $left) {
            self::assertTrue($left >= 0 || $table->components[$component]->isEndless(), $component);
        }
        foreach ($after->promised as $component => $pieces) {
            $plan = Engine::plan($table->stock[$component], $pieces);
            self::assertTrue($plan->isComplete(), "$component: what was promised can be planned");
            $byId = array_column(array_map(static fn (Piece $piece): array => [$piece->id, $piece], $pieces), 1, 0);
            foreach ($plan->sheets as $sheet) {
                Replay::of($sheet, $byId);
            }
        }
    }
}
