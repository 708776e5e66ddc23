<?php

namespace App\Tally;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Taking;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tally\Share;
use KeepShare\Core\Tally\UsedCost;

/** What kits gave, side by side. They are read as plain rows, since ten years of them are many. */
final readonly class KitsGave
{
    /**
     * @param  Collection<int, Kit>  $kits  that have cards, the latest first
     * @param  array<int, object{cards: int, made: int, bonus: int}>  $cards  by kit
     * @param  array<int, object{cards: int, minutes: int}>  $minutes  of the cards of which it is known, by kit
     * @param  array<int, int>  $papers  how much of its papers and cardstock is used, in per cent, by kit
     * @param  array<int, int>  $stash  what the stash added, in the smallest coin, by kit
     */
    private function __construct(
        public Collection $kits,
        private array $cards,
        private array $minutes,
        private array $papers,
        private array $stash,
    ) {
    }

    public static function all(): self
    {
        $cards = self::cards()->get()->keyBy('kit_id')->all();
        $kits = Kit::query()->whereKey(array_keys($cards))->where(['is_deleted' => false, 'is_stash' => false])->get()
            ->sortByDesc(static fn (Kit $kit): array => [self::monthOf($kit), $kit->id])->values();

        /** @var array<int, object{cards: int, made: int, bonus: int}> $cards */
        return new self($kits, $cards, self::minutes(), self::papers(), self::stash());
    }

    /** What a card of one kit costs, with what came from the stash at its own prices. Null if the kit has no price. */
    public static function each(Kit $kit, int $cards): ?Price
    {
        return self::over($kit, $cards, self::ofStash(...));
    }

    /** How long a card of one kit takes, as far as it is known. */
    public static function minutesOfOne(Kit $kit): ?int
    {
        return self::mean(self::minutes($kit)[$kit->id] ?? null);
    }

    /** What the stash's things on its cards cost, as far as their prices are known. */
    public static function ofStash(Kit $kit): int
    {
        return self::stash($kit)[$kit->id] ?? 0;
    }

    public static function monthOf(Kit $kit): string
    {
        return substr($kit->bought_on ?? (string) $kit->created_at?->format('Y-m-d'), 0, 7);
    }

    /** @return object{cards: int, made: int, bonus: int} */
    public function cardsOf(Kit $kit): object
    {
        return $this->cards[$kit->id] ?? (object) ['cards' => 0, 'made' => 0, 'bonus' => 0];
    }

    /** How long a card takes, as far as it is known. */
    public function minutesOf(Kit $kit): ?int
    {
        return self::mean($this->minutes[$kit->id] ?? null);
    }

    /** @param  object{cards: int, minutes: int}|null  $of */
    private static function mean(?object $of): ?int
    {
        return $of === null || $of->cards === 0 ? null : intdiv($of->minutes + intdiv($of->cards, 2), $of->cards);
    }

    public function papersOf(Kit $kit): int
    {
        return $this->papers[$kit->id] ?? 0;
    }

    /** The price of the kit with what came from the stash, divided by its cards. Null if the kit has no price. */
    public function eachOf(Kit $kit): ?Price
    {
        return self::over($kit, $this->cardsOf($kit)->cards, fn (Kit $kit): int => $this->stash[$kit->id] ?? 0);
    }

    /** @param  Closure(Kit): int  $stash  what the stash added; asked for only where there is something to add it to */
    private static function over(Kit $kit, int $cards, Closure $stash): ?Price
    {
        $price = $kit->price();

        return $price === null || $cards === 0 ? null : Price::of($price->minor + $stash($kit), $price->currency)->over($cards);
    }

    /** @return list<object{month: string, cards: int, bonus: int}> the months in which cards were made, the oldest first */
    public static function months(): array
    {
        /** @var list<object{month: string, cards: int, bonus: int}> */
        return DB::table('cards')
            ->join('kits', 'kits.id', '=', 'cards.kit_id')
            ->where('is_deleted', false)
            ->whereNotNull('made_at')
            ->selectRaw('substr(made_at, 1, 7) as month, count(*) as cards, sum(is_bonus) as bonus')
            ->groupBy('month')
            ->orderBy('month')
            ->get()
            ->all();
    }

    private static function cards(): Builder
    {
        return DB::table('cards')
            ->groupBy('kit_id')
            ->selectRaw('kit_id, count(*) as cards, sum(made_at is not null) as made, sum(is_bonus) as bonus');
    }

    /** @return array<int, object{cards: int, minutes: int}> typed, or where nothing is typed as they were marked at the table */
    private static function minutes(?Kit $of = null): array
    {
        $marked = DB::table('step_marks')->groupBy('card_id')->selectRaw('card_id, sum(seconds) as seconds');

        /** @var array<int, object{cards: int, minutes: int}> */
        return DB::table('cards')
            ->leftJoinSub($marked, 'marked', 'marked.card_id', '=', 'cards.id')
            ->whereNotNull('made_at')
            ->when($of !== null, static fn (Builder $cards) => $cards->where('kit_id', $of?->id))
            ->whereRaw('coalesce(minutes, seconds / 60, 0) > 0')
            ->groupBy('kit_id')
            ->selectRaw('kit_id, count(*) as cards, sum(coalesce(minutes, (seconds + 30) / 60)) as minutes')
            ->get()
            ->keyBy('kit_id')
            ->all();
    }

    /** @return array<int, int> */
    private static function papers(): array
    {
        $sheets = array_values(array_filter(Kind::cases(), static fn (Kind $kind): bool => $kind->isSheets()));
        $kinds = array_map(static fn (Kind $kind): string => $kind->value, $sheets);
        $there = DB::table('sheets')->join('components', 'components.id', '=', 'component_id')
            ->whereIn('kind', $kinds)->where('is_whole', true)->where('state', '!=', 'spoiled')
            ->groupBy('kit_id')->selectRaw('kit_id, sum(width * height) as area')->pluck('area', 'kit_id');
        $used = DB::table('takings')->join('components', 'components.id', '=', 'component_id')
            ->join('cards', 'cards.id', '=', 'card_id')
            ->whereColumn('cards.kit_id', 'components.kit_id')->whereIn('kind', $kinds)->whereNotNull('width')
            ->groupBy('components.kit_id')->selectRaw('components.kit_id, sum(width * height) as area')->pluck('area', 'kit_id');
        $shares = [];
        foreach ($there as $kit => $area) {
            $shares[(int) $kit] = min(100, Share::ofCount((int) $used->get($kit), (int) $area));
        }

        return $shares;
    }

    /** @return array<int, int> what the things of the stash cost that went on the cards of a kit, where their prices are known */
    private static function stash(?Kit $of = null): array
    {
        $cost = [];
        foreach (self::takingsOfStash($of) as $kit => $takings) {
            foreach ($takings->groupBy('component_id') as $ofOne) {
                $cost[$kit] = ($cost[$kit] ?? 0) + self::costOf($ofOne->firstOrFail()->component, $ofOne);
            }
        }

        return $cost;
    }

    /** @return Collection<int, Collection<int, Taking>> of what has a price in the currency of the kit, by kit */
    private static function takingsOfStash(?Kit $of): Collection
    {
        $stash = Kit::stash();
        $currency = $stash?->currency;

        return $currency === null ? collect() : Taking::query()
            ->with(['card', 'component'])
            ->whereHas('component', static fn ($component) => $component->where('kit_id', $stash->id)->whereNotNull('price_minor'))
            ->whereHas('card.kit', static fn ($kit) => $kit->where('currency', $currency))
            ->when($of !== null, static fn ($takings) => $takings->whereRelation('card', 'kit_id', $of?->id))
            ->get()
            ->toBase()
            ->groupBy(static fn (Taking $taking): int => $taking->card->kit_id);
    }

    /**
     * @param  Collection<int, Taking>  $takings  from it
     * @return int in the smallest coin; 0 where its price is not known
     */
    public static function costOf(Component $component, Collection $takings): int
    {
        $core = $component->asPriced();
        if ($component->price_minor === null) {
            return 0;
        }
        if (! $core->good instanceof SheetGood) {
            return UsedCost::ofCount($core, $component->price_minor, (int) $takings->sum('quantity'));
        }
        $pieces = $takings->map(static fn (Taking $taking): ?Size => $taking->size())->filter()->values()->all();

        return UsedCost::ofPieces($core->good, $component->price_minor, array_values($pieces));
    }
}
