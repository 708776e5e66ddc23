<?php

declare(strict_types=1);

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\Relief;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Share\Frontier;
use KeepShare\Core\Share\Leaner;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;
use Tools\Bench\OddKit;
use Tools\Bench\ScarceKit;

/** Fronts and paper from any source. Many or varied, leaner designs, and what helps without buying. */
final class SourcesTest extends TestCase
{
    /** @return array<string, array{array<string, array{Good, int}>, int, string}> goods, the cards they give, what some card takes */
    public static function kits(): array
    {
        return OddKit::all();
    }

    /** @param  array<string, array{Good, int}>  $goods */
    #[DataProvider('kits')]
    public function test_as_many_cards_as_the_bound_whatever_they_are_made_of(array $goods, int $many, string $takes): void
    {
        $table = Inventory::unpacked(OddKit::kit($goods))->under(Preferences::asManyAsPossible());
        $cards = Stretch::most($table);

        self::assertSame($many, ColumnGeneration::on($table)->bound->cards);
        self::assertCount($many, $cards);
        $apart = $table->apartFor(...$cards);
        foreach ($cards as $card) {
            self::assertSame([], CardFront::of($card, $apart->components, $table->unit)->lacks);
        }
        $after = $apart->after(...$cards);
        foreach ($after->free as $id => $left) {
            self::assertTrue($left >= 0 || $apart->components[$id]->isEndless(), $id);
        }
        $taken = array_merge(...array_map(static fn (Card $card): array => array_column($card->takings, 'component'), $cards));
        self::assertContains($takes, $taken);
    }

    public function test_a_stamp_with_a_picture_never_runs_out(): void
    {
        $boat = Stamp::of(Size::parse('1 1/2', '2', Unit::Inch));
        $goods = ['base' => [OddKit::base(), 9], 'boat' => [$boat, 1], 'white' => [OddKit::white(), 2], 'paper' => [OddKit::paper(), 9]];
        $table = Inventory::unpacked(OddKit::kit($goods))->under(Preferences::asManyAsPossible()->withPictures());
        $cards = Stretch::most($table);

        self::assertCount(9, $cards);
        self::assertSame(9, ColumnGeneration::on($table)->bound->cards);
        foreach ($cards as $card) {
            self::assertSame(['white', '1 3/4 × 2 1/4'], [
                $card->taking(FocalPart::ID)?->component,
                $card->taking(FocalPart::ID)?->size?->format(Unit::Inch),
            ]);
            self::assertSame('boat', $card->taking(DiePart::ID)?->component);
            $parts = array_column(CardFront::of($card, $table->components, $table->unit)->layers, 'part');
            self::assertContains(DiePart::ID, $parts, 'the print is seen on it');
        }
    }

    public function test_plain_backgrounds_are_embossed_if_the_kit_has_a_folder_and_never_under_stamped_words(): void
    {
        $folder = Tool::of(ToolKind::Folder, Size::parse('4 1/4', '5 1/2', Unit::Inch));
        $table = Inventory::unpacked(OddKit::kit([
            'base' => [OddKit::base(), 6],
            'folder' => [$folder, 1],
            'white' => [OddKit::white(), 6],
            'words' => [DieCut::of(Printed::of(
                Size::parse('2', '1/2', Unit::Inch),
                Serves::Sentiment,
                Shape::Label,
                [Colour::fromHex('ffffff'), Colour::fromHex('223344')],
                Words::of('for you', [Occasion::of('hello'), Occasion::of('birthday'), Occasion::of('thank-you')]),
            )), 3],
        ]))->under(Preferences::cards(6)->saying(WordsAgain::Freely));
        $embossed = 0;
        foreach (Stretch::most($table) as $card) {
            $ground = $card->taking('ground');
            $isStampedStraight = $card->taking('sentiment')?->quantity === 0 && $card->taking('sentiment-label') === null;
            self::assertFalse($isStampedStraight && ($ground->treated ?? []) !== []);
            $embossed += count($ground->treated ?? []);
        }
        self::assertGreaterThan(0, $embossed);
    }

    public function test_an_envelope_that_is_a_must_is_not_taken_apart(): void
    {
        $goods = ['base' => [OddKit::base(), 20], 'lined' => [OddKit::lined(), 12], 'paper' => [OddKit::paper(), 1]];
        $table = Inventory::unpacked(OddKit::kit($goods))->under(Preferences::asManyAsPossible()->inEnvelopes());
        $cards = Stretch::most($table);
        $after = $table->apartFor(...$cards)->after(...$cards);

        self::assertLessThanOrEqual(ColumnGeneration::on($table)->bound->cards, count($cards));
        self::assertGreaterThanOrEqual(10, count($cards));
        self::assertGreaterThanOrEqual(0, $after->free['lined']);
    }

    public function test_the_more_alike_cards_may_be_the_more_there_are(): void
    {
        $table = Inventory::unpacked(ScarceKit::of(1))->under(Preferences::asManyAsPossible());
        $choices = Frontier::of($table);
        $cards = array_column($choices, 'cards', 'alike');

        self::assertSame(array_column($choices, 'cards'), self::sorted(array_column($choices, 'cards')));
        self::assertGreaterThan($cards[1], $cards[3]);
        $last = $choices[count($choices) - 1] ?? self::fail('There is no choice.');
        self::assertSame(['words', null], [$last['least'], $last['alike']], 'the most are the leanest');
        foreach ($choices as $choice) {
            self::assertLessThanOrEqual($choice['most'], $choice['cards']);
            $least = Least::from($choice['least']);
            $found = Stretch::most($table->asking(Preferences::asManyAsPossible()->atLeast($least)->alike($choice['alike'])));
            self::assertGreaterThanOrEqual($choice['cards'], count($found), 'what is offered can be had');
            self::assertLessThanOrEqual($choice['most'], count($found));
            self::assertSame([], array_filter($found, static fn (Card $card): bool => ! $least->allows($card->sketch)));
        }
        foreach ([1, 3] as $alike) {
            $found = Stretch::most($table->asking(Preferences::asManyAsPossible()->alike($alike)));
            self::assertCount($cards[$alike], $found);
            $sketches = array_count_values(array_map(static fn (Card $card): string => $card->sketch->key, $found));
            self::assertLessThanOrEqual($alike, max([0, ...array_values($sketches)]));
        }
        foreach (Stretch::most($table->asking(Preferences::cards(4)->withPictures())) as $card) {
            self::assertNotNull($card->taking('focal'));
        }
        self::assertCount(1, Frontier::of($table, static fn (): bool => false), 'stopped, it keeps what it has');
    }

    public function test_a_leaner_design_frees_paper_and_lacks_nothing(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(6));
        $cards = Stretch::most($table);
        foreach ($cards as $n => $card) {
            $others = $table->after(...array_values(array_diff_key($cards, [$n => 0])));
            $leaner = Leaner::than($card, $others, []);
            if ($leaner === null) {
                continue;
            }
            $takes = static fn (Card $one): float => Areas::of($one->layout($table->unit))[0];
            self::assertLessThan($takes($card), $takes($leaner->card));
            self::assertEqualsWithDelta($takes($card) - $takes($leaner->card), $leaner->frees, 1.0);
            self::assertSame([], CardFront::of($leaner->card, $table->components, $table->unit)->lacks);
            self::assertSame([$card->number, $card->occasion], [$leaner->card->number, $leaner->card->occasion]);
        }
        self::assertNull(Leaner::than(self::leanest($table), $table, []), 'nothing takes less than no patterned paper');
    }

    public function test_some_cards_go_without_words_only_where_the_maker_lets_them_and_none_are_left(): void
    {
        $goods = ['base' => [OddKit::base(), 6], 'paper' => [OddKit::paper(), 4]];
        $once = Preferences::asManyAsPossible()->saying(WordsAgain::Once);
        $table = Inventory::unpacked(OddKit::kit($goods));
        self::assertSame(2, ColumnGeneration::on($table->under($once))->bound->cards);
        $silent = $table->under($once->wordless());
        $cards = Stretch::most($silent);

        self::assertSame(6, ColumnGeneration::on($silent)->bound->cards);
        self::assertCount(6, $cards);
        $isSilent = static fn (Card $card): bool => $card->taking('sentiment') === null;
        self::assertCount(4, array_filter($cards, $isSilent));
        foreach ($cards as $card) {
            self::assertSame($isSilent($card), $card->sketch->focus === Focus::PaperAlone);
            self::assertSame([], CardFront::of($card, $silent->components, $silent->unit)->lacks);
        }
        self::assertSame([], array_filter(Stretch::most($table->under(Preferences::asManyAsPossible()->wordless())), $isSilent));
    }

    public function test_small_pieces_of_a_directional_print_may_lie_on_their_side(): void
    {
        $up = Face::printed('up', Motif::Stripe, [Colour::fromHex('aa8844')], false, true);
        $paper = Paper::of(Size::parse('6', '1', Unit::Inch), $up, $up);
        $goods = ['base' => [OddKit::base(), 9], 'strips' => [$paper, 1]];
        $table = Inventory::unpacked(OddKit::kit($goods))->under(Preferences::asManyAsPossible());
        $cards = Stretch::most($table);

        self::assertGreaterThan(1, count($cards), 'a strip 1 in high gives accents either way, and no panel');
        $accents = array_filter(
            array_merge(...array_map(static fn (Card $card): array => $card->takings, $cards)),
            static fn ($taking): bool => $taking->component === 'strips' && $taking->mayTurn,
        );
        self::assertNotSame([], $accents);
    }

    public function test_reliefs_are_tried_before_they_are_offered(): void
    {
        $kit = OddKit::kit(['base' => [OddKit::base(), 20], 'paper' => [OddKit::paper(), 4]]);
        $wishes = Preferences::asManyAsPossible()->saying(WordsAgain::Once)->savingOne();
        $table = Inventory::unpacked($kit)->under($wishes);
        $cards = Sharer::most($table);
        self::assertCount(2, $cards, 'two stamps, each once');
        $reliefs = Relief::on($table->after(...$cards));

        $says = array_map(static fn (Relief $one): string => $one->says(), $reliefs);
        self::assertSame(['the same words on several cards: at least 6 more', 'some cards without words: 2 more'], $says);
    }

    private static function leanest(Table $table): Card
    {
        $table = $table->onSketches(array_values(array_filter($table->sketches, static fn ($one): bool => $one->key === 'stamped-panel')));

        return Sharer::most($table->asking(Preferences::cards(1)))[0] ?? self::fail('There is white cardstock.');
    }

    /**
     * @param  list<int>  $numbers
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
