<?php

namespace App\Shelf;

use App\Cutting\CutPlans;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\Taking;

/** Takes a kit off the shelf. Undo brings it back. What its cards were to get from the stash is free again. */
final readonly class DeleteKit
{
    public function __construct(private Journal $journal, private CutPlans $plans)
    {
    }

    public function delete(Kit $kit): void
    {
        $this->journal->actOnShelf("Delete $kit->name", function () use ($kit): void {
            $promised = Taking::query()
                ->whereRelation('card', 'kit_id', $kit->id)
                ->whereRelation('component', 'kit_id', '!=', $kit->id)
                ->whereNull('sheet_id')
                ->whereNull('used_by')
                ->get();
            $promised->each->delete();
            $this->plans->refresh($promised->whereNotNull('width')->pluck('component_id', 'component_id')->all());
            $kit->update(['is_deleted' => true]);
        });
    }
}
