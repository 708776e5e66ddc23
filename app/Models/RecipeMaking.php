<?php

namespace App\Models;

use App\Database\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Recipe\Recipe;

/**
 * A recipe that is being computed in the background, or is done and not saved.
 *
 * @property int $id
 * @property int $kit_id
 * @property array<string, string> $asked as it was typed
 * @property int $seconds
 * @property array<string, mixed>|null $made the best so far, as recipe:make writes it
 * @property SolveState $state
 * @property int $done of a hundred
 * @property string $says
 * @property string|null $worker
 * @property Kit $kit
 */
final class RecipeMaking extends Record implements OfKit
{
    use InBackground;

    public const MOST_SECONDS = 300;

    protected $guarded = [];

    protected $casts = ['asked' => 'array', 'made' => 'array', 'state' => SolveState::class];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    public function toCore(): ?Recipe
    {
        return $this->made === null ? null : ReadRecipe::written($this->made);
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
