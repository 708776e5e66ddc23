<?php

namespace App\Recipes;

use App\Database\Trouble;
use App\Jobs\Queue;
use App\Jobs\RunTask;
use App\Jobs\Task;
use App\Jobs\Worker;
use App\Models\Kit;
use App\Models\OwnSketch;
use App\Models\RecipeMaking;
use App\Models\SolveState;
use Closure;
use KeepShare\Core\Recipe\BadRecipe;
use KeepShare\Core\Recipe\KeepRecipe;
use KeepShare\Core\Recipe\Make\Annealing;
use KeepShare\Core\Recipe\Make\Made;
use KeepShare\Core\Recipe\Make\SaidAsk;
use KeepShare\Core\Recipe\RecipeFile;
use PDOException;

/** Computes a recipe in the background. The best so far is shown, and stays if it is stopped. */
final class MakeRecipe implements Task
{
    /** Nanoseconds between two checks whether to go on. */
    private const LOOK = 400_000_000;

    /**
     * @param  array<string, string>  $asked  by field
     *
     * @throws BadRecipe with what is wrong, by its field
     */
    public static function request(Kit $kit, array $asked, int $seconds): RecipeMaking
    {
        SaidAsk::of($asked, array_values(OwnSketch::shelf()));
        RecipeMaking::query()->where('kit_id', $kit->id)->delete();
        $making = RecipeMaking::query()->create([
            'kit_id' => $kit->id,
            'asked' => $asked,
            'seconds' => $seconds,
            'state' => SolveState::Waiting,
        ]);
        RunTask::later(self::class, $making->id, Queue::ShareOuts);

        return $making;
    }

    public static function stop(RecipeMaking $making): void
    {
        $isAtWork = $making->worker !== null && ! $making->isLeftBehind();
        RecipeMaking::query()
            ->whereKey($making->id)
            ->whereIn('state', [SolveState::Waiting, SolveState::Running])
            ->update($isAtWork ? ['state' => SolveState::Stopping] : ['state' => SolveState::Failed, 'says' => 'Stopped.']);
    }

    public function run(int $on): void
    {
        $isTaken = RecipeMaking::query()
            ->whereKey($on)
            ->where('state', SolveState::Waiting)
            ->update(['state' => SolveState::Running, 'worker' => Worker::me()]);
        if ($isTaken === 0) {
            return;
        }
        $making = RecipeMaking::query()->findOrFail($on);
        $ask = SaidAsk::of($making->asked, array_values(OwnSketch::shelf()));
        $made = Annealing::best($ask, $this->passed($making));
        $isNone = $made === null && $ask->bound($ask->ways()) === 0;
        $this->end($on, $made === null ? SolveState::Failed : SolveState::Done, match (true) {
            $made !== null => '',
            $isNone => 'No card of that kind can be cut from these sheets.',
            default => 'In that time nothing was found. Give it longer.',
        }, $made);
    }

    public function brokeOff(int $on): void
    {
        $this->end($on, SolveState::Failed, 'It stopped unexpectedly. Start it again.', null);
    }

    /** @return Closure(?Made): float */
    private function passed(RecipeMaking $making): Closure
    {
        $start = $looked = hrtime(true);
        $told = null;
        $isGoing = true;

        return function (?Made $best) use ($making, $start, &$looked, &$told, &$isGoing): float {
            $now = hrtime(true);
            $passed = ($now - $start) / 1e9 / $making->seconds;
            if ($now - $looked > self::LOOK) {
                $looked = $now;
                $isGoing = $this->tell($making->id, (int) (100 * $passed), $best === $told ? null : $best);
                $told = $best;
            }

            return $isGoing ? $passed : 1.0;
        };
    }

    /** Writes the progress and the best so far, and says whether to go on. */
    private function tell(int $on, int $done, ?Made $best): bool
    {
        try {
            return RecipeMaking::query()->whereKey($on)->where('state', SolveState::Running)->update([
                'done' => min(99, $done),
                ...$best === null ? [] : ['made' => self::written($best)],
            ]) === 1;
        } catch (PDOException $wrong) {
            // Somebody is writing just now. It is written the next time.
            return Trouble::of($wrong) === Trouble::Busy ? true : throw $wrong;
        }
    }

    private function end(int $on, SolveState $state, string $says, ?Made $made): void
    {
        RecipeMaking::query()->whereKey($on)->whereNotIn('state', [SolveState::Done, SolveState::Failed])->update([
            'state' => $state,
            'says' => $says,
            'done' => 100,
            ...$made === null ? [] : ['made' => self::written($made)],
        ]);
    }

    private static function written(Made $made): string
    {
        $name = "$made->number cards from {$made->ask->sheets}";

        return (string) json_encode([...RecipeFile::write(KeepRecipe::made($name, $made)), 'made' => $made->write()]);
    }
}
