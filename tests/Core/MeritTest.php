<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Occasions;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Share\ForAMan;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** What makes a share-out better, and what the craft looks at in its spread. */
final class MeritTest extends TestCase
{
    /** @return iterable<string, array{array<string, int>, array<string, int>}> the better first */
    public static function pairs(): iterable
    {
        yield 'one card more outweighs findings' => [
            ['complete' => 5, 'findings' => 9, 'together' => 100, 'held' => 0, 'fromStash' => 9],
            ['complete' => 4, 'findings' => 0, 'together' => 400, 'held' => 0, 'fromStash' => 0],
        ];
        yield 'no finding outweighs how it goes together' => [
            ['complete' => 4, 'findings' => 0, 'together' => 100, 'held' => 0, 'fromStash' => 9],
            ['complete' => 4, 'findings' => 1, 'together' => 400, 'held' => 0, 'fromStash' => 0],
        ];
        yield 'what stays in the stash outweighs how it goes together' => [
            ['complete' => 4, 'findings' => 0, 'together' => 300, 'held' => 0, 'fromStash' => 0],
            ['complete' => 4, 'findings' => 0, 'together' => 320, 'held' => 0, 'fromStash' => 1],
        ];
        yield 'a difference that no one sees decides where all else is even' => [
            ['complete' => 4, 'findings' => 0, 'together' => 321, 'held' => 0, 'fromStash' => 0],
            ['complete' => 4, 'findings' => 0, 'together' => 320, 'held' => 0, 'fromStash' => 0],
        ];
    }

    /**
     * @param  array{complete: int, findings: int, together: int, held: int, fromStash: int}  $better
     * @param  array{complete: int, findings: int, together: int, held: int, fromStash: int}  $worse
     */
    #[DataProvider('pairs')]
    public function test_figures_are_weighed_in_the_order_of_the_craft(array $better, array $worse): void
    {
        $one = Score::summed(self::table()->under(Preferences::cards(5)), [], $better, []);
        $other = Score::summed(self::table()->under(Preferences::cards(5)), [], $worse, []);
        self::assertGreaterThan(0, $one->compare($other));
        self::assertLessThan(0, $other->compare($one));
        self::assertSame(0, $one->compare($one));
    }

    public function test_occasions_and_folds_that_are_missing_weigh_more_than_findings(): void
    {
        $cards = Sharer::most(self::table()->under(Preferences::cards(3)));
        $birthdays = count(
            array_filter($cards, static fn (Card $card): bool => $card->occasion->is('birthday')),
        );
        $merit = static fn (array $occasions, array $folds, int $findings): Score => Score::summed(
            self::table()->under(Preferences::cards(3)->wanting($occasions)->folding($folds)),
            $cards,
            ['complete' => 3, 'findings' => $findings, 'together' => 200, 'held' => 0, 'fromStash' => 0],
            [],
        );

        self::assertSame(
            [0, 3 - $birthdays],
            [
                $merit(['birthday' => $birthdays], [], 0)->occasionsMissing,
                $merit(['birthday' => 3], [], 0)->occasionsMissing,
            ],
        );
        self::assertGreaterThan(
            0,
            $merit(['birthday' => $birthdays], [], 5)->compare($merit(['birthday' => 3], [], 0)),
        );
        self::assertGreaterThan(0, $merit([], [], 5)->compare($merit([], ['gatefold' => 1], 0)));
        self::assertGreaterThan(0, $merit([], ['gatefold' => 1], 0)->compare($merit(['birthday' => 3], [], 0)), 'occasions before folds');
    }

    public function test_repeats_count_sheets_opened_count_and_sets_count_once(): void
    {
        $table = self::table();
        $wishes = Preferences::cards(2);
        [$card] = Sharer::most($table->under($wishes));
        $twice = [$card->again(1, 1), $card->again(2, 1)];
        $alike = [$card, Card::of(2, $card->sketch, $card->front, $card->occasion, $card->takings)];

        self::assertSame(0, Score::of($table->under($wishes), [$card])->repeats);
        self::assertSame(0, Score::of($table->under($wishes), $twice)->repeats, 'a set is a decision');
        self::assertGreaterThan(2, Score::of($table->under($wishes), $alike)->repeats);
        self::assertLessThanOrEqual(
            0,
            Score::of($table->under($wishes), $alike)->kept - Score::of($table->under($wishes), [$card])->kept,
        );
        $paper = array_values(
            array_filter($card->takings, static fn (Taking $taking): bool => $taking->size !== null),
        )[0]->component;
        self::assertGreaterThan(
            Score::of($table->under($wishes), [$card])->kept,
            Score::of($table->under($wishes->using([$paper => Wanted::UseUp])), [$card])->kept,
        );
        self::assertLessThan(
            Score::of($table->under($wishes), [$card])->kept,
            Score::of($table->under($wishes->using([$paper => Wanted::Save])), [$card])->kept,
        );
    }

    public function test_what_is_remembered_of_pairs_is_what_pairing_says(): void
    {
        $table = self::table();
        $cards = Sharer::most($table->under(Preferences::cards(4)));
        foreach ($cards as $card) {
            $main = $table->under(Preferences::cards(1, true))->mainOf($card) ?? self::fail('A card has a paper.');
            foreach ($card->takings as $taking) {
                $surface = $table->under(Preferences::cards(1, true))->surfaceOf($taking);
                if ($surface !== null) {
                    self::assertSame(
                        Fit::figure($main->face, $surface->face),
                        $table->under(Preferences::cards(1, true))->harmonies->of($main, $surface),
                    );
                    self::assertSame(
                        Fit::figure($main->face, $surface->face),
                        $table->under(Preferences::cards(1, true))->harmonies->of($main, $surface),
                        'also the second time',
                    );
                }
            }
        }
    }

    public function test_the_spread_puts_first_what_is_asked_for_then_what_is_furthest_behind(): void
    {
        $table = self::table();
        $variety = Variety::on($table->under(Preferences::cards(1, true)));
        self::assertSame('birthday', $variety->occasionsByWant(Preferences::cards(12))[0]->value);
        self::assertSame('sympathy', $variety->occasionsByWant(Preferences::cards(12)->wanting(['sympathy' => 1]))[0]->value);
        $cards = Sharer::most($table->under(Preferences::cards(2)->wanting(['sympathy' => 2])));
        $with = Variety::on($table->after(...$cards)->under(Preferences::cards(1, true)));
        self::assertSame('birthday', $with->occasionsByWant(Preferences::cards(12)->wanting(['sympathy' => 2]))[0]->value, 'they are had');
        self::assertSame('sympathy', $with->occasionsByWant(Preferences::cards(12))[count(Occasions::all()) - 1]->value);
    }

    public function test_for_a_man_are_cards_without_frills(): void
    {
        $table = self::table();
        $cards = Sharer::most($table->under(Preferences::cards(10)));
        $numbers = ForAMan::among($cards, $table->under(Preferences::cards(1, true)), 3);
        self::assertCount(3, $numbers);
        $chosen = array_filter($cards, static fn (Card $card): bool => in_array($card->number, $numbers, true));
        foreach ($chosen as $card) {
            self::assertNotContains($card->occasion, [Occasion::of('wedding'), Occasion::of('new-baby')]);
            self::assertNotSame('sea-holly/0', $table->under(Preferences::cards(1, true))->mainOf($card)?->key, 'a sprig');
        }
        self::assertSame([], ForAMan::among($cards, $table->under(Preferences::cards(1, true)), 0));
    }

    private static function table(): Inventory
    {
        static $table = null;

        return $table ??= Inventory::unpacked(Kits::demo());
    }
}
