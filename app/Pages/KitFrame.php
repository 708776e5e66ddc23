<?php

namespace App\Pages;

use App\Actions\BonusCards;
use App\Journal\Act;
use App\Models\Card;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\Palette;
use App\Wording\Wording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Unit;

/** What stands round every page of a kit: its name, the stages with a live figure each, what can be taken back. */
final readonly class KitFrame
{
    /** The pages that belong to a stage besides its own. */
    private const VIEWS = ['unpack' => ['count', 'add', 'about', 'looks'], 'cut' => ['class'], 'share-out' => ['sketches', 'folds', 'measures', 'cards']];

    public function __construct(private BonusCards $bonus)
    {
    }

    /** @return array<string, mixed> */
    public function of(Kit $kit): array
    {
        $cards = Card::query()->where('kit_id', $kit->id)->count();
        $stages = [
            ['key' => 'unpack', 'label' => 'Unpack', 'figure' => $this->unpacked($kit)],
            ['key' => 'pair', 'label' => 'Pair', 'figure' => Wording::plural(Palette::query()->where('kit_id', $kit->id)->count(), 'palette')],
            ['key' => 'share-out', 'label' => 'Share out', 'figure' => Wording::plural($cards, 'card')],
            ['key' => 'cut', 'label' => 'Cut', 'figure' => $this->cut($kit)],
            ['key' => 'keep', 'label' => 'Keep', 'figure' => $this->kept($kit, $cards)],
            ['key' => 'tally', 'label' => 'Tally', 'figure' => ['money' => $kit->price(), 'cards' => $cards]],
        ];

        return [
            'id' => $kit->id,
            'url' => route('kits.show', $kit, false),
            'name' => $kit->name,
            'isStash' => $kit->is_stash,
            'about' => $this->about($kit),
            'unit' => $kit->unit->value,
            'revision' => $kit->revision,
            'stages' => array_map(static fn (array $stage): array => self::stage($kit, $stage), $kit->is_stash ? [$stages[0]] : $stages),
            ...$this->acts($kit),
        ];
    }

    /** @return array{undo: string|null, redo: string|null} */
    public function acts(?Kit $kit): array
    {
        $acts = fn (bool $isUndone) => Act::query()->where('kit_id', $kit?->id)->where('is_undone', $isUndone);

        return ['undo' => $acts(false)->latest('id')->first()?->name, 'redo' => $acts(true)->oldest('id')->first()?->name];
    }

    /**
     * @param  array{key: string, label: string, figure: mixed}  $stage
     * @return array<string, mixed>
     */
    private static function stage(Kit $kit, array $stage): array
    {
        $figure = $stage['figure'];
        if (is_array($figure)) {
            $price = $figure['money'];
            $each = $price === null || $figure['cards'] === 0 ? null : $price->over($figure['cards']);
            $stage['figure'] = $each === null ? 'no cards yet' : null;
            $stage['money'] = $each === null ? null : MoneyView::of($each);
        }

        return [...$stage, 'url' => route('kits.'.$stage['key'], $kit, false), 'views' => self::VIEWS[$stage['key']] ?? []];
    }

    private function about(Kit $kit): string
    {
        $unit = $kit->unit === Unit::Inch ? 'inches' : 'millimetres';

        return $kit->is_stash
            ? "beside every kit · $unit"
            : implode(' · ', [Wording::plural($kit->promised, 'card').' promised', StandardFront::nameOf($kit->front(), $kit->unit), $unit]);
    }

    private function unpacked(Kit $kit): string
    {
        $counted = $kit->components()->whereNotIn('kind', ['ribbon', 'stamp', 'tool'])->get(['id', 'listed']);
        $missing = (int) LedgerEntry::query()->whereIn('component_id', $counted->modelKeys())->whereIn('reason', ['lost', 'spoiled', 'found'])->sum('delta');

        $isCounted = $counted->isNotEmpty() && ! $kit->components()->where('is_counted', false)->exists();

        return sprintf('%d of %d here%s', (int) $counted->sum('listed') + $missing, (int) $counted->sum('listed'), $isCounted ? ', counted' : '');
    }

    private function cut(Kit $kit): string
    {
        $plans = self::plansOf($kit)->with('sheet:id,in_hand_id')->get(['id', 'sheet_id', 'cut_at']);
        $inHand = $plans->groupBy(static fn (CutPlan $plan): int => $plan->sheet->in_hand_id ?? $plan->sheet_id);
        $done = $inHand->filter(static fn ($parts): bool => $parts->every(static fn (CutPlan $plan): bool => $plan->cut_at !== null));

        return sprintf('%d of %s', $done->count(), Wording::plural($inHand->count(), 'sheet'));
    }

    /**
     * The plans of sheets that a card of this kit gets a piece from.
     *
     * @return Builder<CutPlan>
     */
    public static function plansOf(Kit $kit): Builder
    {
        $components = DB::table('takings')->join('cards', 'cards.id', '=', 'takings.card_id')->where('cards.kit_id', $kit->id)->select('component_id');

        return CutPlan::query()->whereHas('sheet', fn ($sheet) => $sheet->whereIn('component_id', $components));
    }

    private function kept(Kit $kit, int $cards): string
    {
        if ($cards === 0) {
            return 'everything';
        }
        $found = $this->bonus->found($kit);

        return $found === null ? 'see what is left' : Wording::plural(count($found->cards), 'bonus card');
    }
}
