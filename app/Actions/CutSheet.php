<?php

namespace App\Actions;

use App\Journal\Journal;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use KeepShare\Core\Cut\Leaf;

/** Marks a sheet as cut: its pieces go to their cards, and its offcuts are sheets again. */
final readonly class CutSheet
{
    public function __construct(private Journal $journal)
    {
    }

    public function cut(Kit $kit, CutPlan $plan, ?int $revision): void
    {
        $sheet = $plan->sheet;
        $this->journal->act($kit, sprintf('Cut %s, %s %d', $sheet->component->name, $sheet->is_whole ? 'sheet' : 'offcut', $sheet->number), $revision, function () use ($plan, $sheet): void {
            foreach ($plan->toCore()->leaves() as $leaf) {
                $this->part($sheet, $leaf);
            }
            $plan->update(['cut_at' => now()]);
            $sheet->update(['state' => SheetState::Cut]);
            if ($sheet->is_whole) {
                LedgerEntry::query()->create(['component_id' => $sheet->component_id, 'delta' => -1, 'reason' => LedgerReason::Used]);
            }
        });
    }

    private function part(Sheet $sheet, Leaf $leaf): void
    {
        $rect = $leaf->rect();
        $part = Sheet::query()->create([
            'component_id' => $sheet->component_id,
            'parent_id' => $sheet->id,
            'number' => $sheet->number,
            'width' => $rect->size->width->units,
            'height' => $rect->size->height->units,
            'x' => $rect->x->units,
            'y' => $rect->y->units,
            'is_whole' => false,
            'state' => $leaf->piece === null ? SheetState::Open : SheetState::Piece,
        ]);
        if ($leaf->piece !== null) {
            Taking::query()->findOrFail((int) $leaf->piece)->update(['sheet_id' => $part->id]);
        }
    }
}
