<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** The cards that the maker of a kit shows, and share-outs that follow them. */
final class KitDesignTest extends TestCase
{
    public function test_the_designs_come_first_each_as_often_as_it_is_meant(): void
    {
        $kit = Kits::demo();
        $table = Inventory::unpacked($kit);
        $wishes = Preferences::cards(8, repeatSentiments: true)->following($kit->designs);
        $cards = Sharer::most($table->under($wishes));

        self::assertSame([2, 1, 1, 1], array_map(static fn (KitDesign $design): int => self::made($design, $cards), $kit->designs));
        self::assertSame(5, count(array_filter(array_slice($cards, 0, 5), $wishes->follows(...))));
        self::assertCount(8, $cards);
        foreach ($cards as $card) {
            self::assertSame([], CardFront::of($card, $table->components, $table->unit)->lacks);
        }
        foreach ($table->after(...$cards)->promised as $id => $pieces) {
            self::assertTrue($table->under(Preferences::cards(1, true))->plan($id, $pieces)->isComplete());
        }
        self::assertSame(
            'lanterns/1',
            $cards[0]->taking('inner')?->component.'/'.$cards[0]->taking('inner')?->face,
            'the face that is shown',
        );

        $settled = LocalSearch::down($table->under($wishes), $cards, 12);
        self::assertEquals(array_slice($cards, 0, 5), array_slice($settled, 0, 5), 'settling leaves them');
        self::assertSame(
            0,
            count(
                array_filter(
                    Sharer::most($table->after(...$cards)->under(Preferences::cards(1)->following($kit->designs))),
                    $wishes->follows(...),
                ),
            ),
            'and no more of them are made',
        );
    }

    public function test_a_design_whose_picture_is_gone_is_passed_over(): void
    {
        $kit = Kits::demo();
        $table = Inventory::unpacked($kit);
        $bare = Inventory::of($table->unit, $table->front, $table->components, ['lantern' => 0] + $table->free, $table->stock);
        $cards = Sharer::most($bare->under(Preferences::cards(6)->following($kit->designs)));

        self::assertSame([0, 1, 1, 1], array_map(static fn (KitDesign $design): int => self::made($design, $cards), $kit->designs));
        self::assertCount(6, $cards);
    }

    public function test_under_other_ids_it_is_the_same_design_and_without_one_it_is_none(): void
    {
        $design = Kits::demo()->designs[1];
        $ids = array_map(static fn (array $take): string => "x-{$take['component']}", $design->takes);
        $renamed = $design->renamed(array_combine(array_column($design->takes, 'component'), $ids));
        self::assertSame($ids, array_map(static fn (array $take): string => $take['component'], $renamed->takes ?? []));
        self::assertNull($design->renamed(['gull' => 'x-gull']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'an unknown sketch' => [
            ['sketch' => 'spiral'],
            'designs[0].sketch: no sketch "spiral" ships with Keep Share.',
        ];
        yield 'an unknown component' => [
            ['takes' => ['focal' => 'whale', 'sentiment' => 'many-thanks']],
            'designs[0].takes.focal: no component of the kit has the id "whale".',
        ];
        yield 'no picture' => [
            ['takes' => ['sentiment' => 'many-thanks']],
            'designs[0].takes.focal: is missing: a design says which picture and which words it has.',
        ];
        yield 'words for a picture' => [
            ['takes' => ['focal' => 'many-thanks', 'sentiment' => 'many-thanks']],
            'designs[0].takes.focal: "many-thanks" cannot be the focal of a card.',
        ];
        yield 'a third face' => [
            ['takes' => ['focal' => 'gull', 'sentiment' => 'many-thanks', 'upper' => 'wave/2']],
            'designs[0].takes.upper: "wave" has no face 2.',
        ];
        yield 'a part the sketch has not' => [
            ['takes' => ['focal' => 'gull', 'sentiment' => 'many-thanks', 'sail' => 'wave']],
            'designs[0].takes.sail: is not a field Keep Share knows here.',
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('faults')]
    public function test_a_wrong_design_is_refused_by_its_place(array $change, string $says): void
    {
        $data = json_decode(Kits::json('harbour-lanterns'), true, flags: JSON_THROW_ON_ERROR);
        $data['designs'] = [[...$data['designs'][1], ...$change]];
        $this->expectException(BadKit::class);
        $this->expectExceptionMessage($says);
        KitFile::read(json_encode($data, JSON_THROW_ON_ERROR));
    }

    /** @param  list<Card>  $cards */
    private static function made(KitDesign $design, array $cards): int
    {
        return count(array_filter($cards, static fn (Card $card): bool => $card->follows($design)));
    }
}
