<?php

namespace App\Keep;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\ScrapMove;
use App\Models\Sheet;
use App\Models\SheetState;
use App\View\GoodView;
use App\View\Page;
use Illuminate\Support\Collection;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Tray\Find;
use LogicException;

/**
 * The scrap box of the stash: what is in it, what is found in it and in all kits, and how it grew.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type ScrapBundle from ScrapBundles
 *
 * @phpstan-type FoundScrap array{
 *     id: int,
 *     component: string,
 *     face: int,
 *     width: int,
 *     height: int,
 *     measure: string,
 *     says: string,
 *     from: string,
 *     fits: list<string>, // keys of the parts that can be cut from it
 * }
 * @phpstan-type FoundReady array{id: int, name: string, from: string, left: int|null, component: string, page: string}
 * @phpstan-type CardPart array{key: string, label: string}
 * @phpstan-type ScrapMonth array{month: string, in: int, used: int, thrown: int}
 * @phpstan-type KitOfScraps array{id: int, name: string, scraps: int}
 */
final readonly class KeepScrapsPage extends Page
{
    /** The months of the history. */
    private const MONTHS = 12;

    /**
     * @param  string|null  $fault  why what was asked for cannot be looked for
     * @param  list<FoundScrap>|null  $found  null where nothing is asked for
     * @param  int  $more  so many more answer to it, and are not shown
     * @param  list<FoundReady>  $things  ready-made things that answer to it
     * @param  list<string>  $unknown  words that nothing is known by
     * @param  list<ScrapBundle>  $box
     * @param  list<CardPart>  $parts  parts of the cards of the kit in hand that are not cut yet
     * @param  list<KitOfScraps>  $others
     * @param  list<ScrapMonth>  $months  in square inches, or centimetres
     * @param  Goods  $goods
     */
    private function __construct(
        public string $find,
        public ?string $fault,
        public ?array $found,
        public int $more,
        public array $things,
        public array $unknown,
        public array $box,
        public array $parts,
        public string $part,
        public array $others,
        public array $months,
        public string $area,
        public array $goods,
    ) {
    }

    /**
     * @param  string  $text  what is looked for
     * @param  string  $part  the part of a card it is for: the id of the card, a stroke, the id of the part; or ''
     */
    public static function of(Kit $kit, string $text, string $part): self
    {
        $cards = $kit->cards()->with(['takings', 'kit'])->get()->whereNull('made_at');
        $wanted = self::wanted($cards, $kit->unit);
        $found = $fault = null;
        if (trim($text) !== '') {
            try {
                $found = ScrapSearch::for(Find::read($text, $kit->unit));
            } catch (BadLine $wrong) {
                $fault = $wrong->getMessage();
            }
        }
        $box = ScrapBundles::inBox($kit->unit);
        $shown = $box->components;
        foreach ($found->sheets ?? [] as $one) {
            $shown[$one->component->id] = $one->component;
        }
        foreach ($found->things ?? [] as $one) {
            $shown[$one->component->coreId()] = $one->component->toCore();
        }
        $told = static fn (FoundSheet $one): array => self::found($one, $kit->unit, $wanted);

        return new self(
            $text,
            $fault,
            $found === null ? null : array_map($told, $found->sheets),
            $found->more ?? 0,
            array_map(self::ready(...), $found->things ?? []),
            $found->unknown ?? [],
            $box->bundles,
            self::parts($cards, $wanted, $kit->unit),
            isset($wanted[$part]) ? $part : '',
            self::others($kit),
            self::months($kit->unit),
            $kit->unit === Unit::Inch ? 'in²' : 'cm²',
            GoodView::all($shown),
        );
    }

    /**
     * @param  Collection<int, Card>  $cards
     * @return array<string, WantedPart> what is still to be cut, by the id of the card and the part
     */
    private static function wanted(Collection $cards, Unit $unit): array
    {
        $wanted = [];
        foreach ($cards as $card) {
            foreach ($card->toCore()->layout($unit)->parts as $laid) {
                $part = WantedPart::of($card, $laid->part->id);
                if ($part !== null) {
                    $wanted["$card->id/{$laid->part->id}"] = $part;
                }
            }
        }

        return $wanted;
    }

    /**
     * @param  Collection<int, Card>  $cards
     * @param  array<string, WantedPart>  $wanted
     * @return list<CardPart>
     */
    private static function parts(Collection $cards, array $wanted, Unit $unit): array
    {
        $parts = [];
        foreach ($wanted as $key => $one) {
            [$id, $part] = explode('/', $key, 2);
            $card = $cards->firstWhere('id', (int) $id);
            $parts[] = ['key' => $key, 'label' => "card {$card?->number}, {$card?->partName($part)}, {$one->size->label($unit)}"];
        }

        return $parts;
    }

    /**
     * @param  array<string, WantedPart>  $wanted
     * @return FoundScrap
     */
    private static function found(FoundSheet $one, Unit $unit, array $wanted): array
    {
        $sheet = $one->sheet;
        $size = $sheet->size();
        $kit = $sheet->component->kit;
        $face = $one->component->face($one->face) ?? throw new LogicException('Only what has the face is found.');

        return [
            'id' => $sheet->id,
            'component' => $one->component->id,
            'face' => $one->face,
            ...GoodView::size($size),
            'measure' => $size->label($unit),
            'says' => ($sheet->part === null ? ($sheet->is_whole ? 'whole sheet' : 'scrap') : $sheet->part).' of '.$one->component->name,
            'from' => $kit->is_stash ? 'scrap box'.($sheet->came_from === null ? '' : ", from $sheet->came_from") : $kit->name,
            'fits' => array_keys(array_filter($wanted, static fn (WantedPart $part): bool => $part->isCutFrom($size, $face))),
        ];
    }

    /** @return FoundReady */
    private static function ready(FoundThing $one): array
    {
        $component = $one->component;

        return [
            'id' => $component->id,
            'name' => $component->name,
            'from' => $component->kit->is_stash ? 'your stash' : $component->kit->name,
            'left' => $one->left,
            'component' => $component->coreId(),
            'page' => route('kits.show', $component->kit, false),
        ];
    }

    /** @return list<KitOfScraps> kits with scraps that lie there */
    private static function others(Kit $kit): array
    {
        $counts = Sheet::query()
            ->join('components', 'components.id', '=', 'sheets.component_id')
            ->join('kits', 'kits.id', '=', 'components.kit_id')
            ->leftJoin('cut_plans', 'cut_plans.sheet_id', '=', 'sheets.id')
            ->leftJoin('sheets as above', 'above.id', '=', 'sheets.parent_id')
            ->where('sheets.state', SheetState::Open)
            ->where('sheets.is_whole', false)
            ->whereNull('cut_plans.id')
            ->where(static fn ($there) => $there->whereNull('above.id')->orWhere('above.state', '!=', SheetState::Parted))
            ->where('kits.is_stash', false)
            ->where('kits.is_deleted', false)
            ->where('kits.id', '!=', $kit->id)
            ->groupBy('kits.id', 'kits.name')
            ->orderBy('kits.id', 'desc')
            ->limit(24)
            ->selectRaw('kits.id as id, kits.name as name, count(*) as scraps')
            ->toBase()
            ->get();

        return array_values($counts->map(static fn (object $one): array => [
            'id' => (int) $one->id,
            'name' => (string) $one->name,
            'scraps' => (int) $one->scraps,
        ])->all());
    }

    /** @return list<ScrapMonth> the last months, this one at the end */
    private static function months(Unit $unit): array
    {
        $one = $unit === Unit::Inch ? 645 : 100;
        $moves = ScrapMove::query()
            ->where('created_at', '>=', now()->startOfMonth()->subMonths(self::MONTHS - 1))
            ->selectRaw("strftime('%Y-%m', created_at) as month, what, sum(area) as area")
            ->groupBy('month', 'what')
            ->toBase()
            ->get();
        $months = [];
        for ($n = self::MONTHS - 1; $n >= 0; $n--) {
            $month = now()->startOfMonth()->subMonths($n)->format('Y-m');
            $of = static fn (string $what): int => intdiv((int) $moves->where('month', $month)->where('what', $what)->sum('area'), $one);
            $months[] = ['month' => $month, 'in' => $of(ScrapMove::IN), 'used' => $of(ScrapMove::USED), 'thrown' => $of(ScrapMove::THROWN)];
        }

        return $months;
    }
}
