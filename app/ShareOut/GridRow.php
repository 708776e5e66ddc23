<?php

namespace App\ShareOut;

use App\Cards\Grid;
use App\Models\Component;
use App\Models\Taking;
use App\Table\Kept;
use App\Table\TableState;
use App\View\GoodView;
use App\View\ShortParts;
use App\Wording\Wording;
use Illuminate\Support\Collection;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Table\Wanted;

/**
 * A row of the grid: what each card takes from a component, and what is left of it.
 *
 * @phpstan-import-type ShortPart from ShortParts
 * @phpstan-import-type Extent from GoodView
 *
 * @phpstan-type GridTaking array{
 *     part: string,
 *     amount: string,
 *     said: string,
 *     quantity: int,
 *     size: Extent|null,
 *     face: int,
 *     isCut: bool,
 *     isPinned: bool,
 *     isShort: bool,
 * }
 * @phpstan-type GridLine array{
 *     id: string,
 *     isStash: bool,
 *     have: string,
 *     cells: array<int, list<GridTaking>>, // by card
 *     keep: string,
 *     use: string,
 *     short: string|null,
 *     shorts: list<ShortPart>,
 *     balance: string,
 * }
 */
final readonly class GridRow
{
    private CoreComponent $core;

    /** @var Collection<int, Taking> */
    private Collection $takings;

    private int $here;

    /**
     * @param  list<Kept>  $offcuts
     * @param  Collection<int, Taking>  $shorts  what is short of this one
     */
    private function __construct(
        private Component $component,
        private TableState $state,
        private array $offcuts,
        private Collection $shorts,
    ) {
        $this->core = $state->core[$component->coreId()];
        $this->takings = $state->takingsOf($component);
        $this->here = $state->hereOf($component);
    }

    /**
     * @param  list<Kept>  $offcuts
     * @param  Collection<int, Taking>  $shorts
     * @return GridLine
     */
    public static function of(Component $component, TableState $state, array $offcuts, Collection $shorts): array
    {
        return (new self($component, $state, $offcuts, $shorts))->line();
    }

    /** @return GridLine */
    private function line(): array
    {
        $kit = $this->state->kit;

        return [
            'id' => $this->core->id,
            'isStash' => $this->component->kit_id !== $kit->id,
            'have' => Wording::count($this->core, $this->here, $kit->unit),
            'cells' => $this->cells(),
            'keep' => $this->keep(),
            'use' => Wanted::tryFrom($kit->wishes['uses'][$this->core->id] ?? '')->value ?? Wanted::AsItComes->value,
            'short' => $this->short(),
            'shorts' => array_values($this->shorts->map(fn (Taking $one): array => ShortParts::one($one, $this->state))->all()),
            'balance' => $this->balance(),
        ];
    }

    /** @return array<int, list<GridTaking>> */
    private function cells(): array
    {
        $cells = [];
        foreach ($this->takings as $taking) {
            if ($this->state->cards->has($taking->card_id)) {
                $cells[$taking->card_id][] = $this->cell($taking);
            }
        }

        return $cells;
    }

    private function left(): int
    {
        return $this->here - (int) $this->takings->sum('quantity');
    }

    private function keep(): string
    {
        if (! $this->component->kind->isSheets()) {
            return Wording::count($this->core, $this->left(), $this->state->kit->unit);
        }
        $whole = $this->state->wholesLeft($this->component);
        $sizes = array_map(fn (Kept $part): string => $part->size->format($this->state->kit->unit), array_slice($this->offcuts, 0, 2));
        $said = $whole > 0 ? ["$whole whole", ...array_slice($sizes, 0, 1)] : array_slice($sizes, 0, 2);

        return $said === [] ? 'nothing' : implode(', ', $said);
    }

    private function short(): ?string
    {
        if ($this->component->kind->isSheets()) {
            return $this->shorts->isEmpty() ? null : Wording::plural($this->shorts->count(), 'piece');
        }
        $left = $this->left();

        return $this->core->isEndless() || $left >= 0 ? null : Wording::count($this->core, -$left, $this->state->kit->unit);
    }

    private function balance(): string
    {
        $unit = $this->state->kit->unit;
        $left = $this->left();
        $here = Wording::count($this->core, $this->here, $unit);

        return match (true) {
            $this->core->isEndless() => 'It is never used up.',
            $this->component->kind->isSheets() => 'Left of '.Wording::plural($this->here, 'sheet').": {$this->keep()}.",
            $left < 0 => Wording::count($this->core, -$left, $unit)." more than the $here there are.",
            default => "Left: {$this->keep()} of $here.",
        };
    }

    /** @return GridTaking */
    private function cell(Taking $taking): array
    {
        $unit = $this->state->kit->unit;
        $size = $taking->size();
        $part = $taking->partName();

        return [
            'part' => $part,
            'amount' => $size?->format($unit) ?? Wording::taken($this->core, $taking->quantity, $unit),
            'said' => $size === null ? "its $part" : Wording::one($part).' '.$size->label($unit),
            'quantity' => $size === null ? $taking->quantity : 1,
            'size' => $size === null ? null : GoodView::size($size),
            'face' => $taking->face,
            'isCut' => $taking->sheet_id !== null,
            'isPinned' => $taking->is_pinned,
            'isShort' => $this->shorts->contains('id', $taking->id),
        ];
    }
}
