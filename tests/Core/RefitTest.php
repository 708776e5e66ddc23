<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\CutAlready;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** An existing card, fitted to another design. */
final class RefitTest extends TestCase
{
    public function test_what_fills_a_part_stays_where_the_part_stays(): void
    {
        $card = self::on('panel-on-mat');
        $turned = self::refit(Card::of(1, $card->sketch, $card->front->turned(), $card->occasion, $card->takings));

        foreach (['mat', 'panel', 'focal', 'sentiment', 'envelope', 'base'] as $part) {
            self::assertSame($card->taking($part)?->component, $turned->taking($part)?->component, $part);
        }
        self::assertSame('4', $turned->taking('mat')?->size?->height->format(self::table()->unit), 'cut to the new size');
        self::assertComplete($turned);
    }

    public function test_parts_that_are_new_are_filled_and_parts_that_are_gone_give_back_what_they_took(): void
    {
        $card = self::on('panel-on-mat');
        $other = self::refit(Card::of(1, Sketches::all()['tiles-in-row'], $card->front, $card->occasion, $card->takings));

        self::assertNull($other->taking('mat'));
        foreach (['ground', 'tile-1', 'tile-2', 'tile-3'] as $part) {
            self::assertNotNull($other->taking($part)?->size, $part);
        }
        $tiles = array_map(
            static fn (string $part): string => $other->taking($part)?->component.$other->taking($part)?->face,
            ['tile-1', 'tile-2', 'tile-3'],
        );
        self::assertComplete($other);
        self::assertSame(
            count($other->takings),
            count(array_unique(array_map(static fn (Taking $taking): string => $taking->part, $other->takings))),
            'each part once',
        );
        self::assertCount(3, array_unique($tiles), 'three prints');
    }

    public function test_parts_without_goods_stay_open(): void
    {
        $table = self::table();
        $cardstocks = array_filter(
            $table->components,
            static fn ($one): bool => $one->good instanceof SheetGood && ! $one->kind()->isPrintedPaper(),
        );
        $bare = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            $table->free,
            array_fill_keys(array_keys($cardstocks), []) + $table->stock,
        );
        $card = self::on('framed-panel');
        $fitted = Refit::on($bare->under(Preferences::cards(1, true)))->card(
            Card::of(1, Sketches::all()['panel-on-mat'], $card->front, $card->occasion, $card->takings),
            [],
        );

        self::assertNull($fitted->taking('mat'));
        self::assertSame(
            ['mat'],
            array_values(
                array_intersect(CardFront::of($fitted, $table->components, $table->unit)->lacks, ['mat', 'panel']),
            ),
        );
    }

    public function test_a_part_that_is_cut_stays_the_size_it_is_or_the_change_is_refused(): void
    {
        $card = self::on('panel-on-mat');
        $same = Refit::on(self::table()->under(Preferences::cards(1, true)))->card($card, ['panel', 'mat']);
        self::assertEquals($card->taking('panel'), $same->taking('panel'));

        $this->expectException(CutAlready::class);
        $this->expectExceptionMessage(
            'The panel is cut already: it stays the size it is. Take that cut back first, or leave the part as it was.',
        );
        Refit::on(self::table()->under(Preferences::cards(1, true)))->card(
            Card::of(1, Sketches::all()['framed-panel'], $card->front, $card->occasion, $card->takings),
            ['panel'],
        );
    }

    public function test_a_part_that_is_cut_may_not_go(): void
    {
        $card = self::on('panel-on-mat');
        $this->expectException(CutAlready::class);
        Refit::on(self::table()->under(Preferences::cards(1, true)))->card(
            Card::of(1, Sketches::all()['framed-panel'], $card->front, $card->occasion, $card->takings),
            ['mat'],
        );
    }

    public function test_a_ready_base_stays_if_the_fold_can_be_made_from_it_and_is_replaced_if_not(): void
    {
        $card = self::on('panel-on-mat');
        self::assertSame('base', self::refit($card->onFold(FoldKind::ShortFront))->taking('base')?->component);
        $gate = self::refit($card->onFold(FoldKind::Gatefold));
        self::assertNull($gate->taking('base'), 'the kit has no heavy stock to cut one from');
        self::assertContains('base', CardFront::of($gate, self::table()->components, self::table()->unit)->lacks);
    }

    public function test_the_parts_of_a_fold_are_cut_too_and_go_again_with_it(): void
    {
        $short = self::refit(self::on('panel-on-mat')->onFold(FoldKind::ShortFront));
        self::assertSame('1 1/4 × 5 1/2', $short->taking('fold-inside-strip')?->size?->format(self::table()->unit));
        self::assertSame('3', $short->taking('mat')?->size?->width->format(self::table()->unit), 'the front is an inch shorter');
        self::assertNull(self::refit($short->onFold(FoldKind::Side))->taking('fold-inside-strip'));
    }

    public function test_nothing_is_taken_from_the_other_cards(): void
    {
        $table = self::table();
        $others = Sharer::most($table->under(Preferences::cards(9)));
        $with = $table->after(...$others);
        $card = self::on('panel-on-mat');
        $fitted = Refit::on($with->under(Preferences::cards(1, true)))->card(
            Card::of(10, Sketches::all()['six-tiles'], $card->front, $card->occasion, []),
            [],
        );

        foreach ($with->after($fitted)->promised as $id => $pieces) {
            self::assertTrue($table->under(Preferences::cards(1, true))->plan($id, $pieces)->isComplete(), "all of $id can still be cut");
        }
    }

    private static function assertComplete(Card $card): void
    {
        self::assertSame([], CardFront::of($card, self::table()->components, self::table()->unit)->lacks);
    }

    private static function refit(Card $card): Card
    {
        return Refit::on(self::table()->under(Preferences::cards(1, true)))->card($card, []);
    }

    /** A complete upright card on a sketch. */
    private static function on(string $sketch): Card
    {
        [$card] = Sharer::most(self::table()->under(Preferences::cards(1))->onSketches([Sketches::all()[$sketch]]));
        $isUpright = $card->front->height->isLongerThan($card->front->width);

        return $isUpright ? $card : self::refit(Card::of(1, $card->sketch, $card->front->turned(), $card->occasion, $card->takings));
    }

    private static function table(): Inventory
    {
        static $table = null;

        return $table ??= Inventory::unpacked(Kits::demo());
    }
}
