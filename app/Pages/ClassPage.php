<?php

namespace App\Pages;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\Classroom;

/**
 * So many sets of the same cards: what they need, what is here, what has to be added, and the cuts grouped by setting.
 *
 * @phpstan-type ClassLine array{
 *     component: string,
 *     name: string,
 *     needs: string,
 *     here: string,
 *     add: string|null,
 *     settings: list<array{at: string, cuts: int}>,
 * }
 */
final readonly class ClassPage extends Page
{
    /** @param  list<array{title: string, lines: list<ClassLine>}>  $groups */
    private function __construct(public int $sets, public int $most, public int $cards, public array $groups)
    {
    }

    public static function of(Kit $kit, int $sets): self
    {
        $state = TableState::of($kit);
        $cards = array_values($state->cards->map(static fn (Card $card): CoreCard => $card->toCore())->all());
        $needs = array_column(Classroom::of($state->table(), $cards, $sets), null, 'component');

        return new self($sets, Classroom::MOST_SETS, count($cards), Wording::grouped(
            $state->components->filter(static fn (Component $one): bool => isset($needs[$one->coreId()])),
            static fn (Component $one): array => self::line($needs[$one->coreId()], $one, $state),
        ));
    }

    /** @return ClassLine */
    private static function line(Classroom $need, Component $component, TableState $state): array
    {
        $unit = $state->kit->unit;
        $here = max(0, $state->hereOf($component));
        $amount = static fn (int $count): string => match (true) {
            $component->kind->isByLength() => Length::ofUnits($count)->label($unit),
            $component->kind->isSheets() => Wording::plural($count, 'sheet'),
            default => (string) $count,
        };

        return [
            'component' => $need->component,
            'name' => $state->nameOf($component->id),
            'needs' => $amount($need->needs),
            'here' => $amount($here),
            'add' => $need->needs > $here ? $amount($need->needs - $here) : null,
            'settings' => array_map(
                static fn (int $at, int $cuts): array => ['at' => Length::ofUnits($at)->label($unit), 'cuts' => $cuts],
                array_keys($need->settings),
                $need->settings,
            ),
        ];
    }
}
