<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\BadWish;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Replay;

final class SharerTest extends TestCase
{
    public function test_ten_cards_come_out_of_the_harbour_kit(): void
    {
        $kit = Kits::demo();
        $out = ShareOut::of(Inventory::unpacked($kit)->under(Preferences::cards(10)));

        self::assertCount(10, $out->cards);
        self::assertNull($out->stop);
        self::assertHolds($kit, Inventory::unpacked($kit), $out);
        foreach ($out->cards as $card) {
            self::assertSame([], self::front($card, $kit)->lacks);
            self::assertNotNull($card->taking('embellishment'));
        }
    }

    public function test_the_occasions_spread_with_birthdays_most(): void
    {
        $occasions = array_count_values(
            array_map(
                static fn (Card $card): string => $card->occasion->value,
                ShareOut::of(Inventory::unpacked(Kits::demo())->under(Preferences::cards(10)))->cards,
            ),
        );

        self::assertGreaterThanOrEqual(6, count($occasions));
        arsort($occasions);
        self::assertSame('birthday', array_key_first($occasions));
    }

    public function test_what_lies_right_under_a_focal_point_is_calm(): void
    {
        $kit = Kits::demo();
        $components = Inventory::unpacked($kit)->components;
        foreach (ShareOut::of(Inventory::unpacked($kit)->under(Preferences::cards(10)))->cards as $card) {
            $layout = $card->layout($kit->unit);
            $under = $layout->under($layout->focal);
            $taking = $under === null ? null : $card->taking($under->part->id);
            $good = $taking === null ? null : $components[$taking->component]->good;
            if ($good instanceof Paper) {
                self::assertFalse($good->faces()[$taking->face]->busy, "card $card->number, {$card->sketch->key}");
            }
        }
    }

    /** @return list<array{int}> */
    public static function seeds(): array
    {
        return array_map(static fn (int $seed): array => [$seed], range(1, 6));
    }

    #[DataProvider('seeds')]
    public function test_any_kit_balances_and_can_be_cut(int $seed): void
    {
        $kit = Kits::random($seed);
        $table = Inventory::unpacked($kit);
        $often = Preferences::asManyAsPossible();
        $once = $often->saying(WordsAgain::Once)->inEnvelopes();
        foreach ($seed % 4 === 0 ? [$once, $often] : [$once] as $wishes) {
            $out = ShareOut::of($table->under($wishes));

            self::assertHolds($kit, $table, $out, repeats: $wishes === $often);
            self::assertLessThanOrEqual(Bound::on($table->under($wishes))->cards, count($out->cards));
            self::assertNotNull($out->stop, 'no kit is without end');
            if ($wishes === $once) {
                self::assertEquals($out, ShareOut::of($table->under($wishes)), 'deterministic');
            }
        }
    }

    public function test_what_is_said_to_stop_the_next_card_is_what_stops_it(): void
    {
        $checked = 0;
        $wishes = Preferences::asManyAsPossible()->saying(WordsAgain::Once)->inEnvelopes();
        foreach (range(1, 8) as $seed) {
            $kit = Kits::random($seed);
            $out = ShareOut::of(Inventory::unpacked($kit)->under($wishes));
            $needs = $out->stop->needs ?? [];
            if (array_diff(array_column($needs, 'value'), [Need::Base->value, Need::Envelope->value]) !== []) {
                continue;
            }
            // With one more of each named thing there must be another card. With one of them missing, none.
            $checked++;
            self::assertGreaterThan(
                count($out->cards),
                count(Sharer::most(Inventory::unpacked(self::withMore($kit, $needs))->under($wishes))),
                "seed $seed",
            );
            if (count($needs) === 2) {
                self::assertCount(
                    count($out->cards),
                    Sharer::most(Inventory::unpacked(self::withMore($kit, [$needs[0]]))->under($wishes)),
                    "seed $seed",
                );
            }
        }
        self::assertGreaterThan(2, $checked);
    }

    /** @return list<array{list<Kind>, Need}> */
    public static function gaps(): array
    {
        return [
            [[Kind::Base], Need::Base],
            [[Kind::DieCut, Kind::Sticker, Kind::Stamp], Need::Sentiment],
        ];
    }

    /** @param  list<Kind>  $kinds */
    #[DataProvider('gaps')]
    public function test_a_kit_with_a_gap_says_what_is_missing(array $kinds, Need $need): void
    {
        $out = ShareOut::of(Inventory::unpacked(Kits::without(...$kinds))->under(Preferences::cards(10)));

        self::assertSame([], $out->cards);
        self::assertContains($need, $out->stop->needs ?? []);
        self::assertStringContainsString($need->oneMore(), $out->stop?->wants() ?? '');
    }

    public function test_bonus_cards_go_on_from_what_the_first_ones_left(): void
    {
        $kit = Kits::demo();
        $table = Inventory::unpacked($kit);
        $first = ShareOut::of($table->under(Preferences::cards(7)));
        $rest = self::after($table, $first);
        $bonus = ShareOut::of($rest->under(Preferences::asManyAsPossible()->saying(WordsAgain::Once)->inEnvelopes()));

        self::assertSame([8, 9, 10], array_map(static fn (Card $card): int => $card->number, $bonus->cards));
        self::assertSame([Need::Base, Need::Envelope], $bonus->stop?->needs);
        self::assertSame('one more base and one more envelope', $bonus->stop->wants());
        self::assertStringContainsString('then sentiments run out', $bonus->stop->outlook());
        self::assertBalances($table, [...$first->cards, ...$bonus->cards]);
    }

    public function test_bases_are_cut_from_heavy_cardstock_when_the_ready_ones_are_gone(): void
    {
        $kit = Kits::demo('knitted-hills');
        $out = ShareOut::of(Inventory::unpacked($kit)->under(Preferences::cards(8)));
        $cut = array_filter($out->cards, static fn (Card $card): bool => $card->taking('base')?->size !== null);

        self::assertCount(2, $cut, 'six bases in the kit, two more from its heavy cardstock');
        foreach ($cut as $card) {
            self::assertSame('210 × 148', $card->taking('base')?->size?->format($kit->unit));
        }
    }

    public function test_the_stash_is_left_alone_unless_it_may_be_used(): void
    {
        $kit = Kits::demo();
        $stash = Kits::demo('stash');
        $table = self::beside($kit, $stash);

        $once = Preferences::asManyAsPossible()->saying(WordsAgain::Once)->inEnvelopes();
        $kitOnly = ShareOut::of($table->under($once));
        self::assertCount(10, $kitOnly->cards);
        self::assertSame([], self::fromStash($kitOnly, $stash));
        $both = ShareOut::of($table->under($once->withStash()));
        self::assertCount(13, $both->cards);
        self::assertContains('heavy-white', self::fromStash($both, $stash));
    }

    public function test_words_are_said_again_when_they_run_out_unless_told_otherwise(): void
    {
        $full = Kits::demo();
        $kit = Kit::of(
            $full->name,
            $full->unit,
            $full->front,
            10,
            null,
            array_values(
                array_filter(
                    $full->components,
                    static fn (Component $c): bool => $c->words() === null
                        || in_array($c->id, ['happy-birthday', 'many-thanks'], true),
                ),
            ),
        );
        $words = static fn (ShareOut $out): array => array_map(
            static fn (Card $card): ?string => $card->taking('sentiment')?->component,
            $out->cards,
        );

        $once = $words(ShareOut::of(Inventory::unpacked($kit)->under(Preferences::asManyAsPossible()->saying(WordsAgain::Once))));
        self::assertSame($once, array_unique($once));
        $whenOut = $words(ShareOut::of(Inventory::unpacked($kit)->under(Preferences::cards(3))));
        self::assertCount(2, array_unique(array_slice($whenOut, 0, 2)), 'different words come first');
        self::assertCount(3, $whenOut, 'then the same again');
        $often = ShareOut::of(Inventory::unpacked($kit)->under(Preferences::asManyAsPossible(repeatSentiments: true)));
        self::assertSame([2, 4], [count($once), count($often->cards)], 'two of each piece');
        self::assertHolds($kit, Inventory::unpacked($kit), $often, repeats: true);
    }

    public function test_it_can_be_stopped_and_keeps_what_it_has(): void
    {
        $told = [];
        $out = ShareOut::of(Inventory::unpacked(Kits::demo())->under(Preferences::cards(10)), static function (
            int $done,
            int $of,
        ) use (&$told): bool {
            $told[] = [$done, $of];

            return $done < 3;
        });

        self::assertCount(3, $out->cards);
        self::assertSame([[1, 10], [2, 10], [3, 10]], $told);
    }

    public function test_a_number_of_cards_out_of_range_is_refused(): void
    {
        $this->expectException(BadWish::class);
        Preferences::cards(0);
    }

    /** Everything that must be true of any share-out of an unpacked kit. */
    private static function assertHolds(Kit $kit, Inventory $table, ShareOut $out, bool $repeats = false): void
    {
        self::assertBalances($table, $out->cards);
        $said = [];
        foreach ($out->cards as $card) {
            $front = self::front($card, $kit);
            self::assertSame([], $front->lacks);
            foreach ($front->layers as $layer) {
                self::assertTrue(Rect::whole($card->front)->contains($layer->rect), "card $card->number: the $layer->name overhangs");
            }
            $words = $table->components[$card->taking('sentiment')->component ?? '']->words();
            self::assertTrue($words?->fit($card->occasion));
            $said[] = mb_strtolower($words->text);
        }
        self::assertTrue($repeats || $said === array_unique($said), 'no sentiment twice');
    }

    /**
     * Nothing is taken that is not there, and the plans give every piece.
     *
     * @param  list<Card>  $cards
     */
    private static function assertBalances(Inventory $table, array $cards): void
    {
        $taken = [];
        /** @var array<string, array<string, Piece>> $wanted */
        $wanted = [];
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                $piece = $taking->toPiece($card->pieceId($taking->part));
                if ($piece === null) {
                    $taken[$taking->component] = ($taken[$taking->component] ?? 0) + $taking->quantity;
                } else {
                    $wanted[$taking->component][$piece->id] = $piece;
                }
            }
        }
        foreach ($taken as $component => $count) {
            self::assertLessThanOrEqual($table->free[$component], $count, "too many of $component");
        }
        $plans = RemainingStock::on($table->after(...$cards)->under(Preferences::cards(1, true)))->plans();
        foreach ($wanted as $component => $pieces) {
            $plan = $plans[$component];
            $got = array_merge([], ...array_map(static fn ($sheet): array => Replay::of($sheet, $pieces), $plan->sheets));
            self::assertEqualsCanonicalizing(array_keys($pieces), $got, "the pieces from $component");
            $stock = array_map(static fn ($sheet): string => $sheet->id, $table->stock[$component]);
            $used = array_map(static fn ($sheet): string => $sheet->stock->id, $plan->sheets);
            self::assertSame([], array_diff($used, $stock));
            self::assertSame($used, array_unique($used));
        }
    }

    private static function front(Card $card, Kit $kit): CardFront
    {
        return CardFront::of($card, Inventory::unpacked($kit)->components, $kit->unit);
    }

    /** The table with these cards planned and nothing cut yet. */
    private static function after(Inventory $table, ShareOut $out): Inventory
    {
        $free = $table->free;
        $promised = [];
        foreach ($out->cards as $card) {
            foreach ($card->takings as $taking) {
                $piece = $taking->toPiece($card->pieceId($taking->part));
                if ($piece === null) {
                    $free[$taking->component] -= $taking->quantity;
                } else {
                    $promised[$taking->component][] = $piece;
                }
            }
        }

        return Inventory::of($table->unit, $table->front, $table->components, $free, $table->stock, $promised, [], $out->cards);
    }

    private static function beside(Kit $kit, Kit $stash): Inventory
    {
        $own = Inventory::unpacked($kit);
        $other = Inventory::unpacked($stash);

        return Inventory::of(
            $kit->unit,
            $kit->front,
            $own->components + $other->components,
            $own->free + $other->free,
            $own->stock + $other->stock,
            stash: array_fill_keys(array_keys($other->components), true),
        );
    }

    /** @return list<string> */
    private static function fromStash(ShareOut $out, Kit $stash): array
    {
        $ids = array_map(static fn (Component $component): string => $component->id, $stash->components);
        $taken = array_merge(
            [],
            ...array_map(
                static fn (Card $card): array => array_map(
                    static fn ($taking): string => $taking->component,
                    $card->takings,
                ),
                $out->cards,
            ),
        );

        return array_values(array_unique(array_intersect($taken, $ids)));
    }

    /** @param  list<Need>  $needs */
    private static function withMore(Kit $kit, array $needs): Kit
    {
        $kinds = array_map(static fn (Need $need): Kind => $need === Need::Base ? Kind::Base : Kind::Envelope, $needs);

        return Kits::counting($kit, static fn (Component $c): int => $c->count + (int) in_array($c->kind(), $kinds, true));
    }
}
