<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Table\TableState;
use KeepShare\Core\Card\Card as CoreCard;

/** The present share-out beside those kept by name. */
final class ComparePage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $now = array_values($state->cards->map(static fn (Card $card): CoreCard => $card->toCore())->all());

        return [
            'goods' => GoodView::all($state->core),
            'solutions' => [
                ['id' => null, 'name' => 'On the table now', ...SolutionView::of($now, $state)],
                ...array_values($kit->solutions->where('kind', SolutionKind::Kept)->map(static fn (Solution $kept): array => ['id' => $kept->id, 'name' => $kept->name, ...SolutionView::of($kept->toCore(), $state)])->all()),
            ],
        ];
    }
}
