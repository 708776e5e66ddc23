<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Some cards prepared for a class: from the share-out of its kit, or from a recipe.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property array{recipe: string|null, numbers: list<int>} $cards numbers of the share-out, or of the recipe; none for all
 * @property int $people
 * @property int $spare_in one spare of each part for so many; 0 for none
 * @property list<string> $ahead the kinds of steps that are done beforehand
 * @property string $begins "14:00", or nothing
 * @property array<int, list<string>> $packed the lines that lie in each bag, by its number
 * @property list<int> $lost the bags that were lost or spoiled, each as often as it was
 * @property Kit $kit
 */
final class ClassPlan extends Record implements OfKit
{
    use Journalled;

    protected $table = 'classes';

    protected $guarded = [];

    protected $casts = ['cards' => 'array', 'ahead' => 'array', 'packed' => 'array', 'lost' => 'array'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return list<string> */
    public function packedIn(int $bag): array
    {
        return $this->packed[$bag] ?? [];
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
