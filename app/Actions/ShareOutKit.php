<?php

namespace App\Actions;

use App\Jobs\SolveShareOut;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Kit;
use App\Models\Solve;
use App\Models\SolveState;
use App\Table\TableState;
use KeepShare\Core\Share\ShareOut;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Wishes;

/** Shares a kit out over cards, in the background. */
final readonly class ShareOutKit
{
    public function __construct(private Journal $journal, private PlaceCards $cards)
    {
    }

    public function request(Kit $kit, Wishes $wishes): Solve
    {
        $solve = Solve::query()->create([
            'kit_id' => $kit->id,
            'cards' => $wishes->cards,
            'uses_stash' => $wishes->stash,
            'repeats_sentiments' => $wishes->repeatSentiments,
            'revision' => $kit->revision,
            'state' => SolveState::Waiting,
        ]);
        SolveShareOut::dispatch($solve->id);

        return $solve;
    }

    /** Stops the share-out under way; the cards found so far are kept. */
    public function stop(Kit $kit): void
    {
        Solve::query()->where('kit_id', $kit->id)->whereIn('state', [SolveState::Waiting, SolveState::Running])->update(['state' => SolveState::Stopping]);
    }

    public function solve(Solve $solve): void
    {
        $kit = $solve->kit;
        Solve::query()->whereKey($solve->id)->where('state', SolveState::Waiting)->update(['state' => SolveState::Running]);
        $table = TableState::of($kit)->table(isNew: true);
        $wanted = $solve->cards - count($table->cards);
        $answer = $wanted < 1 ? ShareOut::of([], [], null) : Sharer::share($table, Wishes::cards($wanted, $solve->uses_stash, $solve->repeats_sentiments), static function (int $done) use ($solve): bool {
            Solve::query()->whereKey($solve->id)->update(['done' => $done]);

            return Solve::query()->whereKey($solve->id)->value('state') !== SolveState::Stopping;
        });
        try {
            $this->keep($solve, $answer);
            $solve->update(['state' => SolveState::Done, 'done' => count($answer->cards), 'message' => $this->shortfall($solve, $answer, count($table->cards))]);
        } catch (StaleTable $stale) {
            $solve->update(['state' => SolveState::Failed, 'message' => $stale->getMessage()]);
        }
    }

    private function keep(Solve $solve, ShareOut $answer): void
    {
        $name = sprintf('Share out %d %s', count($answer->cards), count($answer->cards) === 1 ? 'card' : 'cards');
        $this->journal->act($solve->kit, $name, $solve->revision, function () use ($solve, $answer): void {
            $solve->kit->update(['uses_stash' => $solve->uses_stash]);
            $this->cards->clear($solve->kit);
            $this->cards->place($solve->kit, $answer->cards, false);
        });
    }

    private function shortfall(Solve $solve, ShareOut $answer, int $staying): ?string
    {
        if ($answer->stop === null) {
            return null;
        }
        $made = count($answer->cards) + $staying;

        return sprintf('%d of the %d cards asked for. Another needs %s. %s', $made, $solve->cards, $answer->stop->wants(), $answer->stop->outlook());
    }
}
