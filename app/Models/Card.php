<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementReader;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\PartName;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchReader;
use KeepShare\Core\Sketch\SketchWriter;

/**
 * @property int $id
 * @property int $kit_id
 * @property int $number
 * @property string $sketch
 * @property Occasion $occasion
 * @property int $front_width
 * @property int $front_height
 * @property bool $is_bonus
 * @property array<string, mixed>|null $design the sketch it is laid on, where that is not one that ships as it is
 * @property string|null $arrangement how its pieces lie together, by its key; null where they lie as the sketch has them
 * @property array<string, mixed>|null $arranged that arrangement, where it is not one that ships as it is
 * @property int|null $frame
 * @property FoldKind $fold
 * @property int|null $set known to all cards of one set
 * @property bool $is_for_a_man
 * @property Carbon|null $begun_at when the first step of its making was done
 * @property Carbon|null $made_at when the last was
 * @property bool $is_pinned no share-out takes it apart
 * @property string $notes
 * @property int|null $stars one to five, as the maker likes it
 * @property int|null $minutes it took, where it was written
 * @property string $went_wrong and how it was saved
 * @property string $given_to
 * @property Carbon|null $given_on
 * @property int|null $meant_for_id the person it is meant for
 * @property int|null $meant_day_id the day it is meant for
 * @property Carbon|null $meant_on when that is
 * @property Kit $kit
 */
final class Card extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = [
        'occasion' => AsOccasion::class,
        'is_bonus' => 'boolean',
        'design' => 'array',
        'arranged' => 'array',
        'fold' => FoldKind::class,
        'is_for_a_man' => 'boolean',
        'is_pinned' => 'boolean',
        'begun_at' => 'datetime',
        'made_at' => 'datetime',
        'given_on' => 'date',
        'meant_on' => 'date',
    ];

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
            $this->toSketch(),
            $this->toFront(),
            $this->occasion,
            array_values($this->takings->map(static fn (Taking $taking) => $taking->toCore())->all()),
            $this->frame === null ? null : Length::ofUnits($this->frame),
            $this->fold,
            $this->set,
            $this->toArrangement(),
        );
    }

    public function toSketch(): Sketch
    {
        // Stored measures have their units, so the one given here is never used.
        return $this->design === null ? Sketches::all()[$this->sketch] : SketchReader::read($this->design, Unit::Inch);
    }

    public function toArrangement(): ?Arrangement
    {
        if ($this->arranged !== null) {
            // Stored measures have their units, so the one given here is never used.
            return ArrangementReader::read($this->arranged, Unit::Inch);
        }

        return $this->arrangement === null ? null : Arrangements::all()[$this->arrangement] ?? null;
    }

    /** @return array{arrangement: string|null, arranged: array<string, mixed>|null} how an arrangement is kept with a card */
    public static function keepsArranged(?Arrangement $arrangement): array
    {
        $isKnown = $arrangement === null || Arrangements::ships($arrangement);

        return ['arrangement' => $arrangement?->key, 'arranged' => $isKnown ? null : ArrangementWriter::write($arrangement)];
    }

    /** @return array{sketch: string, design: array<string, mixed>|null} how a sketch is kept with a card */
    public static function keeps(Sketch $sketch): array
    {
        return ['sketch' => $sketch->key, 'design' => Sketches::ships($sketch) ? null : SketchWriter::write($sketch)];
    }

    /** The name of a part: "inner panel", "focal point". */
    public function partName(string $part): string
    {
        return PartName::of($part, $this->toSketch(), $this->fold, $this->toFront());
    }

    /** @return list<string> the parts that are cut */
    public function cutParts(): array
    {
        return array_values(
            $this->takings
                ->filter(static fn (Taking $taking): bool => $taking->sheet_id !== null)
                ->map(static fn (Taking $taking): string => $taking->part)
                ->all(),
        );
    }

    /** @return list<string> the parts that are to stay as they are */
    public function pinnedParts(): array
    {
        return array_values($this->takings->where('is_pinned', true)->map(static fn (Taking $taking): string => $taking->part)->all());
    }

    /** Deletes the card with all its notes. */
    public function forget(): void
    {
        $this->waivers()->get()->each->delete();
        CardPhoto::query()->where('card_id', $this->id)->get()->each->delete();
        $this->delete();
    }

    /** The values of a card that is meant for nobody. */
    public const FOR_NOBODY = ['meant_for_id' => null, 'meant_day_id' => null, 'meant_on' => null];

    /** Whether it has been given away. */
    public function isGiven(): bool
    {
        return $this->given_to !== '' || $this->given_on !== null;
    }

    /** Whether something has been cut for it or done to it, so that no share-out may take it apart. */
    public function isBegun(): bool
    {
        return $this->begun_at !== null || $this->takings->contains(static fn (Taking $taking): bool => $taking->sheet_id !== null);
    }

    /** Whether all its pieces from sheets are cut. */
    public function isCut(): bool
    {
        return $this->takings->whereNotNull('width')->whereNull('sheet_id')->isEmpty();
    }

    /** How far it is, in a word. Empty if it is only planned. */
    public function stands(): string
    {
        return match (true) {
            $this->made_at !== null => 'made',
            $this->begun_at !== null => 'being made',
            ! $this->isBegun() => '',
            $this->isCut() => 'cut',
            default => 'begun',
        };
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
