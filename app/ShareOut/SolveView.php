<?php

namespace App\ShareOut;

use App\Models\Kit;
use App\Models\Solve;
use App\Models\SolveState;
use KeepShare\Core\Table\Preferences;

/**
 * The share-out under way, or the last one if it has something to say.
 *
 * @phpstan-type SolveUnderWay array{
 *     isUnderWay: bool,
 *     state: string,
 *     done: int,
 *     wanted: int,
 *     isMost: bool, // as many as possible were asked for, and the answer still holds
 *     message: string|null,
 *     shortfalls: list<string>,
 * }
 */
final class SolveView
{
    private const LEFT_BEHIND = 'The share-out stopped unexpectedly. '
        .'Nothing was changed. Share out again.';

    /** @return SolveUnderWay|null */
    public static function of(Kit $kit): ?array
    {
        $solve = Solve::query()->where('kit_id', $kit->id)->latest('id')->first();
        if ($solve === null) {
            return null;
        }
        $isLeft = $solve->isLeftBehind();
        $state = $isLeft ? SolveState::Failed : $solve->state;
        // The message of an older share-out is not true of the present table.
        $holds = $state->isUnderWay() || $state === SolveState::Failed || in_array($kit->revision - $solve->revision, [0, 1], true);
        $message = $isLeft ? self::LEFT_BEHIND : $solve->message;

        return [
            'isUnderWay' => $solve->isUnderWay(),
            'state' => $state->value,
            'done' => $solve->done,
            'wanted' => $solve->cards,
            'isMost' => $holds && $solve->cards === Preferences::MOST_CARDS,
            'message' => $holds ? $message : null,
            'shortfalls' => $holds ? $solve->shortfalls ?? [] : [],
        ];
    }
}
