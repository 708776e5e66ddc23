<?php

namespace Tests\Core;

use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Insides;
use KeepShare\Core\Design\Supplies;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** What may still be taken, and in which order it is looked for. */
final class SuppliesTest extends TestCase
{
    public function test_the_kits_own_come_before_the_stash_and_the_stash_only_where_it_may_be_used(): void
    {
        $table = self::table();
        $kinds = static fn (Preferences $wishes): array => array_map(
            static fn (Surface $one): bool => isset($table->stash[$one->component]),
            self::on($table, $wishes)->cardstocks(),
        );
        self::assertNotContains(true, $kinds(Preferences::cards(4)));
        $both = $kinds(Preferences::cards(4, true));
        self::assertContains(true, $both);
        $sorted = $both;
        sort($sorted);
        self::assertSame($sorted, $both, 'all of the kit first');
    }

    public function test_a_base_is_ready_made_as_long_as_there_is_one_then_cut_from_heavy_stock(): void
    {
        $table = self::table();
        [$front, $fold, $base] = self::on($table, Preferences::cards(4, true))->bases()[0];
        self::assertSame(['4 1/4 × 5 1/2', FoldKind::Side, 'base'], [$front->format(Unit::Inch), $fold, $base->component]);

        $none = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            ['base' => 0] + $table->free,
            $table->stock,
            stash: $table->stash,
        );
        [$front, $fold, $base] = self::on($none, Preferences::cards(4, true))->bases()[0];
        self::assertSame(
            ['4 1/4 × 5 1/2', 'stash-heavy-white', true],
            [$front->format(Unit::Inch), $base->component, $base->size !== null],
        );
        self::assertContains($fold, [FoldKind::Side, FoldKind::Top]);
        self::assertSame([], self::on($none, Preferences::cards(4))->bases());
    }

    public function test_an_envelope_takes_the_front_closely_or_there_is_none(): void
    {
        $supplies = self::on(self::table(), Preferences::cards(4, true));
        self::assertSame('envelope', $supplies->envelope(Size::parse('5 1/2', '4 1/4', Unit::Inch))?->component);
        self::assertNull($supplies->envelope(Size::parse('6', '6', Unit::Inch)));
        self::assertNull($supplies->envelope(Size::parse('2', '3', Unit::Inch)), 'it would rattle');
    }

    public function test_sentiments_fit_for_the_fewest_occasions_come_first_and_none_that_was_said(): void
    {
        $table = self::table();
        $sentiments = self::on($table, Preferences::cards(4))->sentiments();
        $fits = array_map(static fn (Component $one): int => count($one->words()->occasions ?? []), $sentiments);
        $sorted = $fits;
        sort($sorted);
        self::assertSame($sorted, $fits);

        [$card] = Sharer::most($table->under(Preferences::cards(1)));
        $said = $table->components[$card->taking('sentiment')->component ?? '']->words()->text ?? '';
        $texts = static fn (Preferences $wishes): array => array_map(
            static fn (Component $one): string => $one->words()->text ?? '',
            self::on($table->after($card), $wishes)->sentiments(),
        );
        self::assertNotContains($said, $texts(Preferences::cards(4)->saying(WordsAgain::Once)));
        $whenOut = $texts(Preferences::cards(4));
        self::assertSame($said, end($whenOut), 'said again when all others have been');
        self::assertContains($said, $texts(Preferences::cards(4, false, true)));
    }

    public function test_never_is_never_and_a_palette_is_all_there_is(): void
    {
        $table = self::table();
        $never = self::on($table, Preferences::cards(4)->using(['wave' => Wanted::Never, 'gull' => Wanted::Never]));
        self::assertNotContains('wave', array_map(static fn (Surface $one): string => $one->component, $never->papers()));
        self::assertNotContains('gull', array_map(static fn (Component $one): string => $one->id, $never->focalPoints()));
        self::assertSame(['wave/1', 'kelp-card/0'], array_map(static fn (Surface $one): string => $one->key, [
            ...self::on($table, Preferences::cards(4)->from(['wave/1', 'kelp-card/0']))->papers(),
            ...self::on($table, Preferences::cards(4)->from(['wave/1', 'kelp-card/0']))->cardstocks(),
        ]));
    }

    public function test_labels_are_cut_from_light_stock_and_what_makes_bases_is_spared(): void
    {
        $stocks = self::on(self::table(), Preferences::cards(4, true))->labelStocks();
        self::assertSame('shell', $stocks[0]->component);
        $heavy = array_map(self::on(self::table(), Preferences::cards(4, true))->makesBases(...), $stocks);
        $sorted = $heavy;
        sort($sorted);
        self::assertSame($sorted, $heavy);
        self::assertNotContains('copper', array_map(static fn (Surface $one): string => $one->component, $stocks), 'a mirror takes no ink');
    }

    public function test_panels_inside_go_as_far_as_the_light_stock_and_spare_the_stash(): void
    {
        $all = self::table();
        $others = array_filter(
            $all->components,
            static fn (Component $one): bool => $one->kind() === Kind::Cardstock
                && ! isset($all->stash[$one->id])
                && ! in_array($one->id, ['shell', 'deep-water', 'buoy'], true),
        );
        $table = Inventory::of(
            $all->unit,
            $all->front,
            $all->components,
            $all->free,
            ['shell' => array_slice($all->stock['shell'], 0, 1), ...array_fill_keys(array_keys($others), [])]
                + $all->stock,
            stash: $all->stash,
        );
        $wishes = Preferences::cards(10, true)->stashFor(0);
        $cards = Sharer::most($table->under($wishes));
        $lined = Insides::lined($table->under($wishes), $cards);
        $panels = array_values(array_filter(array_map(static fn ($card): ?Taking => $card->taking(InsidePart::ID), $lined)));

        self::assertNotSame([], $panels);
        self::assertLessThan(count($cards), count($panels), 'one sheet of white does not go round');
        foreach ($panels as $panel) {
            self::assertFalse(isset($table->stash[$panel->component]));
            self::assertGreaterThan(80, $table->under(Preferences::cards(1, true))->surfaceOf($panel)?->face->ground()->lab()->lightness);
        }
        self::assertNotNull($lined[0]->taking(InsidePart::ID), 'the earlier cards first');
        foreach ($table->after(...$lined)->promised as $id => $pieces) {
            self::assertTrue($table->under(Preferences::cards(1, true))->plan($id, $pieces)->isComplete(), $id);
        }
    }

    private static function on(Inventory $table, Preferences $wishes): Supplies
    {
        return Supplies::of(
            $table->under($wishes),
            RemainingStock::on($table->under(Preferences::cards(1, true))),
            Variety::on($table->under(Preferences::cards(1, true))),
        );
    }

    private static function table(): Inventory
    {
        return Inventory::unpacked(Kits::demo(), Kits::demo('stash'));
    }
}
