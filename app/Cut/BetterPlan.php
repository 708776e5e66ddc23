<?php

namespace App\Cut;

use App\Cutting\CutPlans;
use App\Jobs\Task;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Table\Search;
use App\Wording\Wording;
use Closure;
use KeepShare\Core\Cut\CutPlan as CorePlan;

/**
 * Searches longer for a plan that cuts into fewer sheets, in the background, paper by paper, until it is done or
 * stopped. A better plan is written in one act at the end.
 */
final readonly class BetterPlan implements Task
{
    /** How many ways are tried for each paper. */
    private const TRIES = 120;

    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    public function look(Kit $kit): void
    {
        self::search($kit)->anew(self::class);
    }

    public function stop(Kit $kit): void
    {
        self::search($kit)->stop();
    }

    /** @return array{done: int, all: int}|null the search under way */
    public function underWay(Kit $kit): ?array
    {
        $search = self::search($kit);

        return $search->isUnderWay() ? ['done' => $search->soFar(), 'all' => count(self::papers($kit))] : null;
    }

    /** The result of the last search. It is shown until the table changes. */
    public function said(Kit $kit): ?string
    {
        $said = self::search($kit)->found();

        return is_string($said) ? $said : null;
    }

    public function run(int $on): void
    {
        $kit = Kit::query()->findOrFail($on);
        $revision = $kit->revision;
        $plans = [];
        $isStopped = false;
        self::search($kit)->run(function (Closure $goOn) use ($kit, &$plans, &$isStopped): string {
            foreach (self::papers($kit) as $n => $component) {
                $isStopped = $isStopped || ! $goOn($n);
                $plan = $isStopped ? null : $this->plans->better($component, self::TRIES, static fn (): bool => $goOn($n));
                if ($plan !== null) {
                    $plans[$component] = $plan;
                }
            }

            return $isStopped ? 'Stopped. The plan stays as it was.' : 'No plan that opens fewer sheets was found.';
        });
        if ($plans !== []) {
            $said = $this->write($kit, $revision, $plans);
            self::search($kit->refresh())->remember($said);
        }
    }

    /** The page shows that nothing is under way any more. */
    public function brokeOff(int $on): void
    {
    }

    /**
     * @param  array<int, CorePlan>  $plans  by component
     * @return string what came of it
     */
    private function write(Kit $kit, int $revision, array $plans): string
    {
        try {
            $this->journal->act(
                $kit,
                'Plan the cuts better',
                $revision,
                fn () => array_map($this->plans->store(...), array_keys($plans), $plans),
            );
        } catch (StaleTable $stale) {
            return $stale->getMessage();
        }

        return 'A better plan was found for '.Wording::plural(count($plans), 'paper').'.';
    }

    private static function search(Kit $kit): Search
    {
        return Search::for('better-plan', $kit);
    }

    /** @return list<int> the components with sheets still to be cut */
    private static function papers(Kit $kit): array
    {
        return array_values(
            CutPlan::query()
                ->whereNull('cut_at')
                ->whereHas('sheet.component', static fn ($component) => $component->where('kit_id', $kit->id))
                ->with('sheet')
                ->get()
                ->map(static fn (CutPlan $plan): int => $plan->sheet->component_id)
                ->unique()
                ->all(),
        );
    }
}
