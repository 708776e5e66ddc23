<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
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
final class CutPlan extends Model
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['tree' => 'array', 'cut_at' => 'datetime'];

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** The plan itself; the ids of its pieces are those of takings. */
    public function toCore(): SheetPlan
    {
        return SheetPlan::fromArray($this->sheet->toStock(), $this->tree);
    }
}
