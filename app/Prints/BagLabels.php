<?php

namespace App\Prints;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Taking;
use App\Table\TableState;
use App\Wording\Wording;

/** A label for the bag of each card: its number, its occasion, and what belongs in it. */
final class BagLabels
{
    public static function pdf(Kit $kit): string
    {
        return (string) Pdf::render(view('bag-labels', ['kit' => $kit, 'rows' => array_chunk(self::of($kit), 2)])->render(), $kit->unit)->output();
    }

    /** @return list<array{number: int, title: string, lines: list<string>}> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);

        return array_values($state->cards->map(static fn (Card $card): array => [
            'number' => $card->number,
            'title' => "{$card->occasion->label()} · $kit->name",
            'lines' => array_values($state->takings->where('card_id', $card->id)->map(static function (Taking $taking) use ($state, $kit): string {
                $core = $state->core[$taking->toCore()->component];
                $amount = $taking->size()?->format($kit->unit) ?? Wording::taken($core, $taking->quantity, $kit->unit);

                return "{$taking->partName()}: $core->name".($amount === '' || $amount === '1' ? '' : ", $amount");
            })->all()),
        ])->all());
    }
}
