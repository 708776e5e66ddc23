<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\FullShareOut;
use KeepShare\Core\Outlook\WaysOut;
use KeepShare\Core\Share\Judge;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Kits;
use Tests\Core\Support\RandomWishes;
use Tests\Core\Support\Verifier;

/** A wish always holds: alone, and with any others. */
final class WishesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "kit $seed" => [$seed];
        }
    }

    /** Two to five wishes at once on the demo kits and on made-up ones, checked without knowing the search. */
    #[DataProvider('seeds')]
    public function test_any_wishes_together_are_met_or_it_is_said_why_not(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $laying = self::laying($seed, $random);
        $wishes = RandomWishes::for($laying, $random);
        $table = $laying->under($wishes);
        $out = FullShareOut::of($table, 4);

        $refused = array_column($out->shortfalls(), 'says', 'wish');
        $refused += count($out->cards) < $wishes->cards ? ['cards' => $out->whyNoMore()] : [];
        self::assertSame([], Verifier::faults($laying, $wishes, $out->cards, self::plans($out), $refused));
        self::assertLessThanOrEqual(Bound::on($table->everythingApart())->cards, count($out->cards), 'no more than the bound');
        $after = $table->after(...$out->cards);
        self::assertGreaterThanOrEqual(count(Sharer::most($after)), Bound::on($after)->cards, 'nor beyond them');
    }

    /** @return array<string, CutPlan> how what the cards take is cut, planned from the pieces alone */
    private static function plans(FullShareOut $out): array
    {
        $plans = [];
        foreach (Card::piecesOf($out->cards) as $component => $pieces) {
            $all = [...$out->table->promised[$component] ?? [], ...$pieces];
            $terms = Terms::usual()->with($out->table->wishes->trimmer());
            $plans[$component] = Engine::plan($out->table->stock[$component] ?? [], $all, $terms);
        }

        return $plans;
    }

    public function test_settling_is_never_worse(): void
    {
        $table = Inventory::unpacked(Kits::random(4))->under(Preferences::cards(6));
        $first = Stretch::most($table);
        $judge = Judge::of($table);

        self::assertGreaterThanOrEqual(0, $judge->merit(LocalSearch::down($table, $first, 6))->compare($judge->merit($first)));
    }

    public function test_folds_heed_how_many_cards_may_take_from_the_stash(): void
    {
        $laying = Inventory::unpacked(Kits::demo(), Kits::demo('stash'));
        foreach ([0, 1, 2] as $limit) {
            $table = $laying->under(Preferences::cards(8, true)->folding(['gatefold' => 4])->stashFor($limit));
            $cards = Sharer::most($table);
            self::assertCount(8, $cards);
            self::assertLessThanOrEqual(
                $limit,
                count(array_filter($cards, static fn (Card $card): bool => $table->fromStash($card) > 0)),
                "limit $limit",
            );
        }
    }

    public function test_the_copies_of_a_set_count_as_cards_that_take_from_the_stash(): void
    {
        $laying = Inventory::unpacked(Kits::without(Kind::Base), Kits::demo('stash'));
        $table = $laying->under(Preferences::cards(4, true)->inSetsOf(4)->stashFor(2));

        self::assertLessThanOrEqual(
            2,
            count(array_filter(Sharer::most($table), static fn (Card $card): bool => $table->fromStash($card) > 0)),
        );
    }

    /** @return list<array{int, int, int}> in sets of so many; the bound, and how many are made at most */
    public static function sets(): array
    {
        return [[1, 4, 4], [2, 8, 8], [4, 16, 10]];
    }

    #[DataProvider('sets')]
    public function test_the_bound_knows_that_a_set_says_its_words_as_often_as_it_is_large(int $set, int $bound, int $made): void
    {
        $kit = Kits::without(Kind::Stamp, Kind::Base, Kind::Envelope);
        $components = array_filter($kit->components, static fn (Component $one): bool => $one->words() === null);
        $front = Size::parse('4 1/4', '5 1/2', Unit::Inch);
        $white = Colour::fromHex('#ffffff');
        foreach (['one', 'two', 'three', 'four'] as $text) {
            $words = DieCut::of(
                Printed::of(
                    Size::parse('2', '1/2', Unit::Inch),
                    Serves::Sentiment,
                    Shape::Label,
                    [$white],
                    Words::of($text, [Occasion::of('hello')]),
                ),
            );
            $components[] = Component::of("words-$text", $text, $words, 4);
        }
        $components[] = Component::of('base', 'Base', CardBase::of($front, FoldEdge::Side, $white), 16);
        $components[] = Component::of(
            'envelope',
            'Envelope',
            Envelope::of(Size::parse('4 3/8', '5 3/4', Unit::Inch), $white),
            16,
        );
        $table = Inventory::unpacked(
            Kit::of('Four words', $kit->unit, $kit->front, 10, null, array_values($components)),
        )->under(Preferences::asManyAsPossible()->saying(WordsAgain::Once)->inSetsOf($set));

        self::assertSame($bound, Bound::on($table)->cards);
        self::assertCount($made, Sharer::most($table));
    }

    public function test_one_of_each_is_saved_once_whoever_asks(): void
    {
        $laying = Inventory::unpacked(Kits::demo());
        $saving = $laying->under(Preferences::asManyAsPossible()->savingOne());
        foreach ($laying->components as $id => $component) {
            $isSaved = $component->count > 1
                && ! $component->isEndless()
                && ! in_array($component->kind(), [Kind::Base, Kind::Envelope, Kind::Ribbon, Kind::Foam], true);
            $there = $component->good instanceof SheetGood ? count($laying->stock[$id]) : $laying->free[$id];
            $offered = static fn (Table $table): int => $component->good instanceof SheetGood
                ? count($table->stock[$id])
                : $table->free[$id];
            self::assertSame($there - (int) $isSaved, $offered($saving), $id);
            self::assertSame($offered($saving), $offered($saving->asking($saving->wishes->forCards(2))->after()), "$id, asked for again");
        }
        $card = Sharer::most($laying->under(Preferences::cards(1)))[0];
        $taking = $card->taking('focal');
        self::assertNotNull($taking);
        self::assertSame(
            0,
            $laying->under(Preferences::cards(1)->savingOne())->after($card)->free[$taking->component],
            'of two, one is on a card and one is saved',
        );
    }

    public function test_what_is_set_to_never_use_is_not_offered_for_another_sketch_or_a_short_row(): void
    {
        $laying = Inventory::unpacked(Kits::demo());
        [$card] = Sharer::most($laying->under(Preferences::cards(1)));
        $bare = $card->fitted(array_values(array_filter($card->takings, static fn (Taking $taking): bool => $taking->size === null)));
        $free = Refit::on($laying->under(Preferences::cards(1)))->card($bare, []);
        $papers = array_values(array_filter($free->takings, static fn (Taking $taking): bool => $taking->size !== null));
        self::assertNotSame([], $papers);
        $never = $laying->under(Preferences::cards(1)->using([$papers[0]->component => Wanted::Never]));
        foreach (Refit::on($never)->card($bare, [])->takings as $taking) {
            self::assertNotSame($papers[0]->component, $taking->component);
        }
        foreach (WaysOut::of($never, $free, $papers[count($papers) - 1]->part) as $way) {
            self::assertNotSame($papers[0]->component, $way->taking?->component);
        }
    }

    public function test_ways_out_take_from_the_stash_for_no_more_cards_than_may(): void
    {
        $laying = Inventory::unpacked(Kits::demo(), Kits::demo('stash'));
        [$card] = Sharer::most($laying->under(Preferences::cards(1)));
        $ways = static fn (Preferences $wishes): array => array_filter(
            WaysOut::of($laying->under($wishes), $card, 'base'),
            static fn ($way): bool => $way->taking !== null && isset($laying->stash[$way->taking->component]),
        );

        self::assertNotSame([], $ways(Preferences::cards(1)));
        self::assertSame([], $ways(Preferences::cards(1)->stashFor(0)));
    }

    public function test_a_sketch_that_is_switched_off_is_not_used(): void
    {
        $laying = Inventory::unpacked(Kits::demo());
        $off = array_slice(array_keys(Sketches::all()), 0, 30);
        foreach (Sharer::most($laying->under(Preferences::cards(6)->without($off))) as $card) {
            self::assertNotContains($card->sketch->key, $off);
        }
        $bare = count(array_filter(Sketches::all(), static fn (Sketch $one): bool => $one->isBare() || $one->focus === Focus::PaperAlone));
        self::assertCount(
            count(Sketches::all()) - $bare,
            $laying->under(Preferences::cards(1)->without(array_keys(Sketches::all())))->sketches,
            'all of them, where every one is off',
        );
    }

    /** The demo kits and made-up ones, with a stash beside them, and some with cards on the table. */
    private static function laying(int $seed, Randomizer $random): Inventory
    {
        $kit = match ($seed % 5) {
            0 => Kits::demo(),
            1 => Kits::random($seed),
            2 => Kits::rich($seed),
            3 => Kits::demo('windfall-orchard'),
            default => Kits::random(100 + $seed),
        };
        $isDemo = in_array($seed % 5, [0, 3], true);
        $stash = $isDemo ? Kits::demo('stash') : Kits::random($seed + 500);
        $laying = Inventory::unpacked($kit, $stash->unit === $kit->unit ? $stash : null);

        return $random->getInt(0, 2) === 0
            ? $laying->after(...Sharer::most($laying->under(Preferences::cards($random->getInt(1, 2)))))
            : $laying;
    }
}
