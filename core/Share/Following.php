<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use Closure;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Design\Designer;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Table\Table;

/** Makes the kit's designs that are followed, each as often as intended, as far as there is enough for them. */
final class Following
{
    /** @var array<int, true> the designs there is not enough left for */
    private array $spent = [];

    /**
     * @param  Table  $table  with the cards made so far
     * @param  int  $number  of the next card
     * @param  Closure(Card): bool  $isThere  whether all that a card takes is there and can be cut
     */
    public function next(Table $table, Designer $designer, int $number, Closure $isThere): ?Card
    {
        foreach ($table->wishes->designs as $n => $design) {
            $there = array_values(array_filter($table->cards, static fn (Card $card): bool => $card->follows($design)));
            if (count($there) >= $design->makes || isset($this->spent[$n])) {
                continue;
            }
            $bare = $designer->following($design, $number);
            $card = $bare === null ? null : Refit::on($table)->card($bare, []);
            if (
                $card !== null
                && $card->follows($design)
                && CardFront::of($card, $table->components, $table->unit)->lacks === []
                && $isThere($card)
            ) {
                // What the kit's maker shows twice is a set, and not a repeat.
                return $design->makes === 1 ? $card : $card->again($number, $there[0]->set ?? $there[0]->number ?? $number);
            }
            $this->spent[$n] = true;
        }

        return null;
    }
}
