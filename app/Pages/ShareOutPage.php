<?php

namespace App\Pages;

use App\Actions\BonusCards;
use App\Actions\Grid;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Solve;
use App\Models\SolveState;
use App\Models\Taking;
use App\Table\Kept;
use App\Table\TableState;
use App\Wording\Wording;
use Illuminate\Support\Collection;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\WayOut;
use KeepShare\Core\Table\Wanted;

/** The grid of components and cards, with what is kept. */
final readonly class ShareOutPage
{
    public function __construct(private BonusCards $bonus)
    {
    }

    /** @return array<string, mixed> */
    public function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $kept = Kept::byComponent($state);
        $findings = Findings::on($state);
        $shorts = $state->shorts();
        $shortCards = collect($shorts)->flatten()->pluck('id', 'card_id');
        $rows = $state->components->filter(fn (Component $component): bool => $component->kind->value !== 'tool' && self::concerns($component, $state));

        return [
            'cards' => array_values($state->cards->map(static fn (Card $card): array => [
                'id' => $card->id,
                'isBonus' => $card->is_bonus,
                'isBegun' => $card->isBegun(),
                'isPinned' => $card->is_pinned,
                'isShort' => $shortCards->has($card->id),
                'findings' => $findings->standing($card),
                'front' => FrontView::of($card->toCore(), $state->core, $kit->unit),
            ])->all()),
            'groups' => array_map(static fn (array $group): array => [
                'title' => $group['title'],
                'lines' => array_map(static fn (Component $component): array => self::row($component, $state, $kept, $shorts[$component->id] ?? new Collection), $group['lines']),
            ], Wording::grouped($rows, static fn (Component $component): Component => $component)),
            'goods' => GoodView::all($state->core),
            'outlook' => $this->outlook($kit, $state),
            'wishes' => self::wishes($kit, $state),
            'solve' => self::solve($kit),
            'taste' => self::taste($kit),
            'gaps' => $findings->gaps(),
            'asides' => array_values($kit->solutions->where('kind', SolutionKind::Aside)->map(static fn (Solution $aside): array => ['id' => $aside->id, 'name' => $aside->name])->all()),
            'proposal' => self::proposal($kit, $state),
        ];
    }

    /** @return array<string, mixed>|null what the last solve found, as long as the table is as it was then */
    private static function proposal(Kit $kit, TableState $state): ?array
    {
        $proposal = $kit->solutions->where('kind', SolutionKind::Proposed)->last();
        if ($proposal === null || $proposal->revision !== $kit->revision) {
            return null;
        }
        $stays = array_values($state->cards->only($proposal->stays)->map(static fn (Card $card): CoreCard => $card->toCore())->all());
        $now = array_values($state->cards->map(static fn (Card $card): CoreCard => $card->toCore())->all());
        $then = [...$stays, ...$proposal->toCore()];
        usort($then, static fn (CoreCard $a, CoreCard $b): int => $a->number <=> $b->number);

        return [
            'id' => $proposal->id,
            'changes' => SolutionView::changes($now, $then, $state),
            'now' => SolutionView::of($now, $state),
            'then' => SolutionView::of($then, $state),
        ];
    }

    /** @return array<string, mixed>|null the share-out under way, or the last one where it has something to say */
    public static function solve(Kit $kit): ?array
    {
        $solve = Solve::query()->where('kit_id', $kit->id)->latest('id')->first();

        if ($solve === null) {
            return null;
        }
        if ($solve->isLeftBehind()) {
            $solve->state = SolveState::Failed;
            $solve->message = 'The share-out was left unfinished: the worker that was at it has gone. Nothing was changed; share out again.';
        }

        return [
            'isUnderWay' => $solve->isUnderWay(),
            'state' => $solve->state->value,
            'done' => $solve->done,
            'wanted' => $solve->cards,
            // What an older share-out had to say does not hold for the table as it is now.
            'message' => $solve->state->isUnderWay() || in_array($kit->revision - $solve->revision, [0, 1], true) || $solve->state->value === 'failed' ? $solve->message : null,
        ];
    }

    /** The kit's own components, and of the stash those that a card takes from. */
    private static function concerns(Component $component, TableState $state): bool
    {
        return $component->kit_id === $state->kit->id || $state->takingsOf($component)->contains(fn (Taking $taking): bool => $state->cards->has($taking->card_id));
    }

    /** @return array<string, mixed> */
    private function outlook(Kit $kit, TableState $state): array
    {
        $found = $state->cards->isEmpty() ? null : $this->bonus->found($kit);
        $isSolving = self::solve($kit)['isUnderWay'] ?? false;
        if ($found === null && $state->cards->isNotEmpty() && ! $isSolving) {
            $this->bonus->look($kit);
            $found = $this->bonus->found($kit);
        }

        return [
            'cards' => $state->cards->count(),
            'promised' => $kit->promised,
            'bonus' => $found === null ? null : count($found->cards),
            'wants' => $found?->stop?->wants(),
            'isLooking' => $found === null && $state->cards->isNotEmpty(),
        ];
    }

    /** @return array<string, mixed> */
    private static function wishes(Kit $kit, TableState $state): array
    {
        return [
            'repeat' => $kit->wishes['repeat'] ?? false,
            'cards' => max($state->cards->count(), $kit->promised, 1),
            'stash' => $kit->uses_stash,
            'hasStash' => $state->components->contains(static fn (Component $component): bool => $component->kit_id !== $kit->id),
        ];
    }

    /** @return array<string, mixed> */
    private static function taste(Kit $kit): array
    {
        $occasions = [...array_map(static fn (Occasion $one): array => ['key' => $one->value, 'label' => $one->label()], Occasion::cases()), ['key' => SpreadGaps::MAN, 'label' => 'for a man']];

        return [
            'frame' => $kit->frame === null ? '' : Length::ofUnits($kit->frame)->exact($kit->unit),
            'set' => $kit->wishes['set'] ?? 1,
            'insides' => $kit->wishes['insides'] ?? false,
            'follows' => $kit->wishes['follows'] ?? false,
            'designs' => array_map(static fn (KitDesign $design): string => $design->name, $kit->designs()),
            'trimmer' => isset($kit->wishes['trimmer']) ? Length::ofUnits($kit->wishes['trimmer'])->exact($kit->unit) : '',
            'savesOne' => $kit->wishes['saves_one'] ?? false,
            'stashCards' => (string) ($kit->wishes['stash_cards'] ?? ''),
            'wanted' => array_map(static fn (array $one): array => [...$one, 'many' => $kit->wanted[$one['key']] ?? 0], $occasions),
            'folds' => array_map(static fn (FoldKind $fold): array => ['key' => $fold->value, 'label' => $fold->label(), 'many' => $kit->wishes['folds'][$fold->value] ?? 0], FoldKind::onWish()),
        ];
    }

    /**
     * @param  array<int, list<Kept>>  $kept  by component
     * @param  Collection<int, Taking>  $shorts  what is short of this one
     * @return array<string, mixed>
     */
    private static function row(Component $component, TableState $state, array $kept, Collection $shorts): array
    {
        $core = $state->core[$component->coreId()];
        $unit = $state->kit->unit;
        $takings = $state->takingsOf($component);
        $own = $kept[$component->id] ?? [];
        $here = $state->hereOf($component);
        $left = $here - (int) $takings->sum('quantity');
        $isSheets = $component->kind->isSheets();
        $keep = $isSheets ? self::keptSheets($own, $state) : Wording::count($core, $left, $unit);

        return [
            'id' => $component->coreId(),
            'isStash' => $component->kit_id !== $state->kit->id,
            'have' => Wording::count($core, $here, $unit),
            'cells' => (object) $takings->filter(fn (Taking $taking): bool => $state->cards->has($taking->card_id))
                ->groupBy('card_id')
                ->map(static fn ($own): array => array_values($own->map(static fn (Taking $taking): array => self::cell($taking, $state, $shorts))->all()))
                ->all(),
            'keep' => $keep,
            'use' => Wanted::tryFrom($state->kit->wishes['uses'][$component->coreId()] ?? '')->value ?? Wanted::AsItComes->value,
            'short' => match (true) {
                $isSheets && $shorts->isNotEmpty() => Wording::plural($shorts->count(), 'piece'),
                ! $isSheets && ! $core->isEndless() && $left < 0 => Wording::count($core, -$left, $unit),
                default => null,
            },
            'shortfalls' => array_values($shorts->map(static fn (Taking $taking): array => [
                'card' => $taking->card_id,
                'part' => $taking->part,
                'says' => "Card {$taking->card->number} is without its {$taking->partName()}".($taking->size() === null ? '' : ", {$taking->size()->label($unit)}").'.',
                'ways' => array_map(static fn (WayOut $way): array => ['kind' => $way->kind, 'says' => $way->says], Grid::waysOut($state, $taking)),
            ])->all()),
            'balance' => match (true) {
                $core->isEndless() => 'It is never used up.',
                $isSheets => sprintf('Kept of %s: %s.', Wording::plural($here, 'sheet'), $keep),
                $left < 0 => sprintf('%s more than the %s there are.', Wording::count($core, -$left, $unit), Wording::count($core, $here, $unit)),
                default => sprintf('Kept: %s of %s.', $keep, Wording::count($core, $here, $unit)),
            },
        ];
    }

    /** @param  list<Kept>  $kept */
    private static function keptSheets(array $kept, TableState $state): string
    {
        $whole = count(array_filter($kept, static fn (Kept $part): bool => $part->isWhole));
        $parts = array_map(static fn (Kept $part): string => $part->size->format($state->kit->unit), array_filter($kept, static fn (Kept $part): bool => ! $part->isWhole));
        $said = array_filter([$whole > 0 ? "$whole whole" : null, ...array_slice($parts, 0, $whole > 0 ? 1 : 2)]);

        return $said === [] ? 'nothing' : implode(', ', $said);
    }

    /**
     * @param  Collection<int, Taking>  $shorts
     * @return array<string, mixed>
     */
    private static function cell(Taking $taking, TableState $state, Collection $shorts): array
    {
        $size = $taking->size();
        $part = $taking->partName();

        return [
            'part' => $part,
            'amount' => $size === null ? Wording::taken($state->core[Component::coreIdOf($taking->component_id)], $taking->quantity, $state->kit->unit) : $size->format($state->kit->unit),
            'said' => $size === null ? "its $part" : Wording::one($part).' '.$size->label($state->kit->unit),
            'quantity' => $size === null ? $taking->quantity : 1,
            'size' => $size === null ? null : GoodView::size($size),
            'face' => $taking->face,
            'isCut' => $taking->sheet_id !== null,
            'isPinned' => $taking->is_pinned,
            'isShort' => $shorts->contains('id', $taking->id),
        ];
    }
}
