<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * A physical sheet, or what a cut made of one: an offcut, which is a sheet again, or a piece for a card.
 *
 * @property int $id
 * @property int $component_id
 * @property int|null $parent_id
 * @property int|null $in_hand_id the sheet that was taken in hand, of a part that is not cut up yet
 * @property int $number
 * @property int $width
 * @property int $height
 * @property int $x
 * @property int $y
 * @property bool $is_whole
 * @property list<array{x: int, y: int, width: int, height: int}>|null $blemishes places to keep clear of
 * @property SheetState $state
 * @property string|null $part what it is called where it is a standard part: "strip"
 * @property string|null $came_from the kit it came from, where it lies in the stash
 * @property Component $component
 * @property CutPlan|null $plan
 */
final class Sheet extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['is_whole' => 'boolean', 'state' => SheetState::class, 'blemishes' => 'array'];

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

    /** @return HasMany<self, $this> what it was cut into, or will be */
    public function parts(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    public function size(): Size
    {
        // As it was read, since thousands are asked for at a time.
        return Size::ofUnits((int) $this->attributes['width'], (int) $this->attributes['height']);
    }

    public function isOpen(): bool
    {
        return $this->attributes['state'] === SheetState::Open->value;
    }

    /** Whether it is a whole one, cut or not. */
    public function isWholeHere(): bool
    {
        return (bool) $this->attributes['is_whole'] && $this->attributes['state'] !== SheetState::Spoiled->value;
    }

    public function toStock(): Stock
    {
        [$id, $size] = [(string) $this->id, $this->size()];
        $stock = (bool) $this->attributes['is_whole'] ? Stock::sheet($id, $size) : Stock::offcut($id, $size);

        return isset($this->attributes['blemishes']) ? $stock->marred(Length::zero(), $this->blemishes()) : $stock;
    }

    /** @return list<Rect> */
    public function blemishes(): array
    {
        return array_map(
            static fn (array $at): Rect => Rect::ofUnits($at['x'], $at['y'], $at['width'], $at['height']),
            $this->blemishes ?? [],
        );
    }

    /**
     * The blemishes within a part of it, measured from the corner of that part.
     *
     * @return list<array{x: int, y: int, width: int, height: int}>|null
     */
    public function blemishesOn(Rect $part): ?array
    {
        $on = [];
        foreach ($this->blemishes() as $blemish) {
            if ($blemish->overlaps($part)) {
                [$left, $top] = [
                    max($blemish->x->units, $part->x->units),
                    max($blemish->y->units, $part->y->units),
                ];
                [$right, $bottom] = [
                    min($blemish->right()->units, $part->right()->units),
                    min($blemish->bottom()->units, $part->bottom()->units),
                ];
                $on[] = self::keepsBlemish(
                    Rect::ofUnits($left - $part->x->units, $top - $part->y->units, $right - $left, $bottom - $top),
                );
            }
        }

        return $on === [] ? null : $on;
    }

    /** @return array{x: int, y: int, width: int, height: int} how it is kept */
    public static function keepsBlemish(Rect $rect): array
    {
        return [
            'x' => $rect->x->units,
            'y' => $rect->y->units,
            'width' => $rect->size->width->units,
            'height' => $rect->size->height->units,
        ];
    }

    /**
     * A part of it, as a sheet of its own.
     *
     * @param  array<string, mixed>  $with  what else is known of the part
     */
    public function giving(Rect $part, array $with): self
    {
        return self::query()->create([
            'component_id' => $this->component_id,
            'parent_id' => $this->id,
            'number' => $this->number,
            'width' => $part->size->width->units,
            'height' => $part->size->height->units,
            'x' => $part->x->units,
            'y' => $part->y->units,
            'is_whole' => false,
            'blemishes' => $this->blemishesOn($part),
            'came_from' => $this->came_from,
            ...$with,
        ]);
    }

    /** The name of a part with a sheet of its own, in the plan that cuts it. */
    public function idAsPart(): string
    {
        return "s$this->id";
    }

    /** The id within that name. Null if the plan names a piece of a card. */
    public static function idOfPart(string $piece): ?int
    {
        return str_starts_with($piece, 's') ? (int) substr($piece, 1) : null;
    }

    /** A cut has separated it from the rest, so it belongs to that part now. */
    public function lieIn(self $part): void
    {
        $this->update(['parent_id' => $part->id, 'x' => $this->x - $part->x, 'y' => $this->y - $part->y]);
    }

    public function isOf(Kit $kit): bool
    {
        if ($this->component->kit_id === $kit->id) {
            return true;
        }

        // A sheet of the stash, for a kit whose cards use it.
        return $this->component->kit->is_stash
            && Taking::query()
                ->where('component_id', $this->component_id)
                ->whereRelation('card', 'kit_id', $kit->id)
                ->exists();
    }
}
