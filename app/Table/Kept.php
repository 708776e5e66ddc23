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
    /**
     * @param  string  $id  of the sheet it is, or of the sheet and its place in the plan of that
     * @param  string|null  $part  what it is called where it is a standard part
     * @param  bool  $isThere  the cuts that free it are made
     */
    private function __construct(
        public string $id,
        public Sheet $record,
        public Size $size,
        public ?string $part,
        public bool $isThere,
    ) {
    }

    public function isWhole(): bool
    {
        return $this->record->is_whole && $this->id === (string) $this->record->id;
    }

    public function component(): int
    {
        return $this->record->component_id;
    }

    /** As something that may be cut; blemishes go with a part that lies there as it is. */
    public function toStock(): Stock
    {
        if ($this->id !== (string) $this->record->id) {
            return Stock::offcut($this->id, $this->size);
        }

        return $this->record->toStock();
    }

    /**
     * All that is kept: whole sheets, offcuts that lie there, and those that planned cuts will leave.
     *
     * @return list<self> the largest first
     */
    public static function of(TableState $state): array
    {
        $kept = [];
        foreach ($state->sheets->where('state', SheetState::Open) as $sheet) {
            $isThere = $state->sheets->get($sheet->parent_id ?? 0)?->state !== SheetState::Parted;
            array_push($kept, ...self::from($sheet, $isThere));
        }
        usort($kept, static fn (self $a, self $b): int => [$b->isWhole(), $b->size->area()] <=> [$a->isWhole(), $a->size->area()]);

        return $kept;
    }

    /** @return array<int, list<self>> the same by component */
    public static function byComponent(TableState $state): array
    {
        $by = [];
        foreach (self::of($state) as $kept) {
            $by[$kept->component()][] = $kept;
        }

        return $by;
    }

    /** @return list<self> */
    private static function from(Sheet $sheet, bool $isThere): array
    {
        if ($sheet->plan === null) {
            return [new self((string) $sheet->id, $sheet, $sheet->size(), $sheet->part, $isThere)];
        }
        $offcuts = $sheet->plan->setRelation('sheet', $sheet)->toCore()->offcuts();

        return array_map(
            static fn (Leaf $leaf, int $n): self => new self("$sheet->id-$n", $sheet, $leaf->rect()->size, null, false),
            $offcuts,
            array_keys($offcuts),
        );
    }
}
