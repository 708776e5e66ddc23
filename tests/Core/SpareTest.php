<?php

namespace Tests\Core;

use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Keep\Apart;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Spare;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** What is not needed as it is, and what it gives when it is taken apart. */
final class SpareTest extends TestCase
{
    public function test_envelopes_give_a_liner_bases_two_halves_and_words_a_blank_label(): void
    {
        $kit = Kits::demo();
        $gives = [];
        foreach ($kit->components as $component) {
            $apart = Apart::of($component);
            if ($apart !== null) {
                $gives[$component->id] = [$apart->good->size()->format($kit->unit), $apart->each, $apart->good->faces()[0]->name];
            }
        }
        self::assertSame(['3 7/8 × 5 1/4', 1, 'Liner'], $gives['envelope']);
        self::assertSame(['4 1/4 × 5 1/2', 2, 'front'], $gives['base']);
        self::assertArrayNotHasKey('lantern', $gives, 'a picture has no back of use');
        $sentiment = array_values(
            array_filter(
                $kit->components,
                static fn (Component $one): bool => $one->words() !== null && isset($gives[$one->id]),
            ),
        )[0];
        self::assertSame("Back of $sentiment->name", Apart::of($sentiment)?->name);
    }

    public function test_only_what_is_beyond_the_most_cards_there_can_be_is_spare(): void
    {
        $wishes = Preferences::asManyAsPossible()->saying(WordsAgain::Once);
        self::assertArrayNotHasKey('envelope', self::spares(self::harbour([]), $wishes), 'ten bases, ten envelopes');
        $spares = self::spares(self::harbour(['base' => 7, 'envelope' => 10]), $wishes);
        self::assertSame(3, $spares['envelope']);
        self::assertArrayNotHasKey('base', $spares);
        $words = array_filter(
            self::spares(self::harbour([]), $wishes),
            static fn (string $id): bool => ! in_array($id, ['base', 'envelope'], true),
            ARRAY_FILTER_USE_KEY,
        );
        self::assertSame(
            [1],
            array_values(array_unique($words)),
            'of words that come in twos one is spare, as they are said once',
        );
        self::assertSame(
            [],
            array_diff_key(self::spares(self::harbour([]), Preferences::asManyAsPossible(false, true)), [
                'base' => 0,
                'envelope' => 0,
            ]),
            'said twice, none is',
        );
    }

    public function test_where_the_paper_is_gone_bonus_cards_are_made_of_liners_and_halves(): void
    {
        $table = self::harbour(['base' => 3, 'envelope' => 9]);
        $papers = array_filter(
            $table->components,
            static fn (Component $one): bool => $one->kind()->isPrintedPaper(),
        );
        $bare = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            $table->free,
            array_fill_keys(array_keys($papers), []) + $table->stock,
        );
        $wishes = Preferences::cards(3);
        self::assertCount(0, Sharer::most($bare->under($wishes->withPictures())));
        $apart = $bare->under($wishes)->sparesApart();
        $cards = Sharer::most($apart);

        self::assertCount(3, $cards);
        self::assertArrayHasKey('envelope~', $cards[0]->pieces());
        self::assertSame([], CardFront::of($cards[0], $apart->components, $table->unit)->lacks);
        self::assertSame('envelope', Spare::sourceOf('envelope~'));
        self::assertNull(Spare::sourceOf('envelope'));
    }

    public function test_what_everything_gives_is_bounded_on_whole_fronts_whatever_fold_is_designed_for(): void
    {
        $table = Inventory::unpacked(Kits::random(1))->under(Preferences::asManyAsPossible());
        $plain = $table->layouts->of($table->sketches[0], $table->front);
        $folded = $table->onFold(FoldKind::ShortFront);

        self::assertNotEquals($plain, $folded->layouts->of($table->sketches[0], $table->front), 'the fold leaves less of the front');
        self::assertEquals($plain, $folded->everythingApart()->layouts->of($table->sketches[0], $table->front));
        self::assertEquals(Bound::on($table->everythingApart()), Bound::on($folded->everythingApart()));
    }

    public function test_taking_spares_apart_never_costs_a_card(): void
    {
        $wishes = Preferences::asManyAsPossible();
        for ($seed = 1; $seed <= 14; $seed++) {
            $table = Inventory::unpacked(Kits::random($seed));
            $table = $table->after(...Sharer::most($table->under(Preferences::cards(1 + $seed % 3))));
            $apart = $table->under($wishes)->sparesApart();
            self::assertGreaterThanOrEqual(Bound::on($table->under($wishes))->cards, Bound::on($apart)->cards);
            self::assertGreaterThanOrEqual(count(Sharer::most($table->under($wishes))), count(Sharer::most($apart)), "kit $seed");
            foreach ($apart->free as $id => $left) {
                self::assertTrue($left >= 0 || $apart->components[$id]->isEndless());
            }
        }
    }

    public function test_goods_on_the_table_are_not_reported_as_missing(): void
    {
        $kinds = [[Need::Base, Kind::Base], [Need::Envelope, Kind::Envelope]];
        $missing = 0;
        foreach ([2, 8, 11] as $seed) {
            $most = Preferences::asManyAsPossible();
            $wishes = $seed % 2 === 0 ? $most->saying(WordsAgain::Once) : $most->inEnvelopes();
            $table = Inventory::unpacked(Kits::random($seed))->under($wishes);
            $found = ShareOut::ofSparesToo($table);
            foreach ($kinds as [$need, $kind]) {
                $isMissing = in_array($need, $found->stop->needs ?? [], true);
                $missing += (int) $isMissing;
                $whole = $table->apartFor(...$found->cards)->after(...$found->cards);
                $of = array_filter($whole->components, static fn (Component $one): bool => $one->kind() === $kind);
                $there = array_sum(array_map(static fn (Component $one): int => $whole->free[$one->id] ?? 0, $of));
                self::assertTrue(! $isMissing || $there === 0, "kit $seed: $there of $kind->value are there");
            }
        }
        self::assertGreaterThan(0, $missing, 'some are missing');
    }

    /** @return array<string, int> by component */
    private static function spares(Inventory $table, Preferences $wishes): array
    {
        $spares = [];
        foreach (Spare::on($table->under($wishes)) as $spare) {
            $spares[$spare->component->id] = $spare->count;
        }

        return $spares;
    }

    /** @param  array<string, int>  $free  instead of what comes in the kit */
    private static function harbour(array $free): Inventory
    {
        $table = Inventory::unpacked(Kits::demo());

        return Inventory::of($table->unit, $table->front, $table->components, [...$table->free, ...$free], $table->stock);
    }
}
