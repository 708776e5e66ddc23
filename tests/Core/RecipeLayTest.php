<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Recipe\KeepRecipe;
use KeepShare\Core\Recipe\Lay\BestChoice;
use KeepShare\Core\Recipe\Lay\LaidRecipe;
use KeepShare\Core\Recipe\Lay\LayRecipe;
use KeepShare\Core\Recipe\Lay\Letters;
use KeepShare\Core\Recipe\Lay\LettersChosen;
use KeepShare\Core\Recipe\Lay\OnTable;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Kits;
use Tests\Core\Support\Recipes;
use Tools\Bench\PaperKit;

/** A recipe on a kit: which paper takes which letter, and the resulting cards. */
final class RecipeLayTest extends TestCase
{
    private static function kit(int $papers, int $seed = 1, string $size = '6 x 6', bool $up = false): Kit
    {
        return PaperKit::like(Kits::demo(), $papers, $seed, $size, $up);
    }

    private static function table(Kit $kit, ?Preferences $wishes = null): Table
    {
        return Inventory::unpacked($kit)->under($wishes ?? Preferences::cards(30));
    }

    /** @return array{LettersChosen, LaidRecipe} */
    private static function laid(Recipe $recipe, Table $table): array
    {
        $on = OnTable::of($recipe, $table);
        $chosen = Letters::best($recipe, $on, $table);
        self::assertNotNull($chosen);

        return [$chosen, LayRecipe::of($recipe, $on, $table, $chosen)];
    }

    public function test_the_best_choice_is_the_best_of_all(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($try = 0; $try < 300; $try++) {
            $places = $random->getInt(1, 4);
            [$goods, $alone, $pairs] = [[], [], []];
            for ($i = 0; $i < $places; $i++) {
                for ($a = $random->getInt(1, 6); $a > 0; $a--) {
                    $goods[$i][] = 'good '.$random->getInt(1, 5);
                    $alone[$i][] = $random->getInt(-20, 20);
                }
            }
            for ($i = 0; $i < $places; $i++) {
                for ($j = $i + 1; $j < $places && $random->getInt(0, 3) > 0; $j++) {
                    foreach (array_keys($goods[$i]) as $a) {
                        foreach (array_keys($goods[$j]) as $b) {
                            $pairs[$i][$j][$a][$b] = $random->getInt(-30, 30);
                        }
                    }
                }
            }
            $best = self::byForce($goods, $alone, $pairs, []);
            $found = BestChoice::of($goods, $alone, $pairs);

            self::assertSame($best, $found?->worth, "try $try");
            self::assertTrue($found === null || $found->isProven());
            self::assertSame($found?->worth, $found?->worthOf($found->chosen));
        }
    }

    /**
     * @param  array<int, array<int, string>>  $goods
     * @param  array<int, array<int, int>>  $alone
     * @param  array<int, array<int, array<int, array<int, int>>>>  $pairs
     * @param  list<int>  $chosen
     */
    private static function byForce(array $goods, array $alone, array $pairs, array $chosen): ?int
    {
        $place = count($chosen);
        if ($place === count($goods)) {
            return 0;
        }
        $best = null;
        foreach ($goods[$place] as $option => $good) {
            $worth = $alone[$place][$option];
            foreach ($chosen as $other => $its) {
                if ($goods[$other][$its] === $good) {
                    continue 2;
                }
                $worth += $pairs[$other][$place][$its][$option] ?? 0;
            }
            $rest = self::byForce($goods, $alone, $pairs, [...$chosen, $option]);
            $best = $rest !== null && ($best === null || $worth + $rest > $best) ? $worth + $rest : $best;
        }

        return $best;
    }

    public function test_the_letters_of_six_sheets_on_twenty_four_papers_are_proven_or_nearly(): void
    {
        foreach ([1, 2, 3, 4] as $seed) {
            $table = self::table(self::kit(24, $seed));
            $recipe = Recipes::shipped();
            $chosen = Letters::best($recipe, OnTable::of($recipe, $table), $table);

            self::assertNotNull($chosen);
            self::assertLessThanOrEqual(10, $chosen->gapInThousandths(), "seed $seed: within a hundredth of the bound");
            self::assertCount(6, array_unique(array_map(static fn ($one): string => $one->component->id, $chosen->papers)));
        }
    }

    /** Some papers and letters. Every choice is tried, and the next best of one letter is the best of the rest. */
    public function test_the_next_best_papers_follow_the_best(): void
    {
        $table = self::table(self::kit(7));
        $recipe = Recipes::shipped();
        $on = OnTable::of($recipe, $table);
        $chosen = Letters::best($recipe, $on, $table);
        self::assertNotNull($chosen);
        foreach ($chosen->others as $letter => $others) {
            $worths = array_column($others, 'worth');
            self::assertSame($chosen->worth, $worths[0], 'the best is the one that is taken');
            $sorted = $worths;
            rsort($sorted);
            self::assertSame($sorted, $worths);
            $second = $others[1]['papers'];
            $fixed = array_map(static fn ($one): string => $one->key(), $second);
            $swapped = Letters::best($recipe, $on, $table, null, $fixed);
            self::assertSame($fixed[$letter], $swapped?->papers[$letter]->key());
            self::assertSame($worths[1], $swapped->worth);
        }
    }

    public function test_its_cards_are_cut_by_its_templates(): void
    {
        $recipe = Recipes::shipped();
        foreach ([false, true] as $up) {
            $table = self::table(self::kit(8, 3, '6 x 6', $up), Preferences::cards(30));
            [$chosen, $laid] = self::laid($recipe, $table);

            self::assertSame([], array_filter($laid->falls, static fn (string $why): bool => str_contains($why, 'cannot be cut')));
            $pieces = Card::piecesOf(array_values($laid->cards));
            foreach ($chosen->papers as $letter => $candidate) {
                $id = $candidate->component->id;
                $own = array_column($pieces[$id] ?? [], null, 'id');
                self::assertCount(1, $laid->plans[$id]);
                $sizes = static fn (array $all): array => array_count_values(array_map(
                    static fn ($leaf): string => $leaf->rect()->size->format(Unit::Inch),
                    $all,
                ));
                self::assertSame(
                    [],
                    array_diff_key($sizes($laid->plans[$id][0]->pieces()), $sizes($recipe->letter($letter)?->plans[0]->pieces() ?? [])),
                    'in the sizes of its template',
                );
                self::assertSame(count($own), count($laid->plans[$id][0]->pieces()));
            }
        }
    }

    public function test_other_sheets_fronts_and_units_are_served_or_it_says_which_cards_fall_away(): void
    {
        $recipe = Recipes::shipped();
        $wide = self::table(self::kit(6, 1, '12 x 12'));
        [, $laid] = self::laid($recipe, $wide);
        self::assertSame(18, count($laid->cards) + count($laid->falls));
        self::assertSame([], array_filter($laid->falls, static fn (string $why): bool => str_contains($why, 'cannot be cut')));

        $small = self::table(self::kit(6, 1, '4 x 6'));
        [, $laid] = self::laid($recipe, $small);
        self::assertNotSame([], $laid->falls);
        self::assertMatchesRegularExpression('/cannot be cut from what is left of [A-F]/', implode("\n", $laid->falls));
        foreach ($laid->plans as $id => $plans) {
            $own = array_column(Card::piecesOf(array_values($laid->cards))[$id] ?? [], null, 'id');
            self::assertLessThanOrEqual(count($small->stock[$id]), count($plans));
            self::assertNotEmpty($own);
        }

        $metric = Inventory::unpacked(Kits::demo('knitted-hills'))->under(Preferences::cards(30));
        [, $laid] = self::laid($recipe, $metric);
        self::assertNotSame([], $laid->cards);
        foreach ($laid->cards as $card) {
            self::assertTrue($card->front->matches($metric->front), 'on the fronts of the kit');
        }
    }

    public function test_what_is_to_be_used_up_comes_first_and_what_is_never_used_not_at_all(): void
    {
        $recipe = Recipes::shipped('ten-from-one');
        $kit = self::kit(5);
        foreach (['paper-1', 'paper-4'] as $id) {
            $uses = array_fill_keys(['paper-1', 'paper-2', 'paper-3', 'paper-4', 'paper-5'], Wanted::Save);
            $table = self::table($kit, Preferences::cards(30)->using([...$uses, $id => Wanted::UseUp]));
            $chosen = Letters::best($recipe, OnTable::of($recipe, $table), $table);
            self::assertSame($id, $chosen?->papers['A']->component->id);

            $never = self::table($kit, Preferences::cards(30)->using([$id => Wanted::Never]));
            $chosen = Letters::best($recipe, OnTable::of($recipe, $never), $never);
            self::assertNotSame($id, $chosen?->papers['A']->component->id);
        }
        $few = self::table(self::kit(5));
        $all = OnTable::of(Recipes::shipped(), $few);
        self::assertNull(Letters::best(Recipes::shipped(), $all, $few), 'six letters want six papers');
        $on = OnTable::of(Recipes::shipped(), $few)->within(Letters::papersOn($few), Recipes::shipped());
        self::assertNotSame([], $on->cards);
        self::assertStringContainsString('there are 5', implode(' ', $on->falls));
        self::assertNotNull(Letters::best(Recipes::shipped()->only(array_column($on->cards, 'number')), $on, $few));
    }

    public function test_a_share_out_that_is_kept_can_be_laid_where_it_came_from(): void
    {
        $table = self::table(Kits::demo(), Preferences::cards(6));
        $cards = ShareOut::of($table)->cards;
        $recipe = KeepRecipe::of('Kept', $table->unit, $cards, $table->components);
        [, $laid] = self::laid($recipe, $table);

        self::assertSame([], $laid->falls);
        self::assertCount(6, $laid->cards);
        foreach ($laid->cards as $number => $card) {
            self::assertSame($recipe->card($number)?->sketch->manner, $card->sketch->manner);
        }
    }
}
