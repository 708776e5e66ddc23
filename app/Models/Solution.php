<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeepShare\Core\Card\Card as CoreCard;

/**
 * Cards with all they take that are not on the table now.
 *
 * @property int $id
 * @property int $kit_id
 * @property SolutionKind $kind
 * @property string $name
 * @property list<array<string, mixed>> $cards as CardRecord writes them
 * @property list<int> $stays ids of the cards on the table that stay beside them
 * @property int $revision of the kit when they were found
 * @property array{stash: bool, words: string, shortfalls: list<string>}|null $asked what it was found for, and what it does not
 *     give of it; null where it was not found
 * @property Kit $kit
 */
final class Solution extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['kind' => SolutionKind::class, 'cards' => 'array', 'stays' => 'array', 'asked' => 'array'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return list<CoreCard> */
    public function toCore(): array
    {
        return array_map(static fn (array $card): CoreCard => CardRecord::read($card)->toCore(), $this->cards);
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
