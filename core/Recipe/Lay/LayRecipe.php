<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Bench\Treat\Treatments;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Compose\Rearrange;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Design\Scope;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\StockRole;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Table\Table;

/**
 * Makes the cards of a recipe on a table. Their papers are those of the letters, cut by the templates. Cardstock,
 * pictures, words and trimmings are chosen as in a share-out. What cannot be cut in the measures of the recipe is tried
 * in the leanest measures of its sketch, and is left out if that fails. A card without a picture or words is made
 * without them, and says so.
 */
final class LayRecipe
{
    /** What a card may go without, the least important first. */
    private const WITHOUT = [
        [],
        [Need::FocalPoint],
        [Need::Sentiment],
        [Need::FocalPoint, Need::Sentiment],
        [Need::Cardstock],
        [Need::Cardstock, Need::FocalPoint, Need::Sentiment],
        [Need::Base, Need::Cardstock, Need::FocalPoint, Need::Sentiment, Need::Envelope],
    ];

    /** @var array<int, Card> by the number in the recipe */
    private array $laid = [];

    /** @var array<int, list<string>> */
    private array $notes = [];

    /** @var array<string, CutPlan> by letter */
    private readonly array $plans;

    private readonly OnTable $on;

    private function __construct(
        private readonly Recipe $recipe,
        OnTable $on,
        private readonly Table $table,
        private readonly LettersChosen $chosen,
    ) {
        [$this->on, $this->plans] = $this->cuttable($on);
    }

    public static function of(Recipe $recipe, OnTable $on, Table $table, LettersChosen $chosen): LaidRecipe
    {
        return (new self($recipe, $on, $table, $chosen))->lay();
    }

    /**
     * The cards whose papers can all be cut, and how.
     *
     * @return array{OnTable, array<string, CutPlan>}
     */
    private function cuttable(OnTable $on): array
    {
        $plans = Letters::plans($this->recipe, $on, $this->table, $this->chosen);
        $uncut = self::uncut($plans);
        if ($uncut !== []) {
            $leaner = $on->leaner(array_keys($uncut), $this->table);
            $its = Letters::plans($this->recipe, $leaner, $this->table, $this->chosen);
            if (count(self::uncut($its)) < count($uncut)) {
                [$on, $plans, $uncut] = [$leaner, $its, self::uncut($its)];
            }
        }
        while ($uncut !== []) {
            $on = $on->without($this->because($uncut));
            $plans = Letters::plans($this->recipe, $on, $this->table, $this->chosen);
            $uncut = self::uncut($plans);
        }

        return [$on, $plans];
    }

    /**
     * @param  array<string, CutPlan>  $plans
     * @return array<int, list<string>> the letters that a card finds no piece of, by its number
     */
    private static function uncut(array $plans): array
    {
        $uncut = [];
        foreach ($plans as $letter => $plan) {
            foreach ($plan->unplaced as $piece) {
                $uncut[(int) $piece->id][] = (string) $letter;
            }
        }

        return $uncut;
    }

    /**
     * @param  array<int, list<string>>  $uncut
     * @return array<int, string>
     */
    private function because(array $uncut): array
    {
        return array_map(function (array $letters): string {
            $names = array_map(
                fn (string $letter): string => "$letter ({$this->chosen->papers[$letter]->component->name})",
                array_values(array_unique($letters)),
            );

            return 'its pieces cannot be cut from what is left of '.implode(', ', $names);
        }, $uncut);
    }

    private function lay(): LaidRecipe
    {
        $prepared = $cut = [];
        foreach ($this->plans as $letter => $plan) {
            $id = $this->chosen->papers[$letter]->component->id;
            $now = $this->table->plan($id, $this->table->promised[$id] ?? [])->sheets;
            $prepared[$id] = Prepared::by([...$now, ...$plan->sheets]);
            $cut[$id] = $plan->sheets;
        }
        $sketches = [];
        foreach ($this->on->cards as $card) {
            $sketches[$card->sketch->manner] = $card->sketch;
        }
        $table = $this->table->onSketches(array_values($sketches))->cutBy($prepared);
        $falls = $this->on->falls + $this->layEach($table);
        $this->arrange($table);

        return LaidRecipe::of($this->laid, $cut, $falls, $this->notes);
    }

    /** @return array<int, string> why some cannot be made */
    private function layEach(Table $table): array
    {
        $falls = [];
        $sharer = Sharer::on($table);
        foreach ($this->on->cards as $asked) {
            $given = $this->given($asked);
            $scope = Scope::laid($asked->sketch, $asked->front, $given);
            $occasion = $asked->occasion->is('hello') ? null : $asked->occasion;
            $card = $sharer->laid($scope, $asked->fold, $occasion, self::WITHOUT);
            $card = $card === null ? null : $this->folded($card, $asked, $given, $table->after(...array_values($this->laid)));
            if ($card === null) {
                $falls[$asked->number] = 'not enough is left for it';

                continue;
            }
            $card = $this->treated($card, $asked);
            $this->laid[$asked->number] = $card = $this->inSet($card, $asked);
            $sharer->take($card);
        }

        return $falls;
    }

    /**
     * What its parts are cut from: its papers, and cardstock with the wanted role if there is some.
     *
     * @return array<string, list<Surface>>
     */
    private function given(Card $asked): array
    {
        $given = [];
        foreach ($asked->takings as $taking) {
            $paper = $this->chosen->papers[$taking->component] ?? null;
            $role = $paper === null ? StockRole::tryFrom($taking->component) : null;
            $shown = $paper?->shows($taking->face);
            $surfaces = $role === null ? ($shown === null ? [] : [$shown]) : $this->doing($role);
            if ($surfaces !== []) {
                $given[$taking->part] = $surfaces;
            }
        }

        return $given;
    }

    /** @return list<Surface> */
    private function doing(StockRole $role): array
    {
        $surfaces = [];
        foreach ($this->table->components as $id => $component) {
            $good = $component->good;
            if ($good instanceof Cardstock && $role->suits($good) && ($this->table->stock[$id] ?? []) !== []) {
                $surfaces[] = Surface::of((string) $id, 0, $good->faces()[0], false);
            }
        }

        return $surfaces;
    }

    /**
     * The same with the parts of its fold. Null if the card does not fit the fold.
     *
     * @param  array<string, list<Surface>>  $given  what its parts are cut from
     */
    private function folded(Card $card, Card $asked, array $given, Table $table): ?Card
    {
        if ($asked->fold->fitsReadyBase()) {
            return $card;
        }
        $own = [];
        foreach ($asked->takings as $taking) {
            $surface = $given[$taking->part][0] ?? null;
            if ($surface !== null && $taking->size !== null && FoldPart::isOne($taking->part)) {
                $mayTurn = $surface->mayTurnAs(Role::Background);
                $own[] = Taking::piece($surface->component, $taking->part, $taking->size, $surface->index, $mayTurn);
            }
        }
        try {
            return Refit::on($table)->card($card->fitted([...$card->takings, ...$own]), []);
        } catch (CannotResolve|CannotFold) {
            return null;
        }
    }

    /** What is done to its pieces, with the available tools. */
    private function treated(Card $card, Card $asked): Card
    {
        $takings = [];
        foreach ($card->takings as $taking) {
            $done = array_filter(array_map(
                fn (Treated $one): ?Treated => $this->withTool($one, $asked->number),
                $asked->taking($taking->part)->treated ?? [],
            ));
            $takings[] = $done === [] ? $taking : $taking->treated(array_values($done));
        }

        return $card->fitted($takings);
    }

    private function withTool(Treated $asked, int $number): ?Treated
    {
        $treatment = Treatments::all()[$asked->treatment] ?? null;
        if ($treatment === null || $treatment->isWithoutTool()) {
            return $treatment === null ? null : $asked;
        }
        foreach ($this->table->components as $id => $component) {
            if ($treatment->isDoneWith($component) && $this->table->offers((string) $id)) {
                return Treated::by($asked->treatment, (string) $id, $asked->option);
            }
        }
        $this->notes[$number][] = "not $treatment->done: there is no tool for it";

        return null;
    }

    /** Cards of a set have the number of the first of them. */
    private function inSet(Card $card, Card $asked): Card
    {
        foreach ($this->laid as $number => $other) {
            if ($asked->set !== null && $this->recipe->card($number)?->set === $asked->set) {
                return $card->again($card->number, $other->number);
            }
        }

        return $asked->set === null ? $card : $card->again($card->number, $card->number);
    }

    /** Pieces are spread as in any share-out. What the recipe arranges stays as it says. */
    private function arrange(Table $table): void
    {
        $numbers = array_keys($this->laid);
        $composed = Composer::on($table, array_values($this->laid));
        foreach ($composed as $n => $card) {
            $wanted = $this->recipe->card($numbers[$n])?->arrangement;
            $others = array_values(array_diff_key($composed, [$n => true]));
            $arranged = $wanted === null ? null : Rearrange::to($wanted, $card, $table->after(...$others));
            $composed[$n] = $arranged?->isSound === true ? $arranged->card : $card;
            if ($wanted !== null && $composed[$n]->arrangement?->key !== $wanted->key) {
                $this->notes[$numbers[$n]][] = "not arranged as \"$wanted->name\": what is there does not lie well so";
            }
        }
        $this->laid = $numbers === [] ? [] : array_combine($numbers, $composed);
    }
}
