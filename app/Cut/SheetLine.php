<?php

namespace App\Cut;

use App\Models\CutPlan;
use App\Models\Sheet;
use Illuminate\Support\Collection;
use KeepShare\Core\Cut\CutsLeft;
use KeepShare\Core\Cut\Split;

/** A sheet with its begun parts: the cuts that are made, and those that are left, in order. */
final readonly class SheetLine
{
    /**
     * @param  int  $done  how many cuts are made
     * @param  list<array{CutPlan, Split}>  $left  the plan each is made by, and the cut
     * @param  Split|null  $last  the cut that was made last
     */
    private function __construct(public int $done, public array $left, public ?Split $last)
    {
    }

    /**
     * @param  Collection<int, CutPlan>  $plans  of the sheet and its parts in hand, cut or not, with their sheets
     * @param  Collection<int, Sheet>  $sheets  by id
     */
    public static function of(Collection $plans, Collection $sheets): self
    {
        $made = $plans->whereNotNull('cut_at')->sortBy([['cut_at', 'asc'], ['id', 'asc']])->values();
        $parts = [];
        foreach ($plans->whereNull('cut_at') as $plan) {
            [$x, $y] = self::at($plan->sheet, $sheets);
            $parts[$plan->id] = [$x, $y, $plan->toCore()->root];
        }
        $root = $plans->first(static fn (CutPlan $plan): bool => $plan->sheet->in_hand_id === null)?->toCore()->root;
        $last = $made->last()?->toCore()->root;
        $last = $last instanceof Split ? $last : null;
        $byId = $plans->keyBy('id');
        $left = [];
        foreach (CutsLeft::of($root, $parts, $last) as [$id, $split]) {
            $left[] = [$byId[$id] ?? $plans->firstOrFail(), $split];
        }

        return new self($made->count(), $left, $last);
    }

    /** The next part to cut. Null if nothing is to be cut. */
    public function next(): ?CutPlan
    {
        return $this->left[0][0] ?? null;
    }

    /** How often the guide must be set again for what is left. */
    public function settings(): int
    {
        $settings = 0;
        $at = $this->last?->at->units;
        foreach ($this->left as [, $split]) {
            $settings += (int) ($split->at->units !== $at);
            $at = $split->at->units;
        }

        return $settings;
    }

    /**
     * @param  Collection<int, Sheet>  $sheets  by id
     * @return array{int, int} the left and the upper edge of a part on the sheet that was taken in hand
     */
    private static function at(Sheet $part, Collection $sheets): array
    {
        [$x, $y] = [0, 0];
        for ($sheet = $part; $sheet !== null && $sheet->in_hand_id !== null; $sheet = $sheets->get($sheet->parent_id ?? 0)) {
            [$x, $y] = [$x + (int) $sheet->x, $y + (int) $sheet->y];
        }

        return [$x, $y];
    }
}
