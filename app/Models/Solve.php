<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Table\Wishes;

/**
 * One share-out being worked out in the background.
 *
 * @property int $id
 * @property int $kit_id
 * @property int $cards
 * @property bool $uses_stash
 * @property bool $repeats_sentiments
 * @property bool $is_anew cards that lack nothing are made anew too
 * @property int $revision
 * @property SolveState $state
 * @property int $done
 * @property string|null $message
 * @property Kit $kit
 */
final class Solve extends Model
{
    /** Seconds without a word after which a share-out is given up: each card found is a word. */
    private const SILENCE = 60;

    protected $guarded = [];

    protected $casts = ['uses_stash' => 'boolean', 'repeats_sentiments' => 'boolean', 'is_anew' => 'boolean', 'state' => SolveState::class];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** It is being worked on: not one that a worker left behind, which has not been touched for a minute. */
    public function isUnderWay(): bool
    {
        return $this->state->isUnderWay() && $this->updated_at?->isAfter(now()->subSeconds(self::SILENCE)) === true;
    }

    /** What is asked for beside the number of cards stands with the kit. */
    public function wishes(int $cards): Wishes
    {
        return KitWishes::of($this->kit, $cards, $this->uses_stash, $this->repeats_sentiments);
    }
}
