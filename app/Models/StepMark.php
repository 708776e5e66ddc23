<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A step of making that is done.
 *
 * @property int $id
 * @property int $card_id
 * @property string $step its id without the number of the card
 * @property string $kind the key of its kind
 * @property int|null $seconds how long it took, where that is known
 * @property Carbon $done_at
 * @property Carbon $dry_at from when on what comes after it may be done
 * @property Card $card
 */
final class StepMark extends Record
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['done_at' => 'datetime', 'dry_at' => 'datetime'];

    /** @return BelongsTo<Card, $this> */
    public function card(): BelongsTo
    {
        return $this->belongsTo(Card::class);
    }
}
