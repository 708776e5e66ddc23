<?php

namespace App\Table;

use App\Models\Sheet;
use App\Models\SheetState;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Measure\Size;

/** A sheet or part of one that no card takes. */
final readonly class Kept
{
    private function __construct(
        public int $component,
        public int $sheet,
        public int $number,
        public Size $size,
        public bool $isWhole,
        public bool $isThere,
    ) {
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
            array_push($kept, ...self::from($sheet));
        }
        usort($kept, static fn (self $a, self $b): int => [$b->isWhole, $b->size->area()] <=> [$a->isWhole, $a->size->area()]);

        return $kept;
    }

    /** @return array<int, list<self>> the same by component */
    public static function byComponent(TableState $state): array
    {
        $by = [];
        foreach (self::of($state) as $kept) {
            $by[$kept->component][] = $kept;
        }

        return $by;
    }

    /** @return list<self> */
    private static function from(Sheet $sheet): array
    {
        if ($sheet->plan === null) {
            return [new self($sheet->component_id, $sheet->id, $sheet->number, $sheet->size(), $sheet->is_whole, true)];
        }
        $plan = $sheet->plan->setRelation('sheet', $sheet)->toCore();

        return array_map(
            static fn (Leaf $leaf): self => new self(
                $sheet->component_id,
                $sheet->id,
                $sheet->number,
                $leaf->rect()->size,
                false,
                false,
            ),
            $plan->offcuts(),
        );
    }
}
