<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\GoodFields;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Price;

/**
 * @property int $id
 * @property int $kit_id
 * @property string $key
 * @property Kind $kind
 * @property string $name
 * @property array<string, mixed> $details
 * @property int $listed
 * @property int $position
 * @property bool $is_counted
 * @property list<string> $guesses what was assumed because its line did not say it
 * @property int|null $price_minor what a pack of it costs, in the smallest coin of the kit's currency
 * @property int|null $priced_of how many were listed when the price was written; null where that is as many as are listed now
 * @property Kit $kit
 */
final class Component extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['kind' => Kind::class, 'details' => 'array', 'is_counted' => 'boolean', 'guesses' => 'array'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return HasMany<Sheet, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class);
    }

    /** @return HasMany<LedgerEntry, $this> */
    public function ledger(): HasMany
    {
        return $this->hasMany(LedgerEntry::class);
    }

    /** The core knows it by the id of its record, which is unique over kits and stash. */
    public function toCore(): CoreComponent
    {
        return CoreComponent::of(
            $this->coreId(),
            $this->name,
            $this->kind->good()::read(GoodFields::of(Fields::of($this->details, $this->key, null))),
            $this->listed,
        );
    }

    /** With the quantity that its price is for. */
    public function asPriced(): CoreComponent
    {
        return $this->toCore()->counted($this->priced_of ?? $this->listed);
    }

    /** @return array{price_minor: int|null, priced_of: int|null} how a price is kept */
    public function keepsPrice(?Price $price): array
    {
        return ['price_minor' => $price?->minor, 'priced_of' => $price === null ? null : $this->listed];
    }

    /** The line of the packing list. */
    public function toList(): CoreComponent
    {
        $core = $this->toCore();

        return CoreComponent::of($this->key, $core->name, $core->good, $core->count);
    }

    public function coreId(): string
    {
        // As it was read, since thousands are asked for at a time.
        return self::coreIdOf($this->attributes['id']);
    }

    /** Begins with a letter, as every id of a component does, since PHP would turn a key of digits into a number. */
    public static function coreIdOf(int $id): string
    {
        return "c$id";
    }

    public static function idOfCore(string $coreId): int
    {
        return (int) substr($coreId, 1);
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
