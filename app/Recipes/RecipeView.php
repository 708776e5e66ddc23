<?php

namespace App\Recipes;

use App\Drawing\Ink;
use App\Drawing\Mark;
use App\Drawing\OutlinePath;
use App\View\FrontView;
use App\Wording\Wording;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\StockRole;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Outline;

/**
 * A recipe for viewing: what it makes of what, its cards with the letter on each paper, and what else they need.
 *
 * @phpstan-import-type DrawnMark from Mark
 * @phpstan-import-type Front from FrontView
 *
 * @phpstan-type RecipeWant array{what: string, many: string, cards: string}
 */
final class RecipeView
{
    /** "18 cards, A2, from 6 sheets of 6 × 6 in; 98.17 % of the paper on cards" */
    public static function about(Recipe $recipe): string
    {
        $sheets = [];
        foreach ($recipe->letters as $letter) {
            $size = $letter->sheet()->label($recipe->unit);
            $sheets[$size] = ($sheets[$size] ?? 0) + count($letter->plans);
        }
        $from = array_map(
            static fn (string $size, int $many): string => Wording::plural($many, 'sheet')." of $size",
            array_keys($sheets),
            $sheets,
        );
        $used = $recipe->usedIn10000();
        $front = StandardFront::nameOf($recipe->front, $recipe->unit);
        $cards = Wording::plural(count($recipe->cards), 'card').", $front";

        $percent = sprintf('%d.%02d %%', intdiv($used, 100), $used % 100);

        return $from === [] ? $cards : "$cards, from ".implode(' and ', $from)."; $percent of the paper on cards";
    }

    /** @return list<Front> */
    public static function fronts(Recipe $recipe, ?int $most = null): array
    {
        return array_map(
            static fn (Card $card): array => self::front($recipe, $card),
            array_slice($recipe->cards, 0, $most),
        );
    }

    /** @return Front with the letter on each paper, and a place each for picture and words */
    public static function front(Recipe $recipe, Card $card): array
    {
        $front = FrontView::of($card, $recipe->components(), $recipe->unit);
        $layout = $card->layout($recipe->unit);
        $marks = [];
        if (! $card->sketch->focus->isLean()) {
            $marks = [...$marks, ...self::place($layout->focal, 'picture')];
        }
        if ($card->sketch->focus !== Focus::PaperAlone) {
            $marks = [...$marks, ...self::place($layout->sentiment, 'words')];
        }
        $papers = array_column($recipe->papersOf($card), 'component', 'part');
        foreach ($layout->parts as $n => $laid) {
            if (isset($papers[$laid->part->id])) {
                $at = self::letterOn($laid, array_slice($layout->parts, $n + 1));
                $marks[] = Mark::words('letter', $papers[$laid->part->id], $at, Ink::DARK);
            }
        }

        return [...$front, 'marks' => [...$front['marks'], ...$marks], 'lacks' => []];
    }

    /**
     * Where the letter of a paper is drawn, large enough to read: in the upper left corner, or where else the paper is
     * visible.
     *
     * @param  list<Laid>  $over  what is laid after it
     */
    private static function letterOn(Laid $laid, array $over): Rect
    {
        $rect = $laid->rect;
        $high = min(136_000, $rect->size->shorter()->units);
        $wide = min(max($high, 80_000), $rect->size->width->units);
        [$right, $down] = [$rect->size->width->units - $wide, $rect->size->height->units - $high];
        foreach ([0, $right, intdiv($right, 2)] as $x) {
            foreach ([0, $down, intdiv($down, 2)] as $y) {
                $place = Rect::ofUnits($rect->x->units + $x, $rect->y->units + $y, $wide, $high);
                if (self::isSeen($place, $laid, $over)) {
                    return $place;
                }
            }
        }

        return Rect::ofUnits($rect->x->units, $rect->y->units, $wide, $high);
    }

    /** @param  list<Laid>  $over */
    private static function isSeen(Rect $place, Laid $laid, array $over): bool
    {
        [$from, $to] = [$place->x->units, $place->right()->units];
        [$top, $bottom] = [$place->y->units + 1, $place->bottom()->units - 1];
        foreach ([$top, intdiv($top + $bottom, 2), $bottom] as $y) {
            $own = array_filter($laid->outline->across($y), static fn (array $span): bool => $span[0] <= $from && $to <= $span[1]);
            $others = array_merge(...array_map(static fn (Laid $one): array => $one->outline->across($y), $over));
            $hidden = array_filter($others, static fn (array $span): bool => $span[0] < $to && $from < $span[1]);
            if ($own === [] || $hidden !== []) {
                return false;
            }
        }

        return true;
    }

    /** @return list<DrawnMark> */
    private static function place(Rect $rect, string $what): array
    {
        $high = min(72_000, $rect->size->height->units);
        $middle = Rect::ofUnits(
            $rect->x->units,
            $rect->y->units + intdiv($rect->size->height->units - $high, 2),
            $rect->size->width->units,
            $high,
        );

        return [
            Mark::line('place', OutlinePath::of(Outline::rect($rect)), Ink::DARK, 0.35, '2 1.5'),
            Mark::words('words', $what, $middle, Ink::DARK),
        ];
    }

    /** @return list<RecipeWant> what is wanted beside the papers */
    public static function wants(Recipe $recipe): array
    {
        $wants = [];
        foreach ($recipe->cards as $card) {
            $wants['a base and an envelope, '.StandardFront::nameOf($card->front, $recipe->unit)][] = $card->number;
            $layout = $card->layout($recipe->unit);
            if (! $card->sketch->focus->isLean()) {
                $wants["a picture, up to {$layout->focal->size->label($recipe->unit)}"][] = $card->number;
            }
            if ($card->sketch->focus !== Focus::PaperAlone) {
                $for = $card->occasion->is('hello') ? '' : " for {$card->occasion->label()}";
                $wants["words$for, up to {$layout->sentiment->size->label($recipe->unit)}"][] = $card->number;
            }
            foreach (self::stocksOf($card) as [$role, $taking]) {
                $wants["cardstock, {$role->label()}, ".($taking->size?->label($recipe->unit) ?? '')][] = $card->number;
            }
        }

        return array_map(static fn (string $what, array $cards): array => [
            'what' => $what,
            'many' => (string) count($cards),
            'cards' => implode(', ', $cards),
        ], array_keys($wants), $wants);
    }

    /** @return list<array{StockRole, Taking}> */
    private static function stocksOf(Card $card): array
    {
        $stocks = [];
        foreach ($card->takings as $taking) {
            $role = StockRole::tryFrom($taking->component);
            $stocks = $role === null ? $stocks : [...$stocks, [$role, $taking]];
        }

        return $stocks;
    }
}
