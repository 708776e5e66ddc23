<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Design\Variety;
use KeepShare\Core\Pattern\Repeats;
use KeepShare\Core\Table\Table;

/**
 * How good a share-out is, in the order in which makers judge it: complete cards, the occasions and folds that were
 * asked for, not too many cards alike, no findings, little from the stash, no twins, how well papers match in visible steps,
 * variety, how evenly pieces are spread and how well groups hold together, and finally whole sheets left and things saved
 * or used up.
 *
 * Share-outs are compared figure by figure. The larger one is better.
 */
final readonly class Score
{
    /** Below this many points of a hundred, on average, no one sees a difference. */
    private const SEEN = 2;

    private function __construct(
        public int $complete,
        public int $occasionsMissing,
        public int $foldsMissing,
        public int $crowded,
        public int $findings,
        public int $twins,
        public int $together,
        public int $repeats,
        public int $uneven,
        public int $held,
        public int $kept,
        public int $fromStash,
    ) {
    }

    /**
     * @param  Table  $table  without the cards
     * @param  list<Card>  $cards
     */
    public static function of(Table $table, array $cards): self
    {
        return Judge::of($table)->merit($cards);
    }

    /**
     * @param  list<Card>  $cards
     * @param  array{complete: int, findings: int, together: int, held: int, fromStash: int}  $sums  over the cards
     * @param  list<int>  $pieces  how many lie on each card that is arranged
     */
    public static function summed(Table $table, array $cards, array $sums, array $pieces): self
    {
        return new self(
            $sums['complete'],
            self::missing(
                $table->wishes->occasions,
                [...$table->cards, ...$cards],
                static fn (Card $card): string => $card->occasion->value,
            ),
            self::missing(
                $table->wishes->folds,
                [...$table->cards, ...$cards],
                static fn (Card $card): string => $card->fold->value,
            ),
            self::crowded($cards),
            $sums['findings'],
            self::twins($cards),
            $sums['together'],
            self::repeats($cards),
            $pieces === [] ? 0 : max($pieces) - min($pieces),
            $sums['held'],
            self::kept($table, $cards),
            $sums['fromStash'],
        );
    }

    /** Below 0 if this is worse, above 0 if it is better. */
    public function compare(self $other): int
    {
        return $this->figures() <=> $other->figures();
    }

    /** Out of a hundred: how well the papers of a card match its largest one. */
    public static function togetherOn(Card $card, Table $table): int
    {
        $main = null;
        $figures = [];
        foreach ($card->layout($table->unit)->largestPaperFirst() as $laid) {
            $surface = $table->surfaceOf($card->taking($laid->part->id));
            if ($surface === null) {
                continue;
            }
            if ($main !== null && $surface->key !== $main->key) {
                $figures[] = $table->harmonies->of($main, $surface);
            }
            $main ??= $surface;
        }

        return $figures === [] ? 50 : intdiv(array_sum($figures), count($figures));
    }

    /** @return list<int> */
    private function figures(): array
    {
        return [
            $this->complete,
            -$this->occasionsMissing,
            -$this->foldsMissing,
            -$this->crowded,
            -$this->findings,
            -$this->fromStash,
            -$this->twins,
            intdiv($this->together, max(1, self::SEEN * $this->complete)),
            -$this->repeats,
            -$this->uneven,
            $this->held,
            $this->kept,
            $this->together,
        ];
    }

    /**
     * @param  array<string, int>  $wanted  how many of each
     * @param  list<Card>  $cards
     * @param  Closure(Card): string  $of  what a card is of
     */
    private static function missing(array $wanted, array $cards, Closure $of): int
    {
        $have = array_count_values(array_map($of, $cards));
        $missing = 0;
        foreach ($wanted as $what => $many) {
            $missing += max(0, $many - ($have[$what] ?? 0));
        }

        return $missing;
    }

    /**
     * The cards on one sketch beyond a quarter of all. The cards of a set count once.
     *
     * @param  list<Card>  $cards
     */
    public static function crowded(array $cards): int
    {
        $single = self::withoutCopies($cards);
        $quarter = Repeats::quarter(count($single));
        $onOne = array_count_values(array_map(static fn (Card $card): string => $card->sketch->key, $single));

        return array_sum(array_map(static fn (int $many): int => max(0, $many - $quarter), $onOne));
    }

    /**
     * The cards with the same sketch and the same papers as one before. The cards of a set count once.
     *
     * @param  list<Card>  $cards
     */
    private static function twins(array $cards): int
    {
        $single = self::withoutCopies($cards);

        return count($single) - count(array_unique(array_map(Variety::likenessOf(...), $single)));
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> one of each set
     */
    private static function withoutCopies(array $cards): array
    {
        $single = [];
        foreach ($cards as $card) {
            $single[$card->set ?? -$card->number] ??= $card;
        }

        return array_values($single);
    }

    /**
     * How often a design, a largest paper or a picture is repeated. The cards of a set count once.
     *
     * @param  list<Card>  $cards
     */
    private static function repeats(array $cards): int
    {
        $seen = [];
        foreach (self::withoutCopies($cards) as $card) {
            $own = ["sketch {$card->sketch->key}"];
            foreach ($card->takings as $taking) {
                if ($taking->part === FocalPart::ID || ($taking->size !== null && $taking->part !== BasePart::ID)) {
                    $own[] = "$taking->component/$taking->face";
                }
            }
            // One mat colour twice on a card is not a repeat.
            array_push($seen, ...array_values(array_unique($own)));
        }

        return count($seen) - count(array_unique($seen));
    }

    /**
     * Sheets that stay whole, and components used up or saved as wished.
     *
     * @param  list<Card>  $cards
     */
    private static function kept(Table $table, array $cards): int
    {
        $opened = 0;
        $asked = 0;
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                $asked += intdiv($table->wishes->useOf($taking->component)->worth(), 10);
            }
        }
        foreach (Card::piecesOf($cards) as $component => $own) {
            $opened += $table->plan($component, [...$table->promised[$component] ?? [], ...$own])->sheetsOpened();
        }

        return $asked - $opened;
    }
}
