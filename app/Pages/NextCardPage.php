<?php

namespace App\Pages;

use App\Actions\NextCards;
use App\Models\Kit;
use App\Table\TableState;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Outlook\Option;

/** The cards that could be the next, with what each uses up and what it leaves possible. */
final readonly class NextCardPage
{
    public function __construct(private NextCards $next)
    {
    }

    /** @return array<string, mixed> */
    public function of(Kit $kit): array
    {
        $state = TableState::of($kit);
        $found = $this->next->found($kit);
        if ($found === null) {
            $this->next->look($kit);
            $found = $this->next->found($kit);
        }

        return [
            'goods' => GoodView::all($state->core),
            'cards' => $state->cards->count(),
            'options' => array_map(static fn (Option $option): array => [
                'front' => FrontView::of($option->card, $state->core, $kit->unit),
                'fold' => in_array($option->card->fold, FoldKind::onWish(), true) ? $option->card->fold->label() : null,
                'leaves' => $option->leaves,
                'takes' => array_map(static fn (Taking $taking): string => $state->core[$taking->component]->name.($taking->size === null ? '' : ' '.$taking->size->format($kit->unit)), $option->card->takings),
                'usesUp' => self::usesUp($option, $state),
            ], $found ?? []),
            'looking' => ['isUnderWay' => $found === null, 'done' => NextCards::search($kit)->soFar()],
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
