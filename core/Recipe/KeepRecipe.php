<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\InsidePart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\Make\Made;

/** Makes a recipe from cards: from a share-out, without its goods, or from computed cards. */
final readonly class KeepRecipe
{
    /**
     * @param  list<Card>  $cards  at least one
     * @param  array<string, Component>  $components  by id
     * @param  array<string, list<SheetPlan>>  $plans  how sheets are cut now, by component; kept where they hold all its pieces
     */
    public static function of(string $name, Unit $unit, array $cards, array $components, array $plans = []): Recipe
    {
        $letters = [];
        $kept = [];
        $papers = [];
        foreach ($cards as $n => $card) {
            $kept[] = Card::of(
                $n + 1,
                $card->sketch,
                $card->front,
                $card->occasion,
                self::takings($card, $components, $papers),
                $card->frame,
                $card->fold,
                $card->set,
                $card->arrangement,
            );
        }
        $pieces = Card::piecesOf($kept);
        foreach (array_keys($papers) as $n => $id) {
            $good = $components[$id]->good;
            $letter = Letter::nth($n);
            $faces = $good instanceof SheetGood ? $good->faces() : [];
            $cut = $good instanceof SheetGood ? self::plan($letter, $good, $pieces[$letter] ?? [], $plans[$id] ?? []) : [];
            if ($cut !== []) {
                $back = isset($faces[1]) ? AskedPrint::like($faces[1]) : AskedPrint::any();
                $letters[] = Letter::of($letter, isset($faces[0]) ? AskedPrint::like($faces[0]) : AskedPrint::any(), $back, $cut);
            }
        }

        return Recipe::of($name, $unit, $letters, $kept);
    }

    public static function made(string $name, Made $made): Recipe
    {
        $letters = array_map(Letter::nth(...), range(0, $made->ask->sheets - 1));
        $plans = $made->floor->plans($letters);
        $on = [];
        foreach ($plans as $n => $plan) {
            foreach ($plan->pieces() as $leaf) {
                $on[(string) $leaf->piece] = $letters[$n];
            }
        }

        return Recipe::of(
            $name,
            $made->ask->unit,
            array_map(
                static fn (string $letter, SheetPlan $plan): Letter => Letter::of($letter, AskedPrint::any(), AskedPrint::any(), [$plan]),
                $letters,
                $plans,
            ),
            $made->cards($on),
        );
    }

    /**
     * What a card takes of letters and cardstock in place of its goods.
     *
     * @param  array<string, Component>  $components
     * @param  array<string, string>  $papers  the letter of each paper; those met first are added
     * @return list<Taking>
     */
    private static function takings(Card $card, array $components, array &$papers): array
    {
        $takings = [];
        foreach ($card->takings as $taking) {
            $component = $components[$taking->component] ?? null;
            $part = $card->sketch->part($taking->part);
            $isKept = $part !== null || FoldPart::isOne($taking->part) || $taking->part === InsidePart::ID;
            if ($component === null || $taking->size === null || ! $isKept) {
                continue;
            }
            if ($component->kind()->isPrintedPaper()) {
                $papers[$taking->component] ??= Letter::nth(count($papers));
                $takings[] = $taking->from($papers[$taking->component])->treated(self::handled($taking));

                continue;
            }
            $good = $component->good instanceof Cardstock ? $component->good : null;
            $takings[] = $taking->from(StockRole::of($part?->role, $good)->value)->treated(self::handled($taking));
        }

        return $takings;
    }

    /** @return list<Treated> what is done to a piece, whichever tool it will be done with */
    private static function handled(Taking $taking): array
    {
        return array_map(
            static fn (Treated $one) => Treated::by($one->treatment, null, $one->option),
            $taking->treated,
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<SheetPlan>  $known
     * @return list<SheetPlan>
     */
    private static function plan(string $letter, SheetGood $good, array $pieces, array $known): array
    {
        if ($pieces === []) {
            return [];
        }
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("$letter/$n", $good->size()), range(1, count($pieces)));
        $wholes = array_filter($known, static fn (SheetPlan $plan): bool => $plan->stock->size->equals($good->size()));
        $now = Prepared::by(array_values($wholes))->plan($pieces);
        $anew = Engine::plan($stock, $pieces);
        $best = $now->isComplete() && count($now->sheets) <= count($anew->sheets) ? $now : $anew;

        return array_map(
            static fn (SheetPlan $plan, int $n): SheetPlan => SheetPlan::of($stock[$n], $plan->root),
            $best->sheets,
            array_keys($best->sheets),
        );
    }
}
