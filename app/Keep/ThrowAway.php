<?php

namespace App\Keep;

use App\Acts\OptionExpired;
use App\Cards\BonusCards;
use App\Cutting\CutSheet;
use App\Journal\Journal;
use App\Models\Kit;
use App\Models\ScrapMove;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Table\Kept;

/** Throws away what is too small for anything. */
final readonly class ThrowAway
{
    public function __construct(private Journal $journal, private CutSheet $cut)
    {
    }

    /** @return int how many scraps went */
    public function confetti(Kit $kit, int $revision): int
    {
        $ids = array_map(
            static fn (Kept $kept): int => $kept->record->id,
            Tray::of($kit, BonusCards::wishes($kit))->confetti(),
        );
        if ($ids === []) {
            throw OptionExpired::scrap();
        }
        $this->journal->act($kit, 'Throw the confetti away', $revision, fn () => Sheet::query()
            ->whereKey($ids)
            ->with(['component.kit', 'plan'])
            ->get()
            ->each($this->one(...)));

        return count($ids);
    }

    private function one(Sheet $sheet): void
    {
        $this->cut->freed($sheet);
        $sheet->plan?->delete();
        $sheet->update(['state' => SheetState::Spoiled]);
        if ($sheet->component->kit->is_stash) {
            ScrapMove::record($sheet, ScrapMove::THROWN);
        }
    }
}
