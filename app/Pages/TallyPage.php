<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tally\Share;

/** What the kit gave. */
final class TallyPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $cards = $state->cards->count();
        $own = $state->components->where('kit_id', $kit->id)->reject(static fn (Component $component): bool => $state->core[$component->coreId()]->isEndless());

        return [
            'cards' => $cards,
            'promised' => $kit->promised,
            'bonus' => $state->cards->where('is_bonus', true)->count(),
            'price' => $kit->price() === null ? null : MoneyView::of($kit->price()),
            'each' => $kit->price() === null || $cards === 0 ? null : MoneyView::of($kit->price()->over($cards)),
            'eachPromised' => $kit->price() === null || $kit->promised === 0 ? null : MoneyView::of($kit->price()->over($kit->promised)),
            'occasions' => $state->cards->countBy(static fn (Card $card): string => $card->occasion->label())->sortDesc()->map(static fn (int $n, string $label): array => ['label' => $label, 'cards' => $n])->values()->all(),
            'groups' => array_map(static fn (array $group): array => [
                'title' => $group['title'],
                'lines' => array_map(static fn (Component $component): array => self::line($component, $state), $group['lines']),
            ], Wording::grouped($own, static fn (Component $component): Component => $component)),
            'stash' => self::stash($state),
            'goods' => GoodView::all($state->core),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Component $component, TableState $state): array
    {
        $takings = self::takingsOf($component, $state);
        $core = $state->core[$component->coreId()];
        if ($component->kind->isSheets()) {
            $pieces = array_values(array_filter(array_map(static fn (Taking $taking): ?Size => $taking->size(), $takings)));
            $sheets = array_values($state->sheetsOf($component)->where('is_whole', true)->where('state', '!==', SheetState::Spoiled)->map(static fn (Sheet $sheet): Size => $sheet->size())->all());

            return ['id' => $component->coreId(), 'percent' => Share::ofArea($pieces, $sheets), 'said' => sprintf('%s from %s', Wording::plural(count($pieces), 'piece'), Wording::plural(count($sheets), 'sheet'))];
        }
        $used = array_sum(array_map(static fn (Taking $taking): int => $taking->quantity, $takings));
        $here = $state->here[$component->id] ?? 0;

        return [
            'id' => $component->coreId(),
            'percent' => Share::ofCount($used, $here),
            'said' => sprintf('%s of %s', Wording::count($core, $used, $state->kit->unit), Wording::count($core, $here, $state->kit->unit)),
        ];
    }

    /** @return list<Taking> by cards of this kit */
    private static function takingsOf(Component $component, TableState $state): array
    {
        return array_values($state->takingsOf($component)->filter(static fn (Taking $taking): bool => $state->cards->has($taking->card_id))->all());
    }

    /** @return list<string> what the stash added */
    private static function stash(TableState $state): array
    {
        $added = [];
        // What was handed over from the stash is the stash's still, though it lies with the kit.
        $broughtOver = LedgerEntry::query()->whereIn('component_id', $state->components->keys()->all())->where('reason', LedgerReason::FromStash)->pluck('component_id', 'component_id')->all();
        foreach ($state->components as $component) {
            if ($component->kit_id === $state->kit->id && ! isset($broughtOver[$component->id])) {
                continue;
            }
            $takings = self::takingsOf($component, $state);
            if ($takings === []) {
                continue;
            }
            $core = $state->core[$component->coreId()];
            $quantity = array_sum(array_map(static fn (Taking $taking): int => $taking->quantity, $takings));
            $added[] = $component->name.': '.($component->kind->isSheets() ? Wording::plural(count($takings), 'piece') : Wording::count($core, $quantity, $state->kit->unit));
        }

        return $added;
    }
}
