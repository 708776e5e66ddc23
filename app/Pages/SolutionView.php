<?php

namespace App\Pages;

use App\Models\Kit;
use App\Table\TableState;
use App\Wording\Wording;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Share\Merit;
use KeepShare\Core\Table\Remains;

/** A share-out to be compared with another: its faces, and its figures in the order in which they are weighed. */
final readonly class SolutionView
{
    /**
     * @param  list<CoreCard>  $cards
     * @return array<string, mixed>
     */
    public static function of(array $cards, TableState $state): array
    {
        return [
            'fronts' => array_map(static fn (CoreCard $card): array => FrontView::of($card, $state->core, $state->kit->unit), $cards),
            'figures' => self::figures($cards, $state),
        ];
    }

    /**
     * @param  list<CoreCard>  $cards
     * @return list<array{name: string, value: string, money?: array{amount: string, currency: string}|null}>
     */
    private static function figures(array $cards, TableState $state): array
    {
        $table = $state->tableWith([]);
        $spread = array_count_values(array_map(static fn (CoreCard $card): string => $card->occasion->label(), $cards));
        arsort($spread);
        $opened = array_sum(array_map(static fn (CutPlan $plan): int => $plan->sheetsOpened(), Remains::on($table->after(...$cards))->plans()));
        $together = $cards === [] ? 0 : intdiv(array_sum(array_map(static fn (CoreCard $card): int => Merit::togetherOn($card, $table), $cards)), count($cards));
        $stash = array_sum(array_map($table->fromStash(...), $cards));

        return [
            ['name' => 'Cards', 'value' => (string) count($cards)],
            ['name' => 'Spread', 'value' => $spread === [] ? 'none' : implode(', ', array_map(static fn (string $occasion, int $many): string => "$many $occasion", array_keys($spread), $spread))],
            ['name' => 'How well the papers go together', 'value' => "$together of 100"],
            ['name' => 'Whole sheets opened', 'value' => (string) $opened],
            ['name' => 'Whole sheets kept', 'value' => (string) max(0, self::wholes($state->kit, $state) - $opened)],
            ['name' => 'Taken from the stash', 'value' => Wording::plural($stash, 'thing')],
            ['name' => 'Cost of a card', 'value' => 'no price', 'money' => self::cost($state->kit, count($cards))],
        ];
    }

    private static function wholes(Kit $kit, TableState $state): int
    {
        return $state->components->where('kit_id', $kit->id)->sum(static fn ($component): int => $component->kind->isSheets() ? $state->sheetsHere($component) : 0);
    }

    /** @return array{amount: string, currency: string}|null */
    private static function cost(Kit $kit, int $cards): ?array
    {
        $each = $cards === 0 ? null : $kit->price()?->over($cards);

        return $each === null ? null : MoneyView::of($each);
    }

    /**
     * What is another on the cards that are found than on those that lie there, card by card.
     *
     * @param  list<CoreCard>  $now
     * @param  list<CoreCard>  $then
     * @return list<array{number: int, says: string, kind: string}>
     */
    public static function changes(array $now, array $then, TableState $state): array
    {
        $now = array_column(array_map(static fn (CoreCard $card): array => [$card->number, $card], $now), 1, 0);
        $then = array_column(array_map(static fn (CoreCard $card): array => [$card->number, $card], $then), 1, 0);
        $numbers = array_keys($now + $then);
        sort($numbers);

        return array_map(static function (int $number) use ($now, $then, $state): array {
            [$old, $new] = [$now[$number] ?? null, $then[$number] ?? null];

            return match (true) {
                $new === null => ['number' => $number, 'kind' => 'gone', 'says' => 'taken back'],
                $old === null => ['number' => $number, 'kind' => 'new', 'says' => "new: {$new->sketch->name}, {$new->occasion->label()}"],
                default => self::change($old, $new, $state),
            };
        }, $numbers);
    }

    /** @return array{number: int, says: string, kind: string} */
    private static function change(CoreCard $old, CoreCard $new, TableState $state): array
    {
        $says = [];
        if ($old->sketch->key !== $new->sketch->key) {
            $says[] = "{$new->sketch->name} in place of {$old->sketch->name}";
        }
        if ($old->occasion !== $new->occasion) {
            $says[] = "{$new->occasion->label()} in place of {$old->occasion->label()}";
        }
        $isTurned = ! $old->front->equals($new->front);
        if ($isTurned) {
            $says[] = $new->front->isLying() ? 'lying in place of upright' : 'upright in place of lying';
        }
        if ($old->fold !== $new->fold && ! ($isTurned && $old->fold->turned() === $new->fold)) {
            $says[] = "{$new->fold->label()} in place of {$old->fold->label()}";
        }
        $names = static fn (CoreCard $card): array => array_values(array_unique(array_map(static fn (Taking $taking): string => $state->core[$taking->component]->name, $card->takings)));
        $gone = array_diff($names($old), $names($new));
        $come = array_diff($names($new), $names($old));
        if ($come !== []) {
            $says[] = 'takes '.implode(', ', $come).($gone === [] ? '' : ' and no '.implode(', ', $gone));
        } elseif ($gone !== []) {
            $says[] = 'takes no '.implode(', ', $gone);
        }

        if ($says === [] && self::takes($old) !== self::takes($new)) {
            $says[] = 'other sides or places of the same papers';
        }

        return ['number' => $new->number, 'kind' => $says === [] ? 'stays' : 'changed', 'says' => $says === [] ? 'stays as it is' : implode('; ', $says)];
    }

    /** @return list<string> what each part takes, whichever is written first */
    private static function takes(CoreCard $card): array
    {
        $takes = array_map(static fn (Taking $taking): string => "$taking->part $taking->component/$taking->face $taking->quantity {$taking->size?->width->units} {$taking->size?->height->units}", $card->takings);
        sort($takes);

        return $takes;
    }
}
