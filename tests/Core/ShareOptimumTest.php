<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Small tables on which every share-out can be tried. */
final class ShareOptimumTest extends TestCase
{
    #[TestWith([2, 4])]
    #[TestWith([3, 2])]
    #[TestWith([4, 1])]
    public function test_no_share_out_of_a_small_table_is_better(int $cards, int $tables): void
    {
        for ($seed = 1; $seed <= $tables; $seed++) {
            $table = self::table($seed, $cards);
            $wishes = Preferences::cards($cards);
            $found = LocalSearch::down($table->under($wishes), Sharer::most($table->under($wishes)), 60);
            $best = self::best($table, [], $cards, 0, $wishes) ?? self::fail("Inventory $seed gives no cards.");

            self::assertSame(
                0,
                Score::of($table->under($wishes), $found)->compare($best),
                "table $seed: ".json_encode([$best, Score::of($table->under($wishes), $found)]),
            );
        }
    }

    /**
     * The best of all share-outs. Cards are made in the order of the choices, so each set of them is tried once.
     *
     * @param  list<Card>  $made
     */
    private static function best(Inventory $table, array $made, int $cards, int $from, Preferences $wishes): ?Score
    {
        if (count($made) === $cards) {
            return Score::of($table->under($wishes), $made);
        }
        $best = null;
        foreach (array_slice(self::choices($table, count($made) + 1), $from, null, true) as $n => $card) {
            $all = [...$made, $card];
            if (! self::isPossible($table, $all)) {
                continue;
            }
            $merit = self::best($table, $all, $cards, $n, $wishes);
            $best = $merit !== null && ($best === null || $merit->compare($best) > 0) ? $merit : $best;
        }

        return $best;
    }

    /** @param  list<Card>  $cards */
    private static function isPossible(Inventory $table, array $cards): bool
    {
        $after = $table->after(...$cards);
        $words = array_map(static fn (Card $card): ?string => $card->taking('sentiment')?->component, $cards);
        if (min([0, ...$after->free]) < 0 || $words !== array_unique($words)) {
            return false;
        }
        foreach ($after->promised as $component => $pieces) {
            if (! $table->under(Preferences::cards(1, true))->plan($component, $pieces)->isComplete()) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Card> every card there could be: sketch, a surface for each part, picture, words */
    private static function choices(Inventory $table, int $number): array
    {
        $cards = [];
        foreach ($table->under(Preferences::cards(1, true))->sketches as $sketch) {
            $fills = [[]];
            foreach ($sketch->resolve($table->front, $table->unit)->parts as $laid) {
                $next = [];
                foreach ($fills as $fill) {
                    foreach ($table->components as $id => $component) {
                        $isPaper = $component->kind()->isPrintedPaper();
                        if (! $component->good instanceof SheetGood || $isPaper !== $laid->part->role->isPaper()) {
                            continue;
                        }
                        foreach ($laid->part->role->isPaper() ? [0, 1] : [0] as $face) {
                            $next[] = [...$fill, Taking::piece($id, $laid->part->id, $laid->cut, $face, true)];
                        }
                    }
                }
                $fills = $next;
            }
            foreach ($fills as $fill) {
                foreach (
                    array_filter(
                        array_keys($table->components),
                        static fn (string $id): bool => str_starts_with($id, 'picture'),
                    ) as $picture
                ) {
                    foreach (
                        array_filter(
                            array_keys($table->components),
                            static fn (string $id): bool => str_starts_with($id, 'words'),
                        ) as $words
                    ) {
                        $cards[] = Card::of($number, $sketch, $table->front, Occasion::of('birthday'), [
                            Taking::some('base', 'base', 1),
                            Taking::some('envelope', 'envelope', 1),
                            ...$fill,
                            Taking::some($words, 'sentiment', 1),
                            Taking::some($picture, 'focal', 1),
                        ]);
                    }
                }
            }
        }

        return $cards;
    }

    /** A square front, so that turning a sketch changes nothing, with only what a card must have. */
    private static function table(int $seed, int $cards): Inventory
    {
        $random = new Randomizer(new Mt19937($seed));
        $colour = static fn (): Colour => Colour::fromHex(sprintf('%06x', $random->getInt(0, 0xFFFFFF)));
        $inch = static fn (string $width, string $height): Size => Size::parse($width, $height, Unit::Inch);
        $components = [];
        $add = static function (string $id, Good $good, int $count) use (&$components): void {
            $components[] = Component::of($id, ucfirst($id), $good, $count);
        };
        $face = static fn (string $name): Face => Face::printed(
            $name,
            Motif::Dots,
            [$colour(), $colour()],
            $random->getInt(0, 2) === 0,
            false,
        );
        foreach ([1, 2] as $n) {
            $add("paper-$n", Paper::of($inch('6', '6'), $face("front $n"), $face("back $n")), $cards === 2 ? $random->getInt(1, 2) : 2);
        }
        $add('card', Cardstock::of($inch('8 1/2', '11'), $grey = $colour(), $grey, Finish::Plain, Weight::Medium), 3);
        $add('base', CardBase::of($inch('4', '4'), FoldEdge::Side, $colour()), $cards);
        $add('envelope', Envelope::of($inch('4 1/4', '4 1/4'), $colour()), $cards);
        $add(
            'picture-1',
            DieCut::of(Printed::of($inch('1 1/4', '1 1/4'), Serves::Image, Shape::Star, [$colour(), $colour()])),
            $cards === 4 ? 4 : 2,
        );
        if ($cards < 4) {
            $add('picture-2', DieCut::of(Printed::of($inch('1', '1 1/4'), Serves::Image, Shape::Heart, [$colour(), $colour()])), 2);
        }
        for ($n = 1; $n <= $cards; $n++) {
            $add(
                "words-$n",
                DieCut::of(
                    Printed::of(
                        $inch('1 1/2', '3/8'),
                        Serves::Sentiment,
                        Shape::Label,
                        [$colour()],
                        Words::of("words $n", [Occasion::of('birthday')]),
                    ),
                ),
                1,
            );
        }
        $table = Inventory::unpacked(Kit::of('Small', Unit::Inch, $inch('4', '4'), $cards, null, $components));
        $sketches = array_slice(['framed-panel', 'panel-on-mat'], 0, $cards === 2 ? 2 : 1);

        return Inventory::of(
            $table->unit,
            $table->front,
            $table->components,
            $table->free,
            $table->stock,
            [],
            [],
            [],
            array_map(static fn (string $key) => Sketches::all()[$key], $sketches),
        );
    }
}
