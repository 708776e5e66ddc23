<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Design\Insides;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\WaysOut;
use KeepShare\Core\Share\Judge;
use KeepShare\Core\Share\Settle;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Laying;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\Wishes;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Kits;

/** A wish holds everywhere: alone, and with any others. */
final class WishesTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 9) as $seed) {
            yield "kit $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_wishes_together_are_kept(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $laying = self::laying($seed, $random);
        $table = $laying->under(self::wishes($laying, $random));

        $bound = Bound::on($table)->cards;
        $first = Stretch::most($table);
        self::assertKept($table, $first, 'as they were found');
        self::assertLessThanOrEqual($bound, count($first), 'no more than the bound');

        $settled = Settle::down($table, $first, 6);
        self::assertKept($table, $settled, 'settled');
        self::assertLessThanOrEqual($bound, count($settled), 'no more than the bound when they are settled');
        $judge = Judge::of($table);
        self::assertGreaterThanOrEqual(0, $judge->merit($settled)->compare($judge->merit($first)), 'settling is never worse');

        $lined = Insides::lined($table, $settled);
        self::assertKept($table, $lined, 'with panels inside');
        Outlook::beyond($table->after(...$lined));
        self::assertGreaterThanOrEqual(
            count(Sharer::most($table->after(...$lined))),
            Bound::on($table->after(...$lined))->cards,
            'nor beyond them',
        );
    }

    public function test_folds_heed_how_many_cards_may_take_from_the_stash(): void
    {
        $laying = Laying::unpacked(Kits::demo(), Kits::demo('stash'));
        foreach ([0, 1, 2] as $limit) {
            $table = $laying->under(Wishes::cards(8, true)->folding(['gatefold' => 4])->stashFor($limit));
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
        $laying = Laying::unpacked(Kits::without(Kind::Base), Kits::demo('stash'));
        $table = $laying->under(Wishes::cards(4, true)->inSetsOf(4)->stashFor(2));

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
        $table = Laying::unpacked(
            Kit::of('Four words', $kit->unit, $kit->front, 10, null, array_values($components)),
        )->under(Wishes::asManyAsPossible()->saying(WordsAgain::Once)->inSetsOf($set));

        self::assertSame($bound, Bound::on($table)->cards);
        self::assertCount($made, Sharer::most($table));
    }

    public function test_one_of_each_is_saved_once_whoever_asks(): void
    {
        $laying = Laying::unpacked(Kits::demo());
        $saving = $laying->under(Wishes::asManyAsPossible()->savingOne());
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
        $card = Sharer::most($laying->under(Wishes::cards(1)))[0];
        $taking = $card->taking('focal');
        self::assertNotNull($taking);
        self::assertSame(
            0,
            $laying->under(Wishes::cards(1)->savingOne())->after($card)->free[$taking->component],
            'of two, one is on a card and one is saved',
        );
    }

    public function test_what_is_never_used_is_not_offered_when_a_card_is_laid_on_another_sketch_or_goes_short(): void
    {
        $laying = Laying::unpacked(Kits::demo());
        [$card] = Sharer::most($laying->under(Wishes::cards(1)));
        $bare = $card->fitted(array_values(array_filter($card->takings, static fn (Taking $taking): bool => $taking->size === null)));
        $free = Refit::on($laying->under(Wishes::cards(1)))->card($bare, []);
        $papers = array_values(array_filter($free->takings, static fn (Taking $taking): bool => $taking->size !== null));
        self::assertNotSame([], $papers);
        $never = $laying->under(Wishes::cards(1)->using([$papers[0]->component => Wanted::Never]));
        foreach (Refit::on($never)->card($bare, [])->takings as $taking) {
            self::assertNotSame($papers[0]->component, $taking->component);
        }
        foreach (WaysOut::of($never, $free, $papers[count($papers) - 1]->part) as $way) {
            self::assertNotSame($papers[0]->component, $way->taking?->component);
        }
    }

    public function test_ways_out_take_from_the_stash_for_no_more_cards_than_may(): void
    {
        $laying = Laying::unpacked(Kits::demo(), Kits::demo('stash'));
        [$card] = Sharer::most($laying->under(Wishes::cards(1)));
        $ways = static fn (Wishes $wishes): array => array_filter(
            WaysOut::of($laying->under($wishes), $card, 'base'),
            static fn ($way): bool => $way->taking !== null && isset($laying->stash[$way->taking->component]),
        );

        self::assertNotSame([], $ways(Wishes::cards(1)));
        self::assertSame([], $ways(Wishes::cards(1)->stashFor(0)));
    }

    public function test_a_sketch_that_is_switched_off_is_laid_by_nobody(): void
    {
        $laying = Laying::unpacked(Kits::demo());
        $off = array_slice(array_keys(Sketches::all()), 0, 30);
        foreach (Sharer::most($laying->under(Wishes::cards(6)->without($off))) as $card) {
            self::assertNotContains($card->sketch->key, $off);
        }
        $bare = count(array_filter(Sketches::all(), static fn (Sketch $one): bool => $one->isBare() || $one->focus === Focus::PaperAlone));
        self::assertCount(
            count(Sketches::all()) - $bare,
            $laying->under(Wishes::cards(1)->without(array_keys(Sketches::all())))->sketches,
            'all of them, where every one is off',
        );
    }

    /** A made-up kit, perhaps with a stash beside it and some cards on it. */
    private static function laying(int $seed, Randomizer $random): Laying
    {
        $kit = Kits::random($seed);
        $other = Kits::random($seed + 500);
        $laying = Laying::unpacked($kit, $other->unit === $kit->unit ? $other : null);

        return $laying->after(...Sharer::most($laying->under(Wishes::cards($random->getInt(1, 2)))));
    }

    private static function wishes(Laying $laying, Randomizer $random): Wishes
    {
        $cards = $random->getInt(1, 8);
        $chance = static fn (int $of): bool => $random->getInt(1, $of) === 1;
        $uses = [];
        foreach (array_keys($laying->components) as $id) {
            if ($chance(6)) {
                $uses[$id] = Wanted::cases()[$random->getInt(0, 3)];
            }
        }
        $designs = $chance(3)
            ? array_values(
                array_filter(
                    array_map(static fn (Card $card): ?KitDesign => $card->asDesign('As it lies'), $laying->cards),
                ),
            )
            : [];
        $fold = FoldKind::onWish()[$random->getInt(0, count(FoldKind::onWish()) - 1)];

        return Wishes::cards($cards, $chance(2))
            ->saying(WordsAgain::cases()[$random->getInt(0, 2)])
            ->inEnvelopes($chance(2))
            ->using($uses)
            ->stashFor($chance(2) ? $random->getInt(0, 2) : null)
            ->savingOne($chance(3))
            ->inSetsOf($chance(2) ? $random->getInt(2, 6) : 1)
            ->folding($chance(2) ? [$fold->value => $random->getInt(1, min(2, $cards))] : [])
            ->wanting($chance(3) ? [Occasion::of('birthday')->value => $random->getInt(1, $cards)] : [])
            ->following($designs)
            ->framed($chance(4) ? Length::zero() : null)
            ->cutWith($chance(4) ? Trimmer::of(Length::inches(9), Length::inches(0, 1, 4)) : Trimmer::usual())
            ->without($chance(3) ? array_slice(array_keys(Sketches::all()), 0, 20) : [])
            ->lined($chance(2));
    }

    /** @param  list<Card>  $cards */
    private static function assertKept(Table $table, array $cards, string $when): void
    {
        $wishes = $table->wishes;
        self::assertLessThanOrEqual($wishes->cards, count($cards), $when);
        $after = $table->after(...$cards);
        foreach ($after->laying->free as $id => $left) {
            $component = $after->components[$id];
            self::assertTrue($left >= 0 || $component->isEndless(), "$component->name is overdrawn $when");
            $isTaken = $left < $table->laying->free[$id];
            self::assertTrue(
                ! $isTaken || ! $wishes->savesOne || $left >= min(1, $table->laying->free[$id] - $table->free[$id]),
                "$component->name is not saved $when",
            );
        }
        foreach ($after->promised as $id => $pieces) {
            $isTouched = count($pieces) > count($table->promised[$id] ?? []);
            self::assertTrue(! $isTouched || $table->plan($id, $pieces)->isComplete(), "$id cannot be cut $when");
        }
        $fromStash = 0;
        foreach ($cards as $card) {
            $fromStash += (int) ($table->fromStash($card) > 0);
            self::assertNotContains(
                $card->sketch->key,
                array_diff(
                    $wishes->sketchesOff,
                    array_map(static fn (KitDesign $one): string => $one->sketch->key, $wishes->designs),
                ),
                $when,
            );
            foreach ($card->takings as $taking) {
                self::assertNotSame(Wanted::Never, $wishes->useOf($taking->component), "never used, $when");
            }
        }
        self::assertTrue($wishes->stash || $fromStash === 0, "the kit alone $when");
        self::assertLessThanOrEqual($table->stashLeft() ?? PHP_INT_MAX, $fromStash, "the stash $when");
        self::assertSaidOnce($after, $cards, $when);
    }

    /**
     * The same words stand on two cards only where they are a set, or a design that is followed, or may come again.
     *
     * @param  list<Card>  $cards
     */
    private static function assertSaidOnce(Table $table, array $cards, string $when): void
    {
        $wordsOf = static function (Card $card) use ($table): string {
            $words = $card->taking(WordsPart::ID);

            return $words === null ? '' : mb_strtolower($table->components[$words->component]->words()->text ?? '');
        };
        foreach ($table->wishes->words !== WordsAgain::Once ? [] : $cards as $card) {
            foreach ($table->cards as $other) {
                $isMeant = $card === $other
                    || $card->isInSetWith($other)
                    || $table->wishes->follows($card)
                    || $table->wishes->follows($other);
                self::assertTrue(
                    $isMeant || $wordsOf($card) === '' || $wordsOf($card) !== $wordsOf($other),
                    "card $card->number and card $other->number say the same $when",
                );
            }
        }
    }
}
