<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Share\Card as CoreCard;

/**
 * @property int $id
 * @property int $kit_id
 * @property int $number
 * @property string $sketch
 * @property Occasion $occasion
 * @property int $front_width
 * @property int $front_height
 * @property bool $is_bonus
 * @property Kit $kit
 */
final class Card extends Model
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['occasion' => Occasion::class, 'is_bonus' => 'boolean'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return HasMany<Taking, $this> */
    public function takings(): HasMany
    {
        return $this->hasMany(Taking::class)->orderBy('id');
    }

    /** @return HasMany<Waiver, $this> */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class);
    }

    public function toFront(): Size
    {
        return Size::ofUnits($this->front_width, $this->front_height);
    }

    public function toCore(): CoreCard
    {
        return CoreCard::of(
            $this->number,
            $this->sketch,
            $this->toFront(),
            $this->occasion,
            array_values($this->takings->map(static fn (Taking $taking) => $taking->toCore())->all()),
        );
    }

    /** Something has been cut for it, so no share-out may take it apart. */
    public function isBegun(): bool
    {
        return $this->takings->contains(static fn (Taking $taking): bool => $taking->sheet_id !== null);
    }
}
