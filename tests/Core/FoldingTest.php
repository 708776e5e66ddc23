<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\GluedShut;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\Stuff;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** The folds that a share-out chooses: those of the bases, and others that are asked for. */
final class FoldingTest extends TestCase
{
    public function test_a_base_that_lies_the_other_way_is_folded_at_the_top(): void
    {
        $folds = ['upright' => [], 'lying' => []];
        foreach (Sharer::most(self::harbour()->under(Preferences::cards(10))) as $card) {
            $folds[$card->front->width->isLongerThan($card->front->height) ? 'lying' : 'upright'][] = $card->fold;
        }
        self::assertSame([FoldKind::Side], array_values(array_unique($folds['upright'], SORT_REGULAR)));
        self::assertSame([FoldKind::Top], array_values(array_unique($folds['lying'], SORT_REGULAR)));

        $tops = self::with(
            CardBase::of(Size::parse('4 1/4', '5 1/2', Unit::Inch), FoldEdge::Top, self::white()),
            'base',
            10,
        );
        $card = array_values(
            array_filter(
                Sharer::most($tops->under(Preferences::cards(4))),
                static fn (Card $card): bool => $card->front->height->isLongerThan($card->front->width),
            ),
        )[0];
        self::assertSame(FoldKind::Top, $card->fold);
    }

    /** @return iterable<string, array{FoldKind}> */
    public static function folds(): iterable
    {
        foreach (FoldKind::onWish() as $fold) {
            yield $fold->value => [$fold];
        }
    }

    #[DataProvider('folds')]
    public function test_as_many_cards_with_a_fold_as_are_asked_for(FoldKind $fold): void
    {
        $table = self::withHeavyWhite();
        $wishes = Preferences::cards(5)->folding([$fold->value => 2]);
        $cards = Sharer::most($table->under($wishes));
        $folded = array_values(array_filter($cards, static fn (Card $card): bool => $card->fold === $fold));

        self::assertCount(5, $cards);
        self::assertCount(2, $folded);
        foreach ($folded as $card) {
            self::assertSame([], CardFront::of($card, $table->components, $table->unit)->lacks);
            self::assertSame([], (new GluedShut)->look(CardInHand::of($card, $table->components, $table->unit, [])));
            foreach ($card->construction($table->unit)->parts as $part) {
                // The maker finds clear sheets and foam.
                $isCut = ! $part->isFace && ! in_array($part->stuff, [Stuff::Acetate, Stuff::Foam], true);
                self::assertSame(
                    $isCut ? $part->size->format($table->unit) : null,
                    $card->taking("fold-$part->id")?->size?->format($table->unit),
                    $part->name,
                );
            }
        }
        foreach ($table->after(...$cards)->promised as $id => $pieces) {
            self::assertTrue($table->under(Preferences::cards(1, true))->plan($id, $pieces)->isComplete());
        }
        self::assertSame(0, Score::of($table->under($wishes), $cards)->foldsMissing);
        self::assertSame(
            2,
            Score::of(
                $table->under($wishes),
                array_values(array_filter($cards, static fn (Card $card): bool => $card->fold !== $fold)),
            )->foldsMissing,
        );
    }

    public function test_settling_keeps_the_folds_that_are_asked_for(): void
    {
        $table = self::withHeavyWhite();
        $wishes = Preferences::cards(5)->folding(['gatefold' => 1, 'short-front' => 1]);
        $cards = LocalSearch::down($table->under($wishes), Sharer::most($table->under($wishes)), 10);

        self::assertSame([1, 1], [self::on($cards, FoldKind::Gatefold), self::on($cards, FoldKind::ShortFront)]);
        self::assertCount(5, $cards);
    }

    public function test_a_gatefold_needs_a_blank_of_its_own_and_without_one_the_cards_are_plain(): void
    {
        $cards = Sharer::most(self::harbour()->under(Preferences::cards(10)->folding(['gatefold' => 2])));
        self::assertCount(10, $cards);
        self::assertSame(0, self::on($cards, FoldKind::Gatefold));
        self::assertSame(['No card with a gatefold. You asked for 2.'], SpreadGaps::of($cards, 0, ['gatefold' => 2]));

        $table = self::withHeavyWhite();
        [$card] = Sharer::most($table->under(Preferences::cards(1)->folding(['gatefold' => 1])));
        $base = $card->taking('base');
        self::assertSame(
            ['heavy', true],
            [
                $base?->component,
                $base?->size?->matches(Size::parse('11', '4 1/4', Unit::Inch)) === true
                || $base?->size?->matches(Size::parse('8 1/2', '5 1/2', Unit::Inch)) === true,
            ],
        );
        self::assertSame('two-doors', $card->sketch->key);
        self::assertArrayHasKey('heavy', $card->pieces());
    }

    public function test_a_fold_is_offered_until_there_are_enough_of_it(): void
    {
        $table = self::withHeavyWhite();
        $wishes = Preferences::cards(5)->folding(['slider' => 1]);
        $card = Sharer::on($table->under($wishes))->asked() ?? self::fail('There is paper for a sleeve.');
        self::assertSame(FoldKind::Slider, $card->fold);
        self::assertNull(Sharer::on($table->after($card)->under($wishes))->asked());
    }

    public function test_more_folds_than_cards_are_refused(): void
    {
        $wishes = Preferences::cards(6)
            ->wanting(['birthday' => 4])
            ->folding(['gatefold' => 3, 'pocket' => 2, 'side' => 1, 'no such' => 9]);
        self::assertSame(
            [['birthday' => 4], ['gatefold' => 3, 'pocket' => 2]],
            [$wishes->occasions, $wishes->folds],
        );
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage(
            '7 cards of certain folds are asked for, but only 6 cards in all. Ask for 7 cards, or for fewer of the folds.',
        );
        Preferences::cards(6)->folding(['gatefold' => 7]);
    }

    /** @param  list<Card>  $cards */
    private static function on(array $cards, FoldKind $fold): int
    {
        return count(array_filter($cards, static fn (Card $card): bool => $card->fold === $fold));
    }

    private static function withHeavyWhite(): Inventory
    {
        return self::with(Cardstock::of(Size::parse('8 1/2', '11', Unit::Inch), self::white(), weight: Weight::Heavy), 'heavy', 4);
    }

    private static function with(Good $good, string $id, int $count): Inventory
    {
        $kit = Kits::demo();
        // A sleeve needs a paper longer than those of the pad.
        $long = Component::of(
            'long',
            'Long paper',
            Paper::of(
                Size::parse('12', '12', Unit::Inch),
                Face::plain('a', self::white()),
                Face::plain('b', self::white()),
            ),
            2,
        );
        $components = array_filter($kit->components, static fn (Component $one): bool => $one->id !== $id);

        return Inventory::unpacked(
            Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, [
                ...array_values($components),
                $long,
                Component::of($id, $id, $good, $count),
            ]),
        );
    }

    private static function white(): Colour
    {
        return Colour::fromHex('#fdfdfb');
    }

    private static function harbour(): Inventory
    {
        return Inventory::unpacked(Kits::demo());
    }
}
