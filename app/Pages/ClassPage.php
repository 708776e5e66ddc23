<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\Classroom;

/** So many sets of the same cards: what they need, what is here, what has to be added, and the cuts grouped by setting. */
final class ClassPage
{
    /** @return array<string, mixed> */
    public static function of(Kit $kit, int $sets): array
    {
        $state = TableState::of($kit);
        $cards = array_values($state->cards->map(static fn (Card $card) => $card->toCore())->all());
        $needs = Classroom::of($state->table(), $cards, $sets);

        return [
            'sets' => $sets,
            'most' => Classroom::MOST_SETS,
            'cards' => count($cards),
            'groups' => array_map(static fn (array $group): array => ['title' => $group['title'], 'lines' => array_map(static fn (Classroom $need): array => ['component' => $need->component], $group['lines'])], Wording::grouped($needs, static fn (Classroom $need): Component => $state->components->firstOrFail(static fn (Component $one): bool => $one->coreId() === $need->component))),
            'lines' => array_column(array_map(static fn (Classroom $need): array => self::line($need, $state), $needs), null, 'component'),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(Classroom $need, TableState $state): array
    {
        $core = $state->core[$need->component];
        $unit = $state->kit->unit;
        $here = $state->hereOf($state->components->firstOrFail(static fn (Component $one): bool => $one->coreId() === $need->component));
        $amount = static fn (int $count): string => $core->kind()->isByLength() ? Length::ofUnits($count)->label($unit) : ($core->kind()->isSheets() ? Wording::plural($count, 'sheet') : (string) $count);

        return [
            'component' => $need->component,
            'name' => $state->nameOf(Component::idOfCore($need->component)),
            'needs' => $amount($need->needs),
            'here' => $amount(max(0, $here)),
            'add' => $need->needs > $here ? $amount($need->needs - max(0, $here)) : null,
            'settings' => array_map(static fn (int $at, int $cuts): array => ['at' => Length::ofUnits($at)->label($unit), 'cuts' => $cuts], array_keys($need->settings), $need->settings),
        ];
    }
}
