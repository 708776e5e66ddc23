<?php

namespace App\People;

use App\Acts\CannotAct;
use App\Journal\Journal;
use App\Models\Card;
use App\Models\Day;
use Carbon\CarbonImmutable;
use Closure;

/**
 * Who gets which card. It is done on the shelf, since the cards are of many kits. Each kit's revision rises with it.
 */
final readonly class Giving
{
    public function __construct(private Journal $journal)
    {
    }

    /** @throws CannotAct if the day is past, or the card was given away */
    public function mean(Card $card, Day $day): void
    {
        $meaning = $day->meaning() ?? throw new NoSuchDay('That day has been.');
        $name = "Card $card->number of {$card->kit->name} is meant for {$day->person->name}";
        $this->act($name, $card, static function (Card $card) use ($day, $meaning): void {
            if ($card->isGiven() || ($card->meant_day_id !== null && $card->meant_day_id !== $day->id)) {
                throw new NoSuchDay("Card $card->number of {$card->kit->name} has been given already, or is meant for another day.");
            }
            foreach ($day->meant()->get() as $other) {
                self::leave($other);
            }
            $card->update($meaning);
        });
    }

    public function unmean(Card $card): void
    {
        $this->act("Card $card->number of {$card->kit->name} is meant for nobody", $card, static fn (Card $card) => self::leave($card));
    }

    /** It is given away. */
    public function give(Card $card, string $to): void
    {
        $today = CarbonImmutable::today();
        $this->act("Give card $card->number of {$card->kit->name} to $to", $card, static fn (Card $card) => $card->isGiven()
            ? throw new NoSuchDay("Card $card->number of {$card->kit->name} has been given already.")
            : $card->update(['given_to' => $to, 'given_on' => $today]));
    }

    private static function leave(Card $card): void
    {
        $card->update(Card::FOR_NOBODY);
    }

    /** @param  Closure(Card): mixed  $do  gets the card as it is when it is its turn */
    private function act(string $name, Card $card, Closure $do): void
    {
        $this->journal->actOnShelf($name, static function () use ($card, $do): void {
            $now = Card::query()->with('kit')->findOrFail($card->id);
            $do($now);
        });
    }
}
