<?php

namespace App\ShareOut;

use App\Models\Component;
use App\Table\TableState;
use App\View\FrontView;
use App\View\MoneyView;
use App\Wording\Wording;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Table\RemainingStock;

/**
 * A share-out to be compared with another: its fronts, and its figures in the order of their weight.
 *
 * @phpstan-import-type Front from FrontView
 * @phpstan-import-type Money from MoneyView
 *
 * @phpstan-type ComparedFigure array{name: string, value: string, money: Money|null}
 * @phpstan-type SharedOut array{fronts: list<Front>, figures: list<ComparedFigure>}
 * @phpstan-type CardChange array{number: int, kind: 'new'|'gone'|'changed'|'stays', says: string}
 */
final readonly class SolutionView
{
    /**
     * @param  list<CoreCard>  $cards
     * @return SharedOut
     */
    public static function of(array $cards, TableState $state): array
    {
        $front = static fn (CoreCard $card): array => FrontView::of($card, $state->core, $state->kit->unit);

        return ['fronts' => array_map($front, $cards), 'figures' => self::figures($cards, $state)];
    }

    /**
     * @param  list<CoreCard>  $cards
     * @return list<ComparedFigure>
     */
    private static function figures(array $cards, TableState $state): array
    {
        $table = $state->tableWith([]);
        $opened = array_map(static fn (CutPlan $plan): int => $plan->sheetsOpened(), RemainingStock::on($table->after(...$cards))->plans());
        $openedOfKit = array_sum(array_diff_key($opened, $table->stash));
        $fits = array_sum(array_map(static fn (CoreCard $card): int => Score::togetherOn($card, $table), $cards));
        $together = $cards === [] ? 0 : intdiv($fits, count($cards));
        $stash = array_sum(array_map($table->fromStash(...), $cards));
        $each = $cards === [] ? null : $state->kit->price()?->over(count($cards));

        return [
            self::figure('Cards', (string) count($cards)),
            self::figure('Spread', self::spread($cards)),
            self::figure('How well the papers go together', "$together of 100"),
            self::figure('Whole sheets opened', (string) array_sum($opened)),
            self::figure('Whole sheets of the kit left', (string) max(0, self::wholes($state) - $openedOfKit)),
            self::figure('Taken from the stash', Wording::plural($stash, 'thing')),
            ['name' => 'Cost of a card', 'value' => 'no price', 'money' => MoneyView::of($each)],
        ];
    }

    /** @return ComparedFigure */
    private static function figure(string $name, string $value): array
    {
        return ['name' => $name, 'value' => $value, 'money' => null];
    }

    /** @param  list<CoreCard>  $cards */
    private static function spread(array $cards): string
    {
        $spread = array_count_values(array_map(static fn (CoreCard $card): string => $card->occasion->label(), $cards));
        arsort($spread);
        $said = array_map(static fn (string $occasion, int $many): string => "$many $occasion", array_keys($spread), $spread);

        return $said === [] ? 'none' : implode(', ', $said);
    }

    private static function wholes(TableState $state): int
    {
        $own = $state->components->where('kit_id', $state->kit->id);

        return $own->sum(static fn (Component $one): int => $one->kind->isSheets() ? $state->sheetsHere($one) : 0);
    }

    /**
     * How the found cards differ from the present ones, card by card.
     *
     * @param  list<CoreCard>  $now
     * @param  list<CoreCard>  $then
     * @return list<CardChange>
     */
    public static function changes(array $now, array $then, TableState $state): array
    {
        $now = array_column($now, null, 'number');
        $then = array_column($then, null, 'number');
        $numbers = array_keys($now + $then);
        sort($numbers);

        return array_map(
            static fn (int $number): array => self::change($number, $now[$number] ?? null, $then[$number] ?? null, $state),
            $numbers,
        );
    }

    /** @return CardChange */
    private static function change(int $number, ?CoreCard $old, ?CoreCard $new, TableState $state): array
    {
        if ($new === null) {
            return ['number' => $number, 'kind' => 'gone', 'says' => 'taken back'];
        }
        if ($old === null) {
            $says = "new: {$new->sketch->name}, {$new->occasion->label()}";

            return ['number' => $number, 'kind' => 'new', 'says' => $says];
        }
        $says = [...self::changedDesign($old, $new), ...self::changedGoods($old, $new, $state)];
        if ($says === [] && self::takes($old) !== self::takes($new)) {
            $says[] = 'other sides or places of the same papers';
        }

        return $says === []
            ? ['number' => $number, 'kind' => 'stays', 'says' => 'stays as it is']
            : ['number' => $number, 'kind' => 'changed', 'says' => implode('; ', $says)];
    }

    /** @return list<string> */
    private static function changedDesign(CoreCard $old, CoreCard $new): array
    {
        $says = [];
        if ($old->sketch->key !== $new->sketch->key) {
            $says[] = "{$new->sketch->name} in place of {$old->sketch->name}";
        }
        if (! $old->occasion->equals($new->occasion)) {
            $says[] = "{$new->occasion->label()} in place of {$old->occasion->label()}";
        }
        $isTurned = ! $old->front->equals($new->front);
        if ($isTurned) {
            $says[] = $new->front->isLying() ? 'lying in place of upright' : 'upright in place of lying';
        }
        if ($old->fold !== $new->fold && ! ($isTurned && $old->fold->turned() === $new->fold)) {
            $says[] = "{$new->fold->label()} in place of {$old->fold->label()}";
        }

        return $says;
    }

    /** @return list<string> */
    private static function changedGoods(CoreCard $old, CoreCard $new, TableState $state): array
    {
        $gone = implode(', ', array_diff(self::names($old, $state), self::names($new, $state)));
        $come = implode(', ', array_diff(self::names($new, $state), self::names($old, $state)));

        return match (true) {
            $come !== '' && $gone !== '' => ["takes $come and no $gone"],
            $come !== '' => ["takes $come"],
            $gone !== '' => ["takes no $gone"],
            default => [],
        };
    }

    /** @return list<string> */
    private static function names(CoreCard $card, TableState $state): array
    {
        $name = static fn (Taking $taking): string => $state->core[$taking->component]->name;

        return array_values(array_unique(array_map($name, $card->takings)));
    }

    /** @return list<string> what each part takes, whichever is written first */
    private static function takes(CoreCard $card): array
    {
        $takes = array_map(static fn (Taking $taking): string => implode(' ', [
            $taking->part,
            $taking->component,
            $taking->face,
            $taking->quantity,
            $taking->size?->width->units,
            $taking->size?->height->units,
        ]), $card->takings);
        sort($takes);

        return $takes;
    }
}
