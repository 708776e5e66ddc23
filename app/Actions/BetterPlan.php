<?php

namespace App\Actions;

use App\Jobs\FindBetterPlan;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Pages\Wording;
use Illuminate\Support\Facades\Cache;

/** Looks longer for a plan that opens fewer sheets, in the background: paper by paper, until it is done or stopped. */
final readonly class BetterPlan
{
    /** Ways that are tried for each paper. */
    private const TRIES = 120;

    private const SECONDS = 600;

    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    public function look(Kit $kit): void
    {
        if (Cache::add(self::key($kit), ['done' => 0, 'all' => count(self::papers($kit))], self::SECONDS)) {
            FindBetterPlan::dispatch($kit->id, $kit->revision);
        }
    }

    public function stop(Kit $kit): void
    {
        Cache::put(self::key($kit).':stop', true, self::SECONDS);
    }

    /** @return array{done: int, all: int}|null the search under way */
    public function underWay(Kit $kit): ?array
    {
        $search = Cache::get(self::key($kit));

        return is_array($search) ? ['done' => (int) $search['done'], 'all' => (int) $search['all']] : null;
    }

    /** What came of the last search; told until the table changes. */
    public function said(Kit $kit): ?string
    {
        $said = Cache::get(self::key($kit).':said:'.$kit->revision);

        return is_string($said) ? $said : null;
    }

    public function search(Kit $kit, int $revision): void
    {
        $key = self::key($kit);
        $papers = self::papers($kit);
        $goOn = static fn (): bool => Cache::get("$key:stop") !== true;
        try {
            $found = $this->journal->act($kit, 'Plan the cuts better', $revision, function () use ($key, $papers, $goOn): int {
                $found = 0;
                foreach ($papers as $n => $component) {
                    Cache::put($key, ['done' => $n, 'all' => count($papers)], self::SECONDS);
                    $found += $goOn() && $this->plans->improve($component, self::TRIES, $goOn) ? 1 : 0;
                }

                return $found > 0 ? $found : throw new NothingBetter;
            });
            $said = 'A better plan was found for '.Wording::plural($found, 'paper').'.';
        } catch (NothingBetter) {
            $said = $goOn() ? 'No plan that opens fewer sheets was found.' : 'Stopped. The plan stays as it was.';
        } catch (StaleTable $stale) {
            $said = $stale->getMessage();
        }
        $this->forget($kit);
        Cache::put("$key:said:".$kit->refresh()->revision, $said, self::SECONDS);
    }

    /** Also after a search that broke off. */
    public function forget(Kit $kit): void
    {
        Cache::forget(self::key($kit));
        Cache::forget(self::key($kit).':stop');
    }

    /** @return list<int> the components with sheets still to be cut */
    private static function papers(Kit $kit): array
    {
        return array_values(CutPlan::query()->whereNull('cut_at')->whereHas('sheet.component', static fn ($component) => $component->where('kit_id', $kit->id))
            ->with('sheet')->get()->map(static fn (CutPlan $plan): int => $plan->sheet->component_id)->unique()->all());
    }

    private static function key(Kit $kit): string
    {
        return "better-plan:$kit->id:{$kit->created_at?->getTimestamp()}";
    }
}
