<?php

namespace Tests\Core;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Shop\ShoppingList;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\WordsAgain;
use KeepShare\Core\Tray\Balance;
use KeepShare\Core\Tray\Becoming;
use KeepShare\Core\Tray\Find;
use KeepShare\Core\Tray\Kind\FrameParts;
use KeepShare\Core\Tray\Lacks;
use KeepShare\Core\Tray\Scrap;
use KeepShare\Core\Tray\Uses;
use KeepShare\Core\Tray\WholeTray;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\BruteForce;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Replay;

/** What scraps can become, the whole tray, searching, and what to buy. */
final class TrayTest extends TestCase
{
    #[TestWith(['harbour-lanterns', 1])]
    #[TestWith(['knitted-hills', 2])]
    #[TestWith(['windfall-orchard', 3])]
    public function test_whatever_a_scrap_becomes_can_be_cut_and_is_what_it_says(string $kit, int $seed): void
    {
        $table = self::tray($kit, $seed, Preferences::cards(10, false)->framed(null), 10);
        $scraps = self::scraps($table);
        $lacks = Lacks::on($table, $scraps);
        $many = 0;
        foreach ($scraps as $scrap) {
            $last = PHP_INT_MAX;
            foreach (Becoming::of($scrap, $lacks, $table->wishes->trimmer()) as $option) {
                $wanted = [];
                foreach ($option->parts as $id => $part) {
                    self::assertTrue($part->stuff->takes($scrap), "$id of {$scrap->component->name}");
                    $wanted[$id] = Piece::of($id, $part->size, $part->mayTurn || ! $scrap->hasUp());
                }
                $cut = Replay::of($option->plan, $wanted);
                self::assertEquals($option->counts, array_count_values($cut), 'as many as it says');
                $area = array_sum(array_map(static fn (string $id): int => $option->parts[$id]->size->area(), $cut));
                self::assertEqualsWithDelta($scrap->size()->area() - $area, $option->left, count($cut) + 1);
                self::assertLessThanOrEqual($last, $option->worth, 'the best comes first');
                self::assertLessThanOrEqual($lacks->cards, $option->cards, 'for no more cards than can be made');
                $last = $option->worth;
                $many++;
            }
        }
        self::assertGreaterThan(20, $many);
    }

    public function test_what_is_scarce_on_the_tray_is_worth_more_and_no_card_to_come_wants_nothing(): void
    {
        $kit = Kits::demo();
        $table = Inventory::unpacked($kit)->under(Preferences::cards(10));
        $paper = self::component($table, Kind::Paper);
        $large = self::scrap($paper, '6', '6');
        $small = self::scrap($paper, '2', '2');
        $panel = self::part(Lacks::on($table, []), 'panel', '4', '5 1/4');
        $few = Lacks::on($table, array_fill(0, 2, $large))->worth($panel);
        self::assertGreaterThan(Lacks::on($table, array_fill(0, 30, $large))->worth($panel), $few);
        $small = Lacks::on($table, array_fill(0, 30, $small))->worth($panel);
        self::assertSame($small, Lacks::on($table, [])->worth($panel), 'no small one gives it');

        $bare = Inventory::unpacked(Kits::without(Kind::Base, Kind::Cardstock))->under(Preferences::cards(10));
        $lacks = Lacks::on($bare, [$large]);
        self::assertSame(0, $lacks->cards);
        foreach (Becoming::of($large, $lacks, $bare->wishes->trimmer()) as $option) {
            self::assertSame([0, 'no card needs it'], [$option->cards, $option->serves()]);
        }
    }

    /**
     * One sketch with a single panel and one calm paper: as many cards as panels can be cut, found by trying
     * everything.
     */
    public function test_a_small_tray_gives_as_many_cards_as_brute_force_finds(): void
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            [$table, $scraps] = self::panelsOnly($dice);
            $sizes = [];
            foreach ([$table->front, $table->front->turned()] as $front) {
                $sizes[] = $table->layouts->of($table->sketches[0], $front)->parts[0]->cut ?? self::fail('It fits.');
            }
            $most = 0;
            foreach ($scraps as $scrap) {
                $wishes = array_map(static fn (Size $size): array => [...self::eighths($size), ! $scrap->hasUp(), 1, 2], $sizes);
                $most += BruteForce::mostWorth(...[...self::eighths($scrap->size()), $wishes]);
            }
            $plan = WholeTray::turned($table, $scraps, Lacks::on($table, $scraps));
            self::assertCount($most, $plan->cards, "tray $seed");
            self::assertSame(! str_contains($plan->says(), 'are possible'), $plan->isProven());
        }
    }

    #[TestWith(['harbour-lanterns', 4])]
    #[TestWith(['knitted-hills', 5])]
    public function test_the_whole_tray_cuts_every_piece_once_and_claims_no_more_than_is_proven(string $kit, int $seed): void
    {
        $table = self::tray($kit, $seed, Preferences::cards(12, false)->saying(WordsAgain::Freely), 5);
        $scraps = self::scraps($table);
        $plan = WholeTray::turned($table, $scraps, Lacks::on($table, $scraps));
        $byId = array_column(array_map(static fn (Scrap $one): array => [$one->id, $one], $scraps), 1, 0);
        $forCards = [];
        $left = array_sum(array_map(static fn (Scrap $one): int => $one->size()->area(), $scraps));
        foreach ($plan->plans as $id => $own) {
            $wanted = [];
            foreach ($own->pieces() as $leaf) {
                $piece = (string) $leaf->piece;
                $size = $leaf->turned ? $leaf->rect()->size->turned() : $leaf->rect()->size;
                $wanted[$piece] = Piece::of($piece, $size, true);
                $left -= $leaf->rect()->size->area();
                if (str_contains($piece, '/')) {
                    self::assertArrayNotHasKey($piece, $forCards, 'no piece twice');
                    $forCards[$piece] = $byId[$id]->component->id;
                }
            }
            Replay::of($own, $wanted);
        }
        foreach ($forCards as $piece => $component) {
            [$number, $part] = explode('/', $piece, 2);
            $card = array_values(array_filter($plan->cards, static fn ($one): bool => $one->number === (int) $number))[0];
            self::assertSame($component, $card->taking($part)?->component, 'of the paper the card takes');
        }
        self::assertEqualsWithDelta($left, $plan->left, count($scraps) * 30);
        self::assertLessThanOrEqual(100, $plan->leftPerCent());
        self::assertGreaterThanOrEqual(count(Sharer::most($table)), count($plan->cards), 'no fewer than the plain search');
        $uses = Uses::of($table, $plan->cards);
        foreach ($plan->cards as $card) {
            self::assertContains($uses->scrapOf($card->number) ?? 0, range(0, 100));
        }
    }

    /** @param  array<string, mixed>  $expected */
    #[TestWith(['strip 2 x 5 1/2 calm blue', ['noun' => 'strip', 'size' => '2 × 5 1/2', 'isBusy' => false, 'colour' => '#3f74a8']])]
    #[TestWith(['circle 2 vellum', ['noun' => 'circle', 'size' => '2 × 2', 'finish' => 'vellum']])]
    #[TestWith(['anything 4 x 5 1/4 for a man', ['noun' => null, 'size' => '4 × 5 1/4', 'isForAMan' => true, 'words' => []]])]
    #[TestWith(['Busy dots, 10 x 15 cm', ['isBusy' => true, 'motif' => 'dots', 'size' => '≈ 3 15/16 × ≈ 5 29/32']])]
    #[TestWith(['squares of pale green cardstock harbour', ['noun' => 'square', 'isPrinted' => false, 'words' => ['harbour']]])]
    public function test_what_is_looked_for_is_read_as_people_ask(string $text, array $expected): void
    {
        $find = Find::read($text, Unit::Inch);
        foreach ($expected as $what => $is) {
            $read = match ($what) {
                'size' => $find->size?->format(Unit::Inch),
                'colour' => $find->colour?->hex,
                'finish' => $find->finish?->value,
                'motif' => $find->motif?->value,
                default => $find->{$what},
            };
            self::assertSame($is, $read, "$what of $text");
        }
    }

    public function test_a_frame_takes_two_long_strips_and_two_short_ones(): void
    {
        $lacks = Lacks::on(Inventory::unpacked(Kits::demo())->under(Preferences::asManyAsPossible()), []);
        $strips = array_values(array_filter($lacks->parts, static fn ($part): bool => $part->noun === FrameParts::NOUN));
        $served = static fn (int $long, int $short): int => $lacks->servedBy([$strips[0]->id() => $long, $strips[1]->id() => $short]);

        self::assertSame([0, 1, 1, 2, 0], [$served(4, 0), $served(2, 2), $served(3, 9), $served(4, 5), $served(0, 10)]);
    }

    #[TestWith(['hearts', 'Heart sticker', true])]
    #[TestWith(['hearts', 'Sequins', false])]
    #[TestWith(['gull', 'Gulls', true])]
    #[TestWith(['blue boats', 'Boat', true])]
    #[TestWith(['purple boats', 'Boat', false])]
    #[TestWith(['lighthouse sticker', 'Lighthouse', false])]
    public function test_ready_made_things_are_found_by_name_kind_and_shape(string $text, string $name, bool $isFound): void
    {
        [$shape, $colour] = match ($name) {
            'Heart sticker' => [Shape::Heart, '#c23a2c'],
            'Boat' => [Shape::Boat, '#3f74a8'],
            'Gulls' => [Shape::Gull, '#ffffff'],
            default => [Shape::Lighthouse, '#c23a2c'],
        };
        $printed = Printed::of(Size::parse('1', '1', Unit::Inch), Serves::Image, $shape, [Colour::fromHex($colour)]);
        $thing = Component::of('x', $name, DieCut::of($printed), 2);

        self::assertSame($isFound, Find::read($text, Unit::Inch)->isThing($thing, 'Harbour Lanterns'));
    }

    public function test_a_scrap_becomes_a_heart_only_where_it_is_said_how_large_or_hearts_are_printed_on_it(): void
    {
        $sheet = Size::parse('6', '6', Unit::Inch);
        self::assertFalse(Find::read('hearts', Unit::Inch)->takesPart(null, $sheet, Motif::Plaid));
        self::assertTrue(Find::read('hearts', Unit::Inch)->takesPart(null, $sheet, Motif::Hearts));
        self::assertTrue(Find::read('hearts 2', Unit::Inch)->takesPart(null, $sheet, Motif::Plaid));
        self::assertTrue(Find::read('hearts', Unit::Inch)->takesPart('heart', $sheet));
    }

    #[TestWith(['#6a4fa0', false])]
    #[TestWith(['#9a9f9f', false])]
    #[TestWith(['#2f5646', false])]
    #[TestWith(['#223650', true])]
    #[TestWith(['#a9cfe0', true])]
    public function test_blue_is_blue_and_not_purple_grey_or_green(string $ground, bool $isBlue): void
    {
        $face = Face::plain('front', Colour::fromHex($ground));

        self::assertSame($isBlue, Find::read('blue', Unit::Inch)->apart($face) < 100);
    }

    #[TestWith([''])]
    #[TestWith(['  , '])]
    #[TestWith(['strip 0 x 5'])]
    #[TestWith(['"never closed'])]
    public function test_meaningless_text_is_refused_with_a_reason(string $text): void
    {
        $this->expectException(BadLine::class);
        Find::read($text, Unit::Inch);
    }

    public function test_what_is_found_is_large_enough_and_of_what_was_asked_for(): void
    {
        $kit = Kits::demo();
        $find = Find::read('strip 2 x 5 1/2 calm', Unit::Inch);
        self::assertTrue($find->takes(Size::parse('6', '2', Unit::Inch)), 'lying either way');
        self::assertFalse($find->takes(Size::parse('1 15/16', '6', Unit::Inch)));
        self::assertSame([true, true, false], [
            $find->takesPart('strip', Size::parse('2', '6', Unit::Inch)),
            $find->takesPart(null, Size::parse('6', '6', Unit::Inch)),
            $find->takesPart('square', Size::parse('6', '6', Unit::Inch)),
        ]);
        foreach ($kit->components as $component) {
            $face = $find->faceOf($component, $kit->name);
            self::assertSame($component->good instanceof SheetGood && self::hasCalm($component->good), $face !== null, $component->name);
        }
        $copper = Find::read('mirror', Unit::Inch);
        $named = array_filter($kit->components, static fn (Component $one): bool => $copper->faceOf($one, '') !== null);
        self::assertSame(['Copper mirror'], array_values(array_map(static fn (Component $one): string => $one->name, $named)));
    }

    /** With what the list names the set can be made again. With one sheet less of any paper no way was found. */
    #[TestWith(['harbour-lanterns', 8])]
    #[TestWith(['windfall-orchard', 6])]
    public function test_with_what_is_bought_the_set_can_be_made_again(string $kit, int $cards): void
    {
        $table = Inventory::unpacked(Kits::demo($kit))->under(Preferences::cards($cards)->wordless(true));
        $set = Sharer::most($table);
        self::assertCount($cards, $set);
        $after = $table->after(...$set);
        $list = ShoppingList::again($after, $set);
        $bought = array_column(array_map(static fn ($line): array => [$line->component, $line->packs], $list->lines), 1, 0);
        self::assertNotSame([], $bought);
        foreach ($set as $card) {
            foreach ($card->takings as $taking) {
                $component = $after->components[$taking->component];
                if ($taking->size === null && ! $component->isEndless() && $component->kind() === Kind::Base) {
                    self::assertGreaterThanOrEqual($cards, ($after->free[$component->id] ?? 0) + 10 * ($bought[$component->id] ?? 0));
                }
            }
        }
        foreach ($set[0]->pieces() as $component => $own) {
            $good = $after->components[$component]->good;
            self::assertInstanceOf(SheetGood::class, $good);
            $stock = $after->stock[$component];
            for ($n = 0; $n < ($bought[$component] ?? 0); $n++) {
                $stock[] = Stock::sheet("bought-$n", $good->size());
            }
            $again = array_map(static fn ($card): array => $card->pieces()[$component] ?? [], $set);
            $pieces = [...$after->promised[$component] ?? [], ...array_merge([], ...$again)];
            self::assertTrue(\KeepShare\Core\Cut\Engine::plan($stock, $pieces)->isComplete(), $component);
        }
    }

    public function test_for_more_cards_the_list_names_packs_and_what_else_would_do(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(12, false));
        $found = ShareOut::of($table->asking(Preferences::cards(48, false)));
        $after = $table->after(...$found->cards);
        $stop = Outlook::beyond($after, Outlook::FAR) ?? self::fail('Something stops the next card.');
        foreach ($stop->additions as $addition) {
            $list = ShoppingList::more($after, $addition);
            self::assertNotSame([], $list->lines, 'something stops the next card');
            foreach ($list->lines as $line) {
                self::assertGreaterThan(0, $line->packs);
                self::assertStringStartsWith((string) $line->packs, $line->says());
            }
        }
        self::assertSame([1, 3, 6, 10], array_map(static fn ($one): int => $one->cards, $stop->additions));
    }

    public function test_the_balance_says_for_how_many_cards_each_thing_is_enough(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(12));
        $bars = array_column(array_map(static fn (Balance $one): array => [$one->what, $one->cards], Balance::of($table)), 1, 0);
        self::assertSame(10, $bars['envelopes']);
        self::assertGreaterThan(20, $bars['pictures']);
        $less = $table->after(...Sharer::most($table->asking(Preferences::cards(4))));
        $after = array_column(array_map(static fn (Balance $one): array => [$one->what, $one->cards], Balance::of($less)), 1, 0);
        foreach (['envelopes', 'bases', 'paper'] as $what) {
            self::assertLessThan($bars[$what], $after[$what]);
        }
    }

    /** A tray with some scraps of a demo kit, of random sizes, with everything else there. */
    private static function tray(string $kit, int $seed, Preferences $wishes, int $each): Table
    {
        $dice = new Randomizer(new Mt19937($seed));
        $unpacked = Inventory::unpacked(Kits::demo($kit));
        $step = $unpacked->unit->step()->units;
        $stock = [];
        foreach ($unpacked->stock as $id => $sheets) {
            $stock[$id] = [];
            for ($n = 0; $n < min($each, 2 * count($sheets)); $n++) {
                $size = $sheets[0]->size;
                $side = static fn (int $whole): int => $step * $dice->getInt(2, intdiv($whole, $step));
                $stock[$id][] = Stock::offcut("$id/$n", Size::ofUnits($side($size->width->units), $side($size->height->units)));
            }
        }

        return Inventory::of($unpacked->unit, $unpacked->front, $unpacked->components, $unpacked->free, $stock)->under($wishes);
    }

    /** @return list<Scrap> all that lies on a table */
    private static function scraps(Table $table): array
    {
        $scraps = [];
        foreach ($table->stock as $id => $own) {
            foreach ($own as $stock) {
                $scraps[] = Scrap::of($stock->id, $table->components[$id], $stock) ?? self::fail('It comes in sheets.');
            }
        }

        return $scraps;
    }

    /** @return array{Table, list<Scrap>} one paper in up to three scraps, and cards of half a panel each */
    private static function panelsOnly(Randomizer $dice): array
    {
        // Nothing that could be taken apart: neither liners nor printed bases.
        $unpacked = Inventory::unpacked(Kits::without(Kind::Panel, Kind::Envelope));
        $paper = array_values(array_filter(
            $unpacked->components,
            static fn (Component $one): bool => $one->kind() === Kind::Paper && $one->good instanceof SheetGood,
        ))[$dice->getInt(0, 5)];
        $eighth = intdiv(Unit::Inch->units(), 8);
        $stock = [];
        for ($n = 1; $n <= $dice->getInt(1, 3); $n++) {
            $stock[] = Stock::offcut("scrap-$n", Size::ofUnits($eighth * $dice->getInt(16, 44), $eighth * $dice->getInt(16, 44)));
        }
        $others = array_filter($unpacked->components, static fn (Component $one): bool => ! $one->good instanceof SheetGood);
        $laying = Inventory::of(Unit::Inch, $unpacked->front, [...$others, $paper->id => $paper], $unpacked->free, [$paper->id => $stock]);
        $wishes = Preferences::cards(8, false)->saying(WordsAgain::Freely)->wordless(true);
        $table = $laying->under($wishes)->onSketches([Sketches::all()['half-panel']]);

        return [$table, self::scraps($table)];
    }

    /** @return array{int, int} */
    private static function eighths(Size $size): array
    {
        $eighth = intdiv(Unit::Inch->units(), 8);

        return [intdiv($size->width->units, $eighth), intdiv($size->height->units, $eighth)];
    }

    private static function scrap(Component $of, string $width, string $height): Scrap
    {
        return Scrap::of('a', $of, Stock::offcut('a', Size::parse($width, $height, Unit::Inch))) ?? self::fail('It comes in sheets.');
    }

    private static function component(Table $table, Kind $kind): Component
    {
        foreach ($table->components as $component) {
            if ($component->kind() === $kind) {
                return $component;
            }
        }
        self::fail("There is no $kind->value.");
    }

    private static function part(Lacks $lacks, string $noun, string $width, string $height): \KeepShare\Core\Tray\StandardPart
    {
        foreach ($lacks->parts as $part) {
            if ($part->noun === $noun && $part->size->equals(Size::parse($width, $height, Unit::Inch))) {
                return $part;
            }
        }
        self::fail("There is no $noun $width × $height.");
    }

    private static function hasCalm(SheetGood $good): bool
    {
        foreach ($good->faces() as $face) {
            if (! $face->busy) {
                return true;
            }
        }

        return false;
    }
}
