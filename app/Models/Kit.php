<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use App\Journal\Subject;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit as CoreKit;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\KitDesigns;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;

/**
 * @property int $id
 * @property string $name
 * @property bool $is_stash
 * @property Unit $unit
 * @property int $front_width
 * @property int $front_height
 * @property int $promised
 * @property int|null $price_minor
 * @property string|null $currency
 * @property bool $uses_stash
 * @property int $revision
 * @property int $moves how often what lies on its table has moved
 * @property bool $is_put_away
 * @property bool $is_deleted
 * @property string|null $bought_on
 * @property string $theme
 * @property string $instructions
 * @property int|null $frame how much of the base shows round a new front; null as the sketches have it
 * @property list<string> $muted keys of the hints that are switched off
 * @property KitWishList $wishes what is asked of a share-out
 *
 * @phpstan-type KitWishList array{
 *     stash_cards?: int|null,
 *     words?: string,
 *     envelopes?: bool,
 *     wordless?: bool,
 *     least?: string,
 *     set?: int,
 *     saves_one?: bool,
 *     insides?: bool,
 *     pieces?: string,
 *     follows?: bool,
 *     folds?: array<string, int>,
 *     sketches_off?: list<string>,
 *     trimmer?: int|null,
 *     uses?: array<string, string>,
 * }
 *
 * @property list<array<string, mixed>> $designs the cards its maker shows, as a kit file has them
 * @property array<string, int> $wanted how many cards of an occasion are asked for
 * @property Collection<int, Component> $papers
 */
final class Kit extends Record implements Subject
{
    use Journalled;

    protected $guarded = [];

    /** Whether share-outs use the stash. The maker must say so for each kit. */
    protected $attributes = ['uses_stash' => false];

    protected $casts = [
        'is_stash' => 'boolean',
        'unit' => Unit::class,
        'uses_stash' => 'boolean',
        'is_put_away' => 'boolean',
        'is_deleted' => 'boolean',
        'muted' => 'array',
        'wanted' => 'array',
        'wishes' => 'array',
        'designs' => 'array',
    ];

    public function subject(): int
    {
        return $this->id;
    }

    public function revisionNow(): int
    {
        return (int) self::query()->whereKey($this->id)->value('revision');
    }

    public function reread(): void
    {
        $this->refresh();
    }

    /** The one stash. Null if there is none yet. */
    public static function stash(): ?self
    {
        return self::query()->where('is_stash', true)->first();
    }

    /** The trimmer that the maker has named, or one that is long enough. */
    public function trimmer(): Trimmer
    {
        $longest = $this->wishes['trimmer'] ?? null;
        $usual = Trimmer::usual();

        return $longest === null ? $usual : Trimmer::of(Length::ofUnits($longest), $usual->narrowest);
    }

    /**
     * The sketches that share-outs may use. All of them if every one is switched off.
     *
     * @return list<Sketch>
     */
    public function sketches(): array
    {
        $shelf = OwnSketch::shelf();
        $on = array_diff_key($shelf, array_flip($this->wishes['sketches_off'] ?? []));

        return array_values($on === [] ? $shelf : $on);
    }

    /** The smallest number that no card has, from the given one on. */
    public function nextNumber(int $from = 1): int
    {
        $numbers = $this->cards()->pluck('number')->all();
        while (in_array($from, $numbers, true)) {
            $from++;
        }

        return $from;
    }

    /** @return HasMany<Solution, $this> */
    public function solutions(): HasMany
    {
        return $this->hasMany(Solution::class)->orderBy('id');
    }

    /** @return HasMany<Component, $this> */
    public function components(): HasMany
    {
        return $this->hasMany(Component::class)->orderBy('position');
    }

    /** @return Builder<Component> what lies on its table: its own, then that of the stash */
    public function onTable(): Builder
    {
        $kits = self::query()->whereKey($this->id)->when(! $this->is_stash, static fn (Builder $kits) => $kits->orWhere('is_stash', true));

        return Component::query()
            ->whereIn('kit_id', $kits->select('id'))
            ->orderByRaw('kit_id = ? desc', [$this->id])
            ->orderBy('position');
    }

    /** @return list<int> the ids of what is its own, and of what of the stash its cards are cut from */
    public function cutFrom(): array
    {
        $taken = Taking::query()->whereIn('card_id', $this->cards()->select('id'))->whereNotNull('width')->select('component_id');

        return array_values(
            $this->onTable()
                ->where(fn (Builder $one) => $one->where('kit_id', $this->id)->orWhereIn('id', $taken))
                ->pluck('id')
                ->all(),
        );
    }

    /** @return HasMany<Component, $this> */
    public function papers(): HasMany
    {
        return $this->components()->where('kind', Kind::Paper);
    }

    /** @return HasMany<Card, $this> */
    public function cards(): HasMany
    {
        return $this->hasMany(Card::class)->orderBy('number');
    }

    /** The packing list as a file has it: with the keys of the file and the listed numbers. */
    public function toCore(): CoreKit
    {
        $components = array_values($this->components()->get()->map(static fn (Component $component) => $component->toList())->all());

        return CoreKit::of(
            $this->name,
            $this->unit,
            $this->front(),
            $this->promised,
            $this->price(),
            $components,
            $this->theme,
            $this->bought_on,
            $this->instructions,
            self::designsOf($this->designs, $components),
        );
    }

    /** @return list<KitDesign> the cards its maker shows, of the components that are still in the kit, by the ids the core knows */
    public function designs(): array
    {
        if ($this->designs === []) {
            return [];
        }
        $components = $this->components()->whereIn('key', KitDesigns::named($this->designs))->get();
        $ids = $components->mapWithKeys(static fn (Component $one): array => [$one->key => $one->coreId()])->all();
        $designs = self::designsOf($this->designs, array_values($components->map(static fn (Component $one) => $one->toList())->all()));

        return array_values(array_filter(array_map(static fn (KitDesign $design): ?KitDesign => $design->renamed($ids), $designs)));
    }

    /**
     * @param  list<array<string, mixed>>  $written
     * @param  list<CoreComponent>  $components
     * @return list<KitDesign> those of which no component has left the kit
     */
    private static function designsOf(array $written, array $components): array
    {
        $designs = [];
        foreach ($written as $design) {
            try {
                array_push($designs, ...KitDesigns::read(Fields::of(['designs' => [$design]], '', null), $components));
            } catch (BadKit) {
                continue;
            }
        }

        return $designs;
    }

    /** A deleted kit is found only by undo on the shelf. */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        return self::query()->whereKey($value)->where('is_deleted', false)->first();
    }

    /** @return list<string> the ids its components have in a file */
    public function keys(): array
    {
        return array_values($this->components()->get(['key'])->map(static fn (Component $component): string => $component->key)->all());
    }

    public function front(): Size
    {
        return Size::ofUnits($this->front_width, $this->front_height);
    }

    public function price(): ?Price
    {
        return $this->price_minor === null || $this->currency === null ? null : Price::of($this->price_minor, $this->currency);
    }
}
