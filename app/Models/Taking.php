<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;
use KeepShare\Core\Card\Taking as CoreTaking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Spare;

/**
 * What one part of a card takes from one component. sheet_id is the piece itself once it is cut.
 *
 * @property int $id
 * @property int $card_id
 * @property int $component_id
 * @property string $part
 * @property int $quantity
 * @property int|null $width
 * @property int|null $height
 * @property int $face
 * @property bool $may_turn
 * @property bool $is_pinned
 * @property string|null $used_by the step with which what it takes of something counted was put on the card
 * @property list<array{treatment: string, tool: string|null, option: string}>|null $treated what is done to its piece
 * @property int|null $sheet_id
 * @property Card $card
 * @property Component $component
 */
final class Taking extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['may_turn' => 'boolean', 'is_pinned' => 'boolean', 'treated' => 'array'];

    /** @return BelongsTo<Card, $this> */
    public function card(): BelongsTo
    {
        return $this->belongsTo(Card::class);
    }

    /** @return BelongsTo<Component, $this> */
    public function component(): BelongsTo
    {
        return $this->belongsTo(Component::class);
    }

    public function size(): ?Size
    {
        return $this->width === null || $this->height === null ? null : Size::ofUnits($this->width, $this->height);
    }

    /** The name of the part: "inner panel", "focal point". */
    public function partName(): string
    {
        return $this->card->partName($this->part);
    }

    public function toCore(): CoreTaking
    {
        $size = $this->size();

        return $size === null
            ? CoreTaking::some(Component::coreIdOf($this->component_id), $this->part, $this->quantity)
            : CoreTaking::piece(Component::coreIdOf($this->component_id), $this->part, $size, $this->face, $this->may_turn)
                ->treated(array_map(
                    static fn (array $one): Treated => Treated::by($one['treatment'], $one['tool'], $one['option']),
                    $this->treated ?? [],
                ));
    }

    /** @return array<string, mixed> how it is kept; from what is only to be taken apart, that too */
    public static function keeps(CoreTaking $taking): array
    {
        $source = Spare::sourceOf($taking->component);

        return [
            'component_id' => Component::idOfCore($source ?? $taking->component),
            ...$source === null ? [] : ['is_apart' => true],
            'part' => $taking->part,
            'quantity' => $taking->quantity,
            'width' => $taking->size?->width->units,
            'height' => $taking->size?->height->units,
            'face' => $taking->face,
            'may_turn' => $taking->mayTurn,
            ...$taking->treated === [] ? [] : [
                'treated' => array_map(static fn (Treated $one): array => $one->write(), $taking->treated),
            ],
        ];
    }

    /**
     * The order if there is not enough for all: earlier cards come first, and of two kits the older one.
     *
     * @param  Collection<int, self>  $takings  with their cards
     * @return Collection<int, self>
     */
    public static function inTurn(Collection $takings): Collection
    {
        return $takings->sortBy(static fn (self $taking): array => [$taking->card->number, $taking->card->kit_id, $taking->id])->values();
    }

    /** The piece still to be cut for it, known by the id of this record. */
    public function toPiece(): ?Piece
    {
        return $this->sheet_id === null ? $this->toCore()->toPiece((string) $this->id) : null;
    }

    public function isOf(Kit $kit): bool
    {
        return $this->card->kit_id === $kit->id;
    }
}
