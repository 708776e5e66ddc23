<?php

namespace App\Cutting;

use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use KeepShare\Core\Cut\CutPlan as CorePlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Leftover;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Kit\Kind;
use LogicException;

/** Keeps the cut plans up to date with what the cards take. */
final class CutPlans
{
    /** How many sizes a leftover is judged by. With more, all leftovers would seem useful. */
    private const SIZES = 4;

    /** @var array<string, Leftover|null> by the kind and size of the sheets, for as long as one act lasts */
    private array $useful = [];

    /**
     * Plans the sheets of these components again. Sheets that are cut stay as they are. If not everything can be cut,
     * the later cards are short.
     *
     * @param  array<int, int>  $components  their ids
     * @return list<int> those that go short
     */
    public function refresh(array $components): array
    {
        $short = [];
        $sheets = Sheet::query()
            ->whereIn('component_id', $components)
            ->where('state', SheetState::Open)
            ->with('plan')
            ->orderBy('id')
            ->get();
        $takings = Taking::query()
            ->whereIn('component_id', $components)
            ->whereNull('sheet_id')
            ->whereNotNull('width')
            ->with('card')
            ->get();
        $promised = TableState::promised(Taking::inTurn($takings));
        foreach ($components as $component) {
            $plan = $this->plan(
                $component,
                $sheets->where('component_id', $component)->values(),
                $promised[Component::coreIdOf($component)] ?? [],
            );
            if (! $plan->isComplete()) {
                $short[] = $component;
            }
        }

        return $short;
    }

    /**
     * Plans one component again after a mistake. If not everything can be cut, the latest cards are short.
     *
     * @return list<Taking> those that do, of the latest cards first
     */
    public function replan(int $component): array
    {
        $takings = Taking::inTurn(self::uncut($component)->with('card')->get());
        $pieces = array_values(array_filter($takings->map(static fn (Taking $taking): ?Piece => $taking->toPiece())->all()));
        $plan = $this->plan($component, self::sheets($component), $pieces);
        $short = array_map(static fn (Piece $piece): int => (int) $piece->id, $plan->unplaced);

        return array_reverse(array_values($takings->whereIn('id', $short)->all()));
    }

    /**
     * Searches for a plan that cuts into fewer sheets than the present one. It writes nothing, so it never holds up
     * others.
     *
     * @param  (Closure(): bool)|null  $goOn  false ends the search with the best so far
     */
    public function better(int $component, int $tries = 0, ?Closure $goOn = null): ?CorePlan
    {
        $sheets = self::sheets($component);
        $stock = self::stock($sheets);
        $promised = TableState::promised(Taking::inTurn(self::uncut($component)->with('card')->get()));
        $terms = $this->terms($component, $stock)->trying($tries, 0, $goOn);
        $plan = Engine::plan($stock, $promised[Component::coreIdOf($component)] ?? [], $terms);
        $opened = $sheets->filter(static fn (Sheet $sheet): bool => $sheet->is_whole && $sheet->plan !== null)->count();

        return $plan->isComplete() && $plan->sheetsOpened() < $opened ? $plan : null;
    }

    /** Replaces the plan of a component by one that was found. */
    public function store(int $component, CorePlan $plan): void
    {
        $this->storeAll(self::sheets($component), $plan);
    }

    /**
     * @param  Collection<int, Sheet>  $sheets  of the component
     * @param  list<Piece>  $pieces
     */
    private function plan(int $component, Collection $sheets, array $pieces): CorePlan
    {
        $stock = self::stock($sheets);
        // If it is short, the earlier cards keep theirs and the later ones wait for a way out.
        $terms = $this->terms($component, $stock);
        $plan = Engine::earliestFirst($stock, $pieces, $terms);
        $plan = $plan->isComplete() ? $plan : self::asItIs($sheets, $pieces, $terms->trimmer) ?? $plan;
        $this->storeAll($sheets, $plan);

        return $plan;
    }

    /**
     * Keeps the present cuts if they give all pieces, since a template leaves so little that the engine may not find it
     * again.
     *
     * @param  Collection<int, Sheet>  $sheets
     * @param  list<Piece>  $pieces
     */
    private static function asItIs(Collection $sheets, array $pieces, Trimmer $trimmer): ?CorePlan
    {
        $plans = [];
        foreach ($sheets as $sheet) {
            $plans = $sheet->plan === null ? $plans : [...$plans, SheetPlan::fromArray($sheet->toStock(), $sheet->plan->tree)];
        }
        $plans = array_filter($plans, static fn (SheetPlan $plan): bool => $plan->canBeCutWith($trimmer));
        $plan = Prepared::by(array_values($plans))->plan($pieces);

        return $plan->isComplete() ? $plan : null;
    }

    /**
     * Fixes how sheets are cut before their pieces have a purpose.
     *
     * @param  list<SheetPlan>  $plans  of open sheets, by their ids
     */
    public function prepare(array $plans): void
    {
        foreach ($plans as $plan) {
            $this->storeOn(Sheet::query()->with('plan')->findOrFail((int) $plan->stock->id), $plan->toArray());
        }
    }

    /** @return Collection<int, Sheet> what of a component lies there to be cut */
    private static function sheets(int $component): Collection
    {
        return Sheet::query()->where('component_id', $component)->where('state', SheetState::Open)->with('plan')->orderBy('id')->get();
    }

    /** @return Builder<Taking> the pieces of a component that are still to be cut */
    private static function uncut(int $component): Builder
    {
        return Taking::query()->where('component_id', $component)->whereNull('sheet_id')->whereNotNull('width');
    }

    /**
     * @param  Collection<int, Sheet>  $sheets
     * @return list<Stock>
     */
    private static function stock(Collection $sheets): array
    {
        return array_values($sheets->map(static fn (Sheet $sheet): Stock => $sheet->toStock())->all());
    }

    /** @param  Collection<int, Sheet>  $sheets */
    private function storeAll(Collection $sheets, CorePlan $plan): void
    {
        $trees = [];
        foreach ($plan->sheets as $sheetPlan) {
            $trees[(int) $sheetPlan->stock->id] = $sheetPlan->toArray();
        }
        foreach ($sheets as $sheet) {
            $this->storeOn($sheet, $trees[$sheet->id] ?? null);
        }
    }

    /**
     * A leftover is better the more sizes can still be cut from it that cards take from such sheets.
     *
     * @param  list<Stock>  $stock
     */
    private function terms(int $component, array $stock): Terms
    {
        if ($stock === []) {
            return Terms::usual();
        }
        $record = Component::query()->with('kit')->findOrFail($component);
        $kind = $record->kind;
        $largest = Leftover::reach($stock);
        $key = sprintf('%s %d %d', $kind->value, $largest->width->units, $largest->height->units);
        if (! array_key_exists($key, $this->useful)) {
            $this->useful[$key] = Leftover::sizes(self::sizesTakenFrom($kind), $largest);
        }

        return Terms::usual()->with(self::trimmerFor($record))->leaving($this->useful[$key]);
    }

    /**
     * The shortest trimmer of the kits whose cards use it, since sheets of the stash are cut at the table of that kit.
     */
    private static function trimmerFor(Component $component): Trimmer
    {
        $kits = Kit::query()
            ->whereHas(
                'cards.takings',
                static fn (Builder $takings) => $takings
                    ->where('component_id', $component->id)
                    ->whereNull('sheet_id'),
            )
            ->get();

        return Trimmer::shortest(
            $component->kit->trimmer(),
            ...array_values($kits->map(static fn (Kit $kit): Trimmer => $kit->trimmer())->all()),
        );
    }

    /** @return list<Demand> the sizes taken most often, by their square millimetres */
    private static function sizesTakenFrom(Kind $kind): array
    {
        return array_values(
            Taking::query()
                ->whereNotNull('width')
                ->whereHas('component', static fn ($query) => $query->where('kind', $kind))
                ->groupBy('width', 'height')
                ->orderByRaw('count(*) desc, width * height desc')
                ->limit(self::SIZES)
                ->get(['width', 'height'])
                ->map(static function (Taking $taking): Demand {
                    $size = $taking->size() ?? throw new LogicException('Only pieces were asked for.');

                    return Demand::for(Piece::of('', $size, true), max(1, $size->area()), 1);
                })->all());
    }

    /** @param  array<string, mixed>|null  $tree null where the sheet stays whole */
    private function storeOn(Sheet $sheet, ?array $tree): void
    {
        if ($sheet->plan?->tree === $tree) {
            return;
        }
        $sheet->plan?->delete();
        if ($tree !== null) {
            CutPlan::query()->create(['sheet_id' => $sheet->id, 'tree' => $tree]);
        }
    }
}
