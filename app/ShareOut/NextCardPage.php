<?php

namespace App\ShareOut;

use App\Models\Kit;
use App\Table\TableState;
use App\View\FrontView;
use App\View\GoodView;
use App\View\Later;
use App\View\Page;
use Closure;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Outlook\Option;

/**
 * The possible next cards, with what each uses up and what stays possible after it.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Goods from GoodView
 *
 * @phpstan-type NextOption array{
 *     front: Front,
 *     fold: string|null,
 *     leaves: int,
 *     takes: list<string>,
 *     usesUp: list<string>,
 * }
 */
final readonly class NextCardPage extends Page
{
    /**
     * @param  Closure(): Goods  $goods
     * @param  Closure(): list<NextOption>  $options
     * @param  array{isUnderWay: bool, done: int}  $looking
     */
    private function __construct(public Closure $goods, public int $cards, public Closure $options, public array $looking)
    {
    }

    public static function of(Kit $kit, NextCards $next): self
    {
        $state = Later::of(static fn (): TableState => TableState::of($kit));
        $found = $next->found($kit);
        if ($found === null) {
            $next->look($kit);
            $found = $next->found($kit);
        }

        return new self(
            static fn (): array => GoodView::all($state()->core),
            $kit->cards()->count(),
            static fn (): array => array_map(static fn (Option $option): array => self::option($option, $state()), $found ?? []),
            ['isUnderWay' => $found === null, 'done' => NextCards::search($kit)->soFar()],
        );
    }

    /** @return NextOption */
    private static function option(Option $option, TableState $state): array
    {
        $unit = $state->kit->unit;
        $takes = static fn (Taking $taking): string => $state->core[$taking->component]->name
            .($taking->size === null ? '' : ' '.$taking->size->format($unit));

        return [
            'front' => FrontView::of($option->card, $state->core, $unit),
            'fold' => in_array($option->card->fold, FoldKind::onWish(), true) ? $option->card->fold->label() : null,
            'leaves' => $option->leaves,
            'takes' => array_map($takes, $option->card->takings),
            'usesUp' => self::usesUp($option, $state),
        ];
    }

    /** @return list<string> the components it takes the last of */
    private static function usesUp(Option $option, TableState $state): array
    {
        $free = $state->table()->laying->after($option->card)->free;
        $names = [];
        foreach ($option->card->takings as $taking) {
            $core = $state->core[$taking->component];
            if ($taking->size === null && ! $core->isEndless() && ($free[$core->id] ?? 0) <= 0) {
                $names[$core->id] = $core->name;
            }
        }

        return array_values($names);
    }
}
