<?php

namespace Tests\Core;

use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Format\SharedOut;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Outlook\Outlook;
use KeepShare\Core\Outlook\WaysOut;
use KeepShare\Core\Outlook\Why;
use KeepShare\Core\Refusal;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Wanted;
use KeepShare\Core\Table\WordsAgain;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** The share-out as a whole: wishes, improvement, what stops the next card, ways out. */
final class ShareTest extends TestCase
{
    public function test_the_occasions_asked_for_are_met_and_more_than_there_are_cards_is_refused(): void
    {
        $wishes = Preferences::cards(6)->wanting(['sympathy' => 2, 'wedding' => 1, 'thank-you' => 2, 'hello' => 1]);
        $cards = Sharer::most(self::harbour()->under($wishes));

        self::assertEqualsCanonicalizing(
            ['sympathy', 'sympathy', 'wedding', 'thank-you', 'thank-you', 'hello'],
            array_map(static fn (Card $card): string => $card->occasion->value, $cards),
        );
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('20 cards of certain occasions are asked for, but only 12 cards in all.');
        Preferences::cards(12)->wanting(['birthday' => 20]);
    }

    public function test_sets_are_the_same_card_again_as_far_as_there_is_enough(): void
    {
        $cards = Sharer::most(self::harbour()->under(Preferences::cards(6)->inSetsOf(2)));
        self::assertCount(6, $cards);
        self::assertHolds(self::harbour(), $cards);
        $sets = [];
        foreach ($cards as $card) {
            $sets[$card->set ?? "alone $card->number"][] = $card;
        }
        self::assertGreaterThanOrEqual(2, count(array_filter($sets, static fn (array $set): bool => count($set) === 2)));
        foreach (array_filter($sets, static fn (array $set): bool => count($set) === 2) as [$one, $two]) {
            self::assertEquals($one->takings, $two->takings);
            self::assertNotSame($one->number, $two->number);
        }
    }

    public function test_components_are_used_up_saved_and_never_used_as_wished(): void
    {
        $takes = static fn (array $uses): array => array_count_values(
            array_merge(
                ...array_map(
                    static fn (Card $card): array => array_map(
                        static fn (Taking $taking): string => $taking->component,
                        $card->takings,
                    ),
                    Sharer::most(self::harbour()->under(Preferences::cards(8)->using($uses))),
                ),
            ),
        );
        $usual = $takes([]);
        $with = $takes(['wave' => Wanted::UseUp, 'fish-scale' => Wanted::Never, 'kelp' => Wanted::Save]);

        self::assertGreaterThan($usual['wave'] ?? 0, $with['wave']);
        self::assertArrayNotHasKey('fish-scale', $with);
        self::assertGreaterThan(0, $usual['fish-scale'] ?? 0, 'it is taken otherwise');
        self::assertLessThanOrEqual($usual['kelp'] ?? 0, $with['kelp'] ?? 0);
    }

    public function test_one_of_each_is_saved(): void
    {
        $table = self::harbour();
        $cards = Sharer::most($table->under(Preferences::asManyAsPossible()->savingOne()));
        $after = $table->after(...$cards);
        foreach ($table->components as $id => $component) {
            if (in_array($component->kind(), [Kind::Paper, Kind::Cardstock], true) && count($table->stock[$id] ?? []) > 1) {
                $plan = $table->under(Preferences::cards(1, true))->plan($id, $after->promised[$id] ?? []);
                self::assertTrue($plan->isComplete());
                self::assertLessThan(count($table->stock[$id]), $plan->sheetsOpened(), "a sheet of $component->name is whole");
            }
            if ($component->kind() === Kind::DieCut && $table->free[$id] > 1) {
                self::assertGreaterThan(0, $after->free[$id], "a $component->name is kept");
            }
        }
    }

    public function test_the_stash_goes_no_further_than_so_many_cards(): void
    {
        $kit = self::harbour();
        $stash = ['base' => true, 'envelope' => true];
        $table = Inventory::of($kit->unit, $kit->front, $kit->components, $kit->free, $kit->stock, [], $stash);

        self::assertCount(3, Sharer::most($table->under(Preferences::cards(8, true)->stashFor(3))));
        self::assertCount(0, Sharer::most($table->under(Preferences::cards(8))));
        self::assertCount(8, Sharer::most($table->under(Preferences::cards(8, true))));
    }

    public function test_cards_alike_beyond_a_quarter_and_cards_with_the_same_papers_are_worse(): void
    {
        $table = Inventory::unpacked(Kits::demo())->under(Preferences::cards(8));
        $cards = Sharer::most($table);
        $differing = Score::of($table, $cards);
        $alike = Score::of($table, [...array_slice($cards, 0, 5), ...array_map($cards[0]->numbered(...), [6, 7, 8])]);
        $copies = array_map(static fn (int $number): Card => $cards[0]->again($number, 6), [6, 7, 8]);
        $set = Score::of($table, [...array_slice($cards, 1, 5), ...$copies]);

        self::assertCount(8, $cards);
        self::assertSame([0, 0], [$differing->crowded, $differing->twins]);
        self::assertSame([2, 3], [$alike->crowded, $alike->twins], 'four on one sketch, where two are a quarter');
        self::assertSame([0, 0], [$set->crowded, $set->twins], 'the cards of a set are meant to be alike');
        self::assertLessThan(0, $alike->compare($differing));
    }

    public function test_settling_is_never_worse_deterministic_and_takes_no_more_than_there_is(): void
    {
        $better = 0;
        for ($seed = 1; $seed <= 6; $seed++) {
            $table = Inventory::unpacked(Kits::random($seed));
            $wishes = Preferences::cards(5);
            $first = Sharer::most($table->under($wishes));
            $last = Score::of($table->under($wishes), $first);
            foreach ([2, 6] as $steps) {
                $cards = LocalSearch::down($table->under($wishes), $first, $steps);
                self::assertEquals($cards, LocalSearch::down($table->under($wishes), $first, $steps));
                self::assertHolds($table, $cards);
                $merit = Score::of($table->under($wishes), $cards);
                self::assertGreaterThanOrEqual(0, $merit->compare($last));
                $better += (int) ($merit->compare($last) > 0);
                $last = $merit;
            }
        }
        self::assertGreaterThan(2, $better);
    }

    public function test_settling_can_be_stopped_and_keeps_what_it_has(): void
    {
        $table = self::harbour();
        $first = Sharer::most($table->under(Preferences::cards(4)));
        $told = [];
        $cards = LocalSearch::down($table->under(Preferences::cards(4)), $first, 99, static function (int $step) use (&$told): bool {
            $told[] = $step;

            return $step < 3;
        });
        self::assertSame([1, 2, 3], $told);
        self::assertCount(4, $cards);
    }

    public function test_existing_cards_are_not_touched_and_only_free_goods_are_taken(): void
    {
        $table = self::harbour();
        $there = Sharer::most($table->under(Preferences::cards(3)));
        $cards = LocalSearch::down(
            $table->after(...$there)->under(Preferences::cards(3)),
            Sharer::most($table->after(...$there)->under(Preferences::cards(3))),
            4,
        );

        self::assertSame([4, 5, 6], array_map(static fn (Card $card): int => $card->number, $cards));
        self::assertHolds($table, [...$there, ...$cards]);
    }

    public function test_as_many_cards_as_the_bound_on_made_up_kits(): void
    {
        $equal = 0;
        for ($seed = 1; $seed <= 24; $seed++) {
            $table = Inventory::unpacked(Kits::random($seed));
            $wishes = Preferences::asManyAsPossible()->saying(WordsAgain::Once)->inEnvelopes();
            $bound = Bound::on($table->under($wishes))->cards;
            $cards = Stretch::most($table->under($wishes));
            self::assertLessThanOrEqual($bound, count($cards));
            $equal += (int) (count($cards) === $bound);
        }
        // For one kit the bound counts a stamp that shows on only one sheet, which three cards need.
        self::assertGreaterThanOrEqual(23, $equal);
    }

    public function test_what_is_to_be_added_for_one_three_and_six_more_gives_them(): void
    {
        $table = self::harbour();
        $wishes = Preferences::asManyAsPossible()->inEnvelopes();
        $cards = Sharer::most($table->under($wishes));
        $stop = Outlook::beyond($table->after(...$cards)->under($wishes)) ?? self::fail('Something stops the eleventh card.');
        self::assertSame([1, 3, 6], array_map(static fn ($addition): int => $addition->cards, $stop->additions));
        self::assertSame([Need::Base->value => 1, Need::Envelope->value => 1], $stop->additions[0]->counts);
        self::assertSame(
            '1 more card: 1 base (1 sheet of heavy cardstock 8 1/2 × 11 in gives 2), 1 envelope',
            $stop->additions[0]->says(),
        );

        foreach (array_slice($stop->additions, 0, 2) as $addition) {
            $free = [
                'base' => $table->free['base'] + $addition->counts['base'],
                'envelope' => $table->free['envelope'] + $addition->counts['envelope'],
            ];
            $more = Inventory::of(
                $table->unit,
                $table->front,
                $table->components,
                [...$table->free, ...$free],
                $table->stock,
            );
            self::assertCount(count($cards) + $addition->cards, Sharer::most($more->under($wishes)));
        }
    }

    public function test_the_best_next_cards_differ_and_can_all_be_made(): void
    {
        $table = self::harbour();
        $there = Sharer::most($table->under(Preferences::cards(4)));
        $options = Sharer::on($table->after(...$there)->under(Preferences::cards(1)))->options(5, 1);

        self::assertCount(5, array_unique(array_map(static fn (Card $card): string => $card->sketch->key, $options)));
        foreach ($options as $card) {
            self::assertSame(5, $card->number);
            self::assertHolds($table, [...$there, $card]);
        }
    }

    public function test_every_way_out_that_is_offered_can_be_had(): void
    {
        $table = self::harbour();
        $cards = Sharer::most($table->under(Preferences::cards(8)));
        $kinds = [];
        foreach ($cards as $card) {
            $others = array_values(array_filter($cards, static fn (Card $other): bool => $other !== $card));
            $without = $table->after(...$others);
            foreach ($card->takings as $taking) {
                foreach (WaysOut::of($without->under(Preferences::cards(1, true)), $card, $taking->part) as $way) {
                    $kinds[$way->kind] = true;
                    if ($way->taking === null) {
                        continue;
                    }
                    $new = $card->fitted(
                        array_map(
                            static fn (Taking $old): Taking => $old->part === $taking->part ? $way->taking : $old,
                            $card->takings,
                        ),
                    );
                    self::assertHolds($table, [...$others, $new], complete: false);
                    self::assertTrue(
                        $way->taking->component !== $taking->component
                            || $way->taking->face !== $taking->face
                            || $way->taking->quantity !== $taking->quantity,
                        'it is another thing',
                    );
                }
            }
        }
        foreach (['other face', 'near colour', 'best match', 'smaller panel', 'like it', 'leave it off', 'remove the card'] as $kind) {
            self::assertArrayHasKey($kind, $kinds);
        }
    }

    public function test_where_no_picture_is_left_one_is_cut_from_a_scrap_with_a_die_or_round_a_motif(): void
    {
        $kit = Kits::demo();
        $table = self::harbour();
        foreach ($table->components as $id => $component) {
            $gone[$id] = $component->isFocalPoint() ? 0 : ($table->free[$id] ?? 0);
        }
        $free = array_intersect_key($gone ?? [], $table->free);
        [$card] = Sharer::most(
            Inventory::of($table->unit, $table->front, $table->components, $free, $table->stock)->under(
                Preferences::cards(1),
            ),
        );
        self::assertSame(
            'Harbour view',
            $table->under(Preferences::cards(1, true))->surfaceOf($card->taking('focal'))?->face->name,
            'a printed panel with a picture comes first',
        );
        $bare = Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            $free,
            ['harbour-views' => []] + $table->stock,
        );
        $cards = Sharer::most($bare->under(Preferences::cards(4)));
        self::assertCount(4, $cards);
        self::assertHolds($bare, $cards);
        $round = 0;
        foreach ($cards as $card) {
            $focal = array_values(
                array_filter(
                    CardFront::of($card, $table->components, $kit->unit)->layers,
                    static fn ($layer): bool => $layer->part === 'focal',
                ),
            )[0];
            if ($card->taking(DiePart::ID) === null) {
                self::assertTrue($table->under(Preferences::cards(1, true))->surfaceOf($card->taking('focal'))?->face->motif->isPicture());

                continue;
            }
            self::assertSame('2 × 2', $focal->rect->size->format($kit->unit));
            self::assertGreaterThan(20, count($focal->outline->rings[0]), 'it is round');
            $round++;
        }
        self::assertGreaterThan(0, $round);
        $noDie = Inventory::of(
            $table->unit,
            $table->front,
            array_filter($table->components, static fn ($one): bool => $one->kind() !== Kind::Tool),
            $free,
            $bare->stock,
        );
        [$card] = Sharer::most($noDie->under(Preferences::cards(1)));
        $paper = $table->under(Preferences::cards(1, true))->surfaceOf($card->taking('focal')) ?? self::fail('A motif is cut from paper.');
        self::assertTrue($paper->face->motif->isPicture(), 'without the die a motif is cut out');
        self::assertSame(
            0,
            Bound::on(
                Inventory::of(
                    $table->unit,
                    $table->front,
                    array_filter($noDie->components, static fn ($one): bool => ! $one->kind()->isPrintedPaper()),
                    $free,
                    $table->stock,
                )->under(Preferences::cards(4)->withPictures()),
            )->cards,
            'without both there is none',
        );
    }

    public function test_why_says_how_well_it_goes_and_what_the_next_best_was(): void
    {
        $table = self::harbour();
        [$card] = Sharer::most($table->under(Preferences::cards(1)));
        $says = [];
        foreach ($card->takings as $taking) {
            $says[$taking->part] = implode(' ', Why::of($table->under(Preferences::cards(1, true)), $card, $taking->part)->says);
        }
        self::assertStringContainsString('the others are chosen to go with it', implode(' ', $says));
        self::assertMatchesRegularExpression('/goes with .+: \d+ of 100/', implode(' ', $says));
        self::assertMatchesRegularExpression('/Next best: .+\./', implode(' ', $says));
        self::assertSame(['Nothing is taken here.'], Why::of($table->under(Preferences::cards(1, true)), $card, 'bow-tie')->says);
    }

    public function test_the_written_share_out_balances(): void
    {
        $table = self::harbour();
        $cards = Sharer::most($table->under(Preferences::cards(7)));
        $file = ShareOutFile::write('Harbour Lanterns', $table->under(Preferences::cards(1, true)), $cards);
        $taken = [];
        foreach ($file['cards'] as $card) {
            foreach ($card['takings'] as $taking) {
                $taken[$taking['component']] ??= 0;
                $taken[$taking['component']] += isset($taking['width']) ? 1 : (int) $taking['amount'];
            }
        }
        foreach ($file['balance'] as $line) {
            if (isset($line['sheets'])) {
                self::assertSame([$taken[$line['component']] ?? 0, $line['sheets']], [$line['pieces'], $line['opened'] + $line['kept']]);
            } elseif ($line['have'] !== 'endless' && ! str_contains((string) $line['have'], 'in')) {
                self::assertSame((int) $line['have'], (int) $line['taken'] + (int) $line['kept'], $line['name']);
                self::assertSame($taken[$line['component']] ?? 0, (int) $line['taken'], $line['name']);
            }
        }
        self::assertCount(
            array_sum(array_map(static fn (Card $card): int => count($card->takings), $cards)) + 1,
            ShareOutFile::lines($table->under(Preferences::cards(1, true)), $cards),
        );
    }

    public function test_the_written_share_out_is_read_back_with_its_cards_arranged_as_they_were(): void
    {
        $kit = Kits::demo();
        $table = self::harbour()->under(Preferences::cards(6));
        $cards = Composer::on($table, Sharer::most($table));
        self::assertNotNull($cards[0]->arrangement);
        $first = $cards[0]->arrangement->spots[0]->id;
        $moved = static fn (Spot $spot): Spot => $spot->nudged(12_700, -25_400)->turned(15);
        $cards[0] = $cards[0]->arranged($cards[0]->arrangement->changing($first, $moved));
        $file = ShareOutFile::write($kit->name, $table, $cards);
        $json = (string) json_encode($file);

        $read = SharedOut::read($json, $kit)->cards;
        self::assertSame(count($cards), count($read));
        foreach ($cards as $n => $card) {
            self::assertEquals($card->arrangement, $read[$n]->arrangement, "card $card->number");
            self::assertSame([1, 2, 3, 4, 5, 6][$n], $read[$n]->number);
        }
        self::assertSame([0], array_keys(array_filter($file['cards'], static fn (array $card): bool => isset($card['arranged']))));

        $this->expectException(BadKit::class);
        $this->expectExceptionMessage('cards[1].arrangement');
        $file['cards'][1]['arrangement'] = 'no such';
        SharedOut::read((string) json_encode($file), $kit);
    }

    /**
     * Nothing is taken that is not there, and all pieces can be cut.
     *
     * @param  list<Card>  $cards
     */
    private static function assertHolds(Inventory $table, array $cards, bool $complete = true): void
    {
        $after = $table->after(...$cards);
        foreach ($after->free as $id => $left) {
            self::assertTrue($left >= 0 || $table->components[$id]->isEndless(), "{$table->components[$id]->name} is overdrawn");
        }
        foreach ($after->promised as $id => $pieces) {
            self::assertTrue(
                $table->under(Preferences::cards(1, true))->plan($id, $pieces)->isComplete(),
                "{$table->components[$id]->name} can be cut",
            );
        }
        foreach ($complete ? $cards : [] as $card) {
            self::assertSame([], CardFront::of($card, $table->components, $table->unit)->lacks);
        }
        self::assertSame(count($cards), count(array_unique(array_map(static fn (Card $card): int => $card->number, $cards))));
    }

    private static function harbour(): Inventory
    {
        return Inventory::unpacked(Kits::demo());
    }
}
