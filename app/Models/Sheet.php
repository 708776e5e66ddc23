<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Size;

/**
 * A physical sheet, or what a cut made of one: an offcut, which is a sheet again, or a piece for a card.
 *
 * @property int $id
 * @property int $component_id
 * @property int|null $parent_id
 * @property int $number
 * @property int $width
 * @property int $height
 * @property int $x
 * @property int $y
 * @property bool $is_whole
 * @property SheetState $state
 * @property Component $component
 * @property CutPlan|null $plan
 */
final class Sheet extends Model
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['is_whole' => 'boolean', 'state' => SheetState::class];

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    /** @return HasOne<CutPlan, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(CutPlan::class);
    }

    public function size(): Size
    {
        return Size::ofUnits($this->width, $this->height);
    }

    public function toStock(): Stock
    {
        return $this->is_whole ? Stock::sheet((string) $this->id, $this->size()) : Stock::offcut((string) $this->id, $this->size());
    }
}
