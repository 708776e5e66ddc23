<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Design\Supplies;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** The cards of a recipe on the fronts of a table, measured with its ruler. */
final readonly class OnTable
{
    /**
     * @param  list<Card>  $cards  each takes pieces from letters and cardstocks, cut to its front
     * @param  array<int, string>  $falls  why a card cannot be made, by its number
     */
    private function __construct(public array $cards, public array $falls)
    {
    }

    public static function of(Recipe $recipe, Table $table): self
    {
        $fronts = self::fronts($table);
        $cards = $falls = [];
        foreach ($recipe->cards as $card) {
            $upright = Size::of($card->front->shorter(), $card->front->longer());
            $same = array_filter($fronts, static fn (Size $one): bool => $one->equals($upright));
            $front = $same === [] ? $fronts[0] : $upright;
            $own = self::on($card, $card->front->isLying() ? $front->turned() : $front, $table);
            if ($own === null) {
                $falls[$card->number] = "{$card->sketch->name} does not fit a front of {$front->label($table->unit)}";
            } else {
                $cards[] = $own;
            }
        }

        return new self($cards, $falls);
    }

    /**
     * The fronts of the available bases, the table's own front first.
     *
     * @return non-empty-list<Size> as they stand upright
     */
    private static function fronts(Table $table): array
    {
        $own = Size::of($table->front->shorter(), $table->front->longer());
        $bases = Supplies::of($table, RemainingStock::on($table), Variety::on($table))->bases();
        $fronts = array_column($bases, 0);

        return $fronts === [] ? [$own] : $fronts;
    }

    /** Null if its sketch or its fold does not fit. */
    private static function on(Card $card, Size $front, Table $table): ?Card
    {
        $own = Card::of(
            $card->number,
            $card->sketch,
            $front,
            $card->occasion,
            $card->takings,
            $table->wishes->frame ?? $card->frame,
            $card->fold,
            $card->set,
            $card->arrangement,
        );
        try {
            return $own->fitted(array_map(
                static fn (Taking $taking): Taking => $taking->sized($own->cutOf($taking->part, $table->unit) ?? $taking->size),
                $own->takings,
            ));
        } catch (CannotResolve|CannotFold) {
            return null;
        }
    }

    /**
     * The same, with the sketches of some cards in their leanest measures. Sketches without leaner measures stay.
     *
     * @param  list<int>  $numbers
     */
    public function leaner(array $numbers, Table $table): self
    {
        return new self(array_map(static function (Card $card) use ($numbers, $table): Card {
            $manner = $card->sketch->leanerBy($card->sketch->lean());

            return in_array($card->number, $numbers, true) ? $card->inManner($manner, $table->unit) ?? $card : $card;
        }, $this->cards), $this->falls);
    }

    /**
     * The cards that can be made with a given number of papers. If there are fewer than letters, the cards of the least
     * used letters are left out.
     */
    public function within(int $papers, Recipe $recipe): self
    {
        $on = $this;
        for ($letters = $on->letters($recipe); count($letters) > $papers; $letters = $on->letters($recipe)) {
            asort($letters);
            $letter = (string) array_key_first($letters);
            $there = $papers === 1 ? 'there is 1' : "there are $papers";
            $falls = [];
            foreach ($on->cards as $card) {
                if (in_array($letter, array_column($card->takings, 'component'), true)) {
                    $falls[$card->number] = "no paper is left for $letter: $there with a sheet to spare";
                }
            }
            $on = $on->without($falls);
        }

        return $on;
    }

    /** @return array<string, int> on how many cards each letter is wanted */
    private function letters(Recipe $recipe): array
    {
        $letters = [];
        foreach ($this->cards as $card) {
            foreach (array_unique(array_column($recipe->papersOf($card), 'component')) as $letter) {
                $letters[$letter] = ($letters[$letter] ?? 0) + 1;
            }
        }

        return $letters;
    }

    /** @param  array<int, string>  $falls  why they cannot be made, by number */
    public function without(array $falls): self
    {
        $isLeft = static fn (Card $card): bool => ! isset($falls[$card->number]);

        return new self(array_values(array_filter($this->cards, $isLeft)), $this->falls + $falls);
    }
}
