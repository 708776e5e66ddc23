<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Cut\SheetPlan;

/**
 * How one sheet is to be cut, or was.
 *
 * @property int $id
 * @property int $sheet_id
 * @property array<string, mixed> $tree
 * @property Carbon|null $cut_at
 * @property Sheet $sheet
 */
final class CutPlan extends Record
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['tree' => 'array', 'cut_at' => 'datetime'];

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** The plan itself. The ids of its pieces are those of takings. */
    public function toCore(): SheetPlan
    {
        return SheetPlan::fromArray($this->sheet->toStock(), $this->tree);
    }

    /**
     * The plans of sheets from which a card of this kit gets a piece, and of its own scraps that become standard parts.
     *
     * @return Builder<self>
     */
    public static function for(Kit $kit): Builder
    {
        $components = DB::table('takings')
            ->join('cards', 'cards.id', '=', 'takings.card_id')
            ->where('cards.kit_id', $kit->id)
            ->select('component_id');

        return self::query()->whereHas('sheet', static fn (Builder $sheet) => $sheet
            ->whereIn('component_id', $components)
            ->orWhere(static fn (Builder $parted) => $parted
                ->whereIn('component_id', $kit->components()->select('id'))
                ->whereHas('parts', static fn (Builder $part) => $part->whereNotNull('part'))));
    }

    /** A sheet and its begun parts are one line on the table, known by the id of the sheet. */
    public function lineId(): int
    {
        return $this->sheet->in_hand_id ?? $this->sheet_id;
    }
}
