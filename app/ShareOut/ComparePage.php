<?php

namespace App\ShareOut;

use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Table\TableState;
use App\View\GoodView;
use App\View\Page;

/**
 * The present share-out beside those that were saved under a name.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type SharedOut from SolutionView
 *
 * @phpstan-type Compared array{id: int|null, name: string, solution: SharedOut}
 */
final readonly class ComparePage extends Page
{
    /**
     * @param  Goods  $goods
     * @param  list<Compared>  $solutions
     */
    private function __construct(public array $goods, public array $solutions)
    {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $now = $state->cores();
        $kept = $kit->solutions->where('kind', SolutionKind::Kept);

        return new self(GoodView::all($state->core), [
            ['id' => null, 'name' => 'On the table now', 'solution' => SolutionView::of($now, $state)],
            ...array_values($kept->map(static fn (Solution $one): array => [
                'id' => $one->id,
                'name' => $one->name,
                'solution' => SolutionView::of($one->toCore(), $state),
            ])->all()),
        ]);
    }
}
