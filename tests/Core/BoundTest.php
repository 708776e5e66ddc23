<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\LowerBound;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** Bounds from both sides, and how cards are spread. */
final class BoundTest extends TestCase
{
    public function test_large_pieces_that_go_together_nowhere_need_a_sheet_each(): void
    {
        $stock = [self::sheet('a'), self::sheet('b'), self::sheet('c')];

        self::assertSame(
            2,
            LowerBound::sheets($stock, [self::piece('1', '4', '5'), self::piece('2', '4', '5')]),
            'the area of both would do on two thirds of a sheet',
        );
        self::assertSame(1, LowerBound::sheets($stock, [self::piece('1', '3', '5'), self::piece('2', '3', '5')]));
        self::assertSame(0, LowerBound::sheets($stock, []));
    }

    public function test_offcuts_lower_the_bound(): void
    {
        $offcut = Stock::offcut('o', Size::parse('4', '5', Unit::Inch));

        self::assertSame(1, LowerBound::sheets([self::sheet('a'), $offcut], [self::piece('1', '5', '5'), self::piece('2', '4', '5')]));
        self::assertSame(0, LowerBound::sheets([self::sheet('a'), $offcut], [self::piece('2', '4', '5')]));
    }

    public function test_turning_counts_only_where_a_piece_may_turn(): void
    {
        $strips = static fn (bool $mayTurn): array => [
            Piece::of('1', Size::parse('6', '3 1/2', Unit::Inch), false),
            Piece::of('2', Size::parse('2 1/2', '6', Unit::Inch), $mayTurn),
        ];

        self::assertSame(2, LowerBound::sheets([self::sheet('a'), self::sheet('b')], $strips(false)));
        self::assertSame(1, LowerBound::sheets([self::sheet('a'), self::sheet('b')], $strips(true)));
    }

    public function test_each_need_bounds_the_cards_by_itself(): void
    {
        self::assertSame([10, Need::Base], self::bound(Kits::demo()));
        $short = self::with(Kits::demo(), Kind::Envelope, 3);
        self::assertSame([10, Need::Base], self::bound($short), 'no card waits for its envelope');
        self::assertSame([3, Need::Envelope], self::boundOn(Inventory::unpacked($short), Preferences::asManyAsPossible()->inEnvelopes()));
        $rich = array_keys(array_filter(Sketches::all(), static fn (Sketch $one): bool => $one->focus->isLean()));
        self::assertSame(
            [0, Need::FocalPoint],
            self::boundOn(Inventory::unpacked(
                self::with(
                    self::with(Kits::without(Kind::Tool, Kind::Paper, Kind::Panel), Kind::DieCut, 0, images: true),
                    Kind::Sticker,
                    0,
                    images: true,
                    layered: true,
                ),
            ), Preferences::asManyAsPossible()->without($rich)),
            'where every sketch wants a picture',
        );
    }

    public function test_heavy_cardstock_counts_as_bases_and_words_count_once(): void
    {
        self::assertSame(
            [5, Need::Base],
            self::bound(self::with(Kits::demo('knitted-hills'), Kind::Base, 1)),
            'one base, and two from each of two heavy sheets',
        );
        $table = Inventory::unpacked(Kits::demo());
        self::assertGreaterThan(
            Bound::on($table->under(Preferences::asManyAsPossible()))->cards - 1,
            Bound::on($table->under(Preferences::asManyAsPossible(repeatSentiments: true)))->cards,
        );
    }

    public function test_a_stamp_serves_any_number_of_cards_with_a_label_or_without(): void
    {
        $table = Inventory::unpacked(Kits::demo());
        $noWords = [];
        $noInk = [];
        foreach ($table->components as $id => $component) {
            $noWords[$id] = $component->words() !== null ? 0 : $table->free[$id] ?? 0;
            $noInk[$id] = $component->good instanceof Cardstock ? [] : $table->stock[$id] ?? [];
        }
        $stampsAlone = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            array_intersect_key($noWords, $table->free),
            $table->stock,
        );
        $nothingToStampOn = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            array_intersect_key($noWords, $table->free),
            array_intersect_key($noInk, $table->stock),
        );

        $once = Preferences::asManyAsPossible()->saying(WordsAgain::Once);
        self::assertSame([2, Need::Sentiment], self::boundOn($stampsAlone, $once));
        self::assertCount(2, Sharer::most($stampsAlone->under($once)));
        self::assertSame([10, Need::Base], self::boundOn($stampsAlone, Preferences::asManyAsPossible()), 'a stamp serves any number');
        self::assertSame([2, Need::Sentiment], self::boundOn($nothingToStampOn, $once), 'they may stand on the base itself');
        self::assertCount(2, Sharer::most($nothingToStampOn->under($once)));
    }

    public function test_heavy_sheets_too_small_for_a_blank_give_no_base(): void
    {
        $kit = Kits::demo();
        $heavy = static fn (string $width, string $height): Inventory => Inventory::unpacked(
            Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, [
                ...array_filter($kit->components, static fn (Component $one): bool => $one->kind() !== Kind::Base),
                Component::of(
                    'heavy',
                    'Heavy',
                    Cardstock::of(
                        Size::parse($width, $height, Unit::Inch),
                        Colour::fromHex('#ffffff'),
                        weight: Weight::Heavy,
                    ),
                    3,
                ),
            ]),
        );

        self::assertSame([6, Need::Base], self::boundOn($heavy('8 1/2', '11'), Preferences::asManyAsPossible()));
        $small = self::boundOn($heavy('8', '8'), Preferences::asManyAsPossible());
        self::assertSame([0, Need::Base], $small, 'neither 8 1/2 × 5 1/2 nor 4 1/4 × 11 comes out of it');
    }

    public function test_the_bound_says_whether_more_is_impossible_or_only_not_found(): void
    {
        $table = Inventory::unpacked(Kits::demo());
        $wishes = Preferences::asManyAsPossible();
        self::assertSame(
            'We found no further card. At most 10 more are possible: then bases run out.',
            Bound::on($table->under($wishes))->says(),
        );
        self::assertSame(
            'No more can be made: there is no base left.',
            Bound::on($table->after(...Sharer::most($table->under($wishes)))->under($wishes))->says(),
        );
    }

    public function test_no_search_beats_the_bound(): void
    {
        foreach (range(101, 115) as $seed) {
            $table = Inventory::unpacked(Kits::random($seed));
            foreach ([false, true] as $repeat) {
                $wishes = Preferences::asManyAsPossible(repeatSentiments: $repeat);
                self::assertLessThanOrEqual(
                    Bound::on($table->under($wishes))->cards,
                    count(Sharer::most($table->under($wishes))),
                    "seed $seed",
                );
            }
        }
    }

    public function test_the_occasion_furthest_behind_is_wanted_most(): void
    {
        $variety = Variety::on(Inventory::unpacked(Kits::demo())->under(Preferences::cards(1)));
        self::assertSame('birthday', $variety->occasionsByWant(Preferences::cards(12))[0]->value);
        $card = static fn (int $number, Occasion $occasion): Card => Card::of(
            $number,
            Sketches::all()['framed-panel'],
            Size::parse('4 1/4', '5 1/2', Unit::Inch),
            $occasion,
            [],
        );
        $variety->add($card(1, Occasion::of('birthday')));
        self::assertNotSame(Occasion::of('birthday'), $variety->occasionsByWant(Preferences::cards(12))[0]);
        foreach (range(2, 12) as $number) {
            $variety->add($card($number, Occasion::of('wedding')));
        }
        self::assertSame('wedding', $variety->occasionsByWant(Preferences::cards(12))[count(Occasions::all()) - 1]->value);
        self::assertGreaterThan($variety->ofSketch('seam-strip'), $variety->ofSketch('framed-panel'));
    }

    /** @return array{int, Need} */
    private static function boundOn(Inventory $table, Preferences $wishes): array
    {
        $bound = Bound::on($table->under($wishes));

        return [$bound->cards, $bound->need];
    }

    /** @return array{int, Need} */
    private static function bound(Kit $kit): array
    {
        $bound = Bound::on(Inventory::unpacked($kit)->under(Preferences::asManyAsPossible()));

        return [$bound->cards, $bound->need];
    }

    /**
     * The kit with another number of every component of a kind. Only of pictures, and also of layered ones, if said.
     */
    private static function with(Kit $kit, Kind $kind, int $count, bool $images = false, bool $layered = false): Kit
    {
        $isMeant = static fn (Component $c): bool => ($c->kind() === $kind && (! $images || $c->isFocalPoint()))
            || ($layered && $c->kind() === Kind::LayeredPicture);

        return Kits::counting($kit, static fn (Component $c): int => $isMeant($c) ? $count : $c->count);
    }

    private static function sheet(string $id): Stock
    {
        return Stock::sheet($id, Size::parse('6', '6', Unit::Inch));
    }

    private static function piece(string $id, string $width, string $height): Piece
    {
        return Piece::of($id, Size::parse($width, $height, Unit::Inch), true);
    }
}
