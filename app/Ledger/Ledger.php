<?php

namespace App\Ledger;

use App\Acts\NotEnough;
use App\Cutting\CutPlans;
use App\Cutting\IsCut;
use App\Models\Component;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use Illuminate\Database\Eloquent\Collection;
use KeepShare\Core\Kit\SheetGood;

/** Puts things on the table and takes them off, always through the ledger. Sheets are also handled one by one. */
final readonly class Ledger
{
    public function __construct(private CutPlans $plans)
    {
    }

    public function add(Component $component, int $count, LedgerReason $reason, string $note = ''): void
    {
        $this->enter($component, $count, $reason, $note);
        $good = $component->toCore()->good;
        $last = (int) Sheet::query()->where('component_id', $component->id)->max('number');
        for ($number = $last + 1; $good instanceof SheetGood && $number <= $last + $count; $number++) {
            Sheet::query()->create([
                'component_id' => $component->id,
                'number' => $number,
                'width' => $good->size()->width->units,
                'height' => $good->size()->height->units,
                'is_whole' => true,
                'state' => SheetState::Open,
            ]);
        }
    }

    /** @throws NotEnough when cards need what would go */
    public function take(Component $component, int $count, LedgerReason $reason, string $note = ''): void
    {
        foreach ($this->pull($component, $count, $reason, $note) as $sheet) {
            $sheet->update(['state' => SheetState::Spoiled]);
        }
        $this->planAgain($component, $component);
    }

    /**
     * Takes off the table what is no longer there. Cards that need it are then short.
     *
     * @throws IsCut when more is gone than has not been cut
     */
    public function lose(Component $component, int $count, LedgerReason $reason, string $note = ''): void
    {
        foreach ($this->pull($component, $count, $reason, $note) as $sheet) {
            $sheet->update(['state' => SheetState::Spoiled]);
        }
        $this->plans->refresh([$component->id => $component->id]);
    }

    /**
     * Takes back part of an entry, with its sheets: something counted as missing is there, or something found is not.
     *
     * @throws IsCut when a sheet that was found has been cut
     */
    public function takeBack(LedgerEntry $entry, Component $component, int $count): void
    {
        if ($entry->delta > 0) {
            $this->sheetsToGo($component, $count)->each(static fn (Sheet $sheet) => $sheet->delete());
        } else {
            $gone = Sheet::query()->where(['component_id' => $component->id, 'state' => SheetState::Spoiled, 'is_whole' => true]);
            $gone->orderByDesc('number')->limit($count)->get()->each->update(['state' => SheetState::Open]);
        }
        $left = $entry->delta > 0 ? $entry->delta - $count : $entry->delta + $count;
        $left === 0 ? $entry->delete() : $entry->update(['delta' => $left]);
        $this->plans->refresh([$component->id => $component->id]);
    }

    /**
     * Moves things from one component to another of the same good.
     *
     * @throws NotEnough when cards need what would go
     */
    public function hand(Component $from, Component $to, int $count, LedgerReason $away, LedgerReason $here): void
    {
        $last = (int) Sheet::query()->where('component_id', $to->id)->max('number');
        foreach ($this->pull($from, $count, $away, '') as $n => $sheet) {
            $sheet->update(['component_id' => $to->id, 'number' => $last + $n + 1]);
        }
        $this->enter($to, $count, $here, '');
        $this->planAgain($from, $to);
    }

    /** @throws NotEnough if cards of a component that shrank are short */
    private function planAgain(Component $from, Component $to): void
    {
        $short = $this->plans->refresh([$from->id => $from->id, $to->id => $to->id]);
        $left = (int) LedgerEntry::query()->where('component_id', $from->id)->sum('delta')
            - (int) Taking::query()->where('component_id', $from->id)->whereNull('used_by')->sum('quantity');
        if (in_array($from->id, $short, true) || (! $from->kind->isSheets() && $left < 0)) {
            throw NotEnough::of($from->name);
        }
    }

    /** @return list<Sheet> the whole sheets to go, where it comes in sheets */
    private function pull(Component $component, int $count, LedgerReason $reason, string $note): array
    {
        $this->enter($component, -$count, $reason, $note);

        return array_values($this->sheetsToGo($component, $count)->all());
    }

    /**
     * Sheets, beginning with those that nothing is to be cut from. Empty for what does not come in sheets.
     *
     * @return Collection<int, Sheet>
     *
     * @throws IsCut when fewer lie there whole
     */
    private function sheetsToGo(Component $component, int $count): Collection
    {
        if (! $component->kind->isSheets()) {
            return new Collection;
        }
        $sheets = Sheet::query()
            ->where('component_id', $component->id)
            ->where('is_whole', true)
            ->where('state', SheetState::Open)
            ->with('plan')
            ->get()
            ->sortByDesc(static fn (Sheet $sheet): array => [$sheet->plan === null, $sheet->number])
            ->take($count);
        if ($sheets->count() < $count) {
            throw IsCut::sheets($component->name, $count - $sheets->count());
        }

        return $sheets->each(static fn (Sheet $sheet) => $sheet->plan?->delete());
    }

    private function enter(Component $component, int $delta, LedgerReason $reason, string $note): void
    {
        LedgerEntry::query()->create(['component_id' => $component->id, 'delta' => $delta, 'reason' => $reason, 'note' => $note]);
    }
}
