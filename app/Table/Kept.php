<?php

namespace App\Table;

use App\Models\Sheet;
use App\Models\SheetState;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;

/** A sheet or part of one that no card takes. */
final readonly class Kept
{
    public int $component;

    private int $area;

    /**
     * @param  string  $id  of the sheet it is, or of the sheet and its place in the plan of that
     * @param  string|null  $part  what it is called where it is a standard part
     * @param  bool  $isThere  the cuts that free it are made
     * @param  bool  $isWhole  nothing was cut from it, and nothing is to be
     */
    private function __construct(
        public string $id,
        public Sheet $record,
        public Size $size,
        public ?string $part,
        public bool $isThere,
        public bool $isWhole,
    ) {
        $this->component = $record->component_id;
        $this->area = $size->area();
    }

    /** The part as stock. Blemishes belong to a part that is there as it is. */
    public function toStock(): Stock
    {
        if ($this->id !== (string) $this->record->id) {
            return Stock::offcut($this->id, $this->size);
        }

        return $this->record->toStock();
    }

    /**
     * Everything left except plain sheets: whole ones with a blemish, offcuts, and those that planned cuts will leave.
     *
     * @return list<self> the largest first
     */
    public static function of(TableState $state): array
    {
        $kept = [];
        foreach ($state->open as $sheet) {
            $parent = $sheet->parent_id;
            $isThere = $parent === null || $state->sheets->get($parent)?->state !== SheetState::Parted;
            foreach (self::from($sheet, $isThere) as $one) {
                $kept[] = $one;
            }
        }
        usort($kept, static fn (self $a, self $b): int => $b->isWhole <=> $a->isWhole ?: $b->area <=> $a->area);

        return $kept;
    }

    /** @return array<int, list<self>> what is not a whole sheet, by component, the largest first */
    public static function offcuts(TableState $state): array
    {
        $by = [];
        foreach ($state->open as $sheet) {
            if ($sheet->isWholeHere() && $sheet->plan === null) {
                continue;
            }
            foreach (self::from($sheet, true) as $kept) {
                $by[$kept->component][] = $kept;
            }
        }
        foreach ($by as &$own) {
            usort($own, static fn (self $a, self $b): int => $b->area <=> $a->area);
        }

        return $by;
    }

    /** @return list<self> */
    private static function from(Sheet $sheet, bool $isThere): array
    {
        $plan = $sheet->plan;
        if ($plan === null) {
            return [new self((string) $sheet->id, $sheet, $sheet->size(), $sheet->part, $isThere, $sheet->isWholeHere())];
        }
        $offcuts = $plan->setRelation('sheet', $sheet)->toCore()->offcuts();

        return array_map(
            static fn (Leaf $leaf, int $n): self => new self("$sheet->id-$n", $sheet, $leaf->rect()->size, null, false, false),
            $offcuts,
            array_keys($offcuts),
        );
    }
}
