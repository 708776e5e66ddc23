<?php

namespace App\Tally;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Taking;
use App\Table\TableState;
use App\View\GoodView;
use App\View\MoneyView;
use App\View\Page;
use App\Wording\Wording;
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Check\EnvelopeToBuy;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tally\Evenness;
use KeepShare\Core\Tally\RunOut;
use KeepShare\Core\Tally\Share;
use KeepShare\Core\Tally\UsedCost;

/**
 * What the kit gave.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type Money from MoneyView
 *
 * @phpstan-type TallyLine array{id: string, percent: int, said: string}
 * @phpstan-type FromStash array{id: string, name: string, said: string, pack: string, price: string, cost: Money|null}
 */
final readonly class TallyPage extends Page
{
    /**
     * @param  int  $made  of the cards
     * @param  int  $bonus  of the cards
     * @param  Money|null  $price
     * @param  Money|null  $each
     * @param  Money|null  $eachPromised
     * @param  list<array{label: string, cards: int}>  $occasions
     * @param  list<array{title: string, lines: list<TallyLine>}>  $groups
     * @param  list<FromStash>  $stash  what the stash added
     * @param  Money|null  $stashCost  of that of which the price is known
     * @param  string|null  $currency  in which prices of the stash are typed; null where it has another than the kit
     * @param  string  $ranOut  what ran out first
     * @param  string  $even  whether it went evenly
     * @param  list<string>  $envelopes  what to buy for the cards that have none
     * @param  Goods  $goods
     */
    private function __construct(
        public int $cards,
        public int $made,
        public int $promised,
        public int $bonus,
        public ?int $minutes,
        public ?array $price,
        public ?array $each,
        public ?array $eachPromised,
        public array $occasions,
        public array $groups,
        public array $stash,
        public ?array $stashCost,
        public ?string $currency,
        public string $ranOut,
        public string $even,
        public array $envelopes,
        public array $goods,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $own = $state->components->where('kit_id', $kit->id)
            ->reject(static fn (Component $component): bool => $state->core[$component->coreId()]->isEndless());
        $added = KitsGave::ofStash($kit);

        return new self(
            $state->cards->count(),
            $state->cards->whereNotNull('made_at')->count(),
            $kit->promised,
            $state->cards->where('is_bonus', true)->count(),
            KitsGave::minutesOfOne($kit),
            MoneyView::of($kit->price()),
            MoneyView::of(KitsGave::each($kit, $state->cards->count())),
            MoneyView::of($kit->promised === 0 ? null : $kit->price()?->over($kit->promised)),
            self::occasions($state),
            Wording::grouped($own, static fn (Component $component): array => self::line($component, $state)),
            self::stash($state),
            MoneyView::of($added === 0 || $kit->currency === null ? null : Price::of($added, $kit->currency)),
            self::currency($kit),
            self::ranOut($own, $state),
            Evenness::says(self::shares($own, $state)),
            self::envelopes($state),
            GoodView::all($state->core),
        );
    }

    /** The currency for a price of the stash: its own, or that of the kit if it has none yet. */
    private static function currency(Kit $kit): ?string
    {
        $stash = Kit::stash()?->currency;

        return $stash === null || $stash === $kit->currency ? $kit->currency : null;
    }

    /** @param  iterable<Component>  $own */
    private static function ranOut(iterable $own, TableState $state): string
    {
        $used = [];
        foreach ($own as $component) {
            $takes = [];
            foreach (self::takingsOf($component, $state) as $taking) {
                $number = $taking->card->number;
                $takes[$number] = ($takes[$number] ?? 0) + ($taking->size()?->area() ?? $taking->quantity);
            }
            $used[$component->coreId()] = ['all' => self::untilOut($component, $state), 'takes' => $takes];
        }
        $first = RunOut::first($used);

        return $first === null ? '' : "{$state->core[$first->component]->name}, with card $first->card";
    }

    /** A tenth of a paper is always left over, so with that much left it has run out. */
    private static function untilOut(Component $component, TableState $state): int
    {
        if (! $component->kind->isSheets()) {
            return max(1, $state->here[$component->id] ?? 0);
        }
        $area = array_sum(array_map(static fn (Size $size): int => $size->area(), $state->wholes($component)));

        return max(1, intdiv(9 * $area, 10));
    }

    /**
     * @param  iterable<Component>  $own
     * @return array<string, int> how much of each group is used, in per cent
     */
    private static function shares(iterable $own, TableState $state): array
    {
        $shares = [];
        foreach (Wording::grouped($own, static fn (Component $component): int => self::line($component, $state)['percent']) as $group) {
            $shares[$group['title']] = intdiv(array_sum($group['lines']), count($group['lines']));
        }

        return $shares;
    }

    /** @return list<array{label: string, cards: int}> the most frequent first */
    private static function occasions(TableState $state): array
    {
        $counts = $state->cards->countBy(static fn (Card $card): string => $card->occasion->label())->sortDesc()->all();

        return array_map(
            static fn (string $label, int $cards): array => ['label' => $label, 'cards' => $cards],
            array_keys($counts),
            $counts,
        );
    }

    /** @return TallyLine */
    private static function line(Component $component, TableState $state): array
    {
        return $component->kind->isSheets() ? self::ofSheets($component, $state) : self::ofCount($component, $state);
    }

    /** @return TallyLine */
    private static function ofSheets(Component $component, TableState $state): array
    {
        $takings = self::takingsOf($component, $state);
        $pieces = array_values(array_filter(array_map(static fn (Taking $taking): ?Size => $taking->size(), $takings)));
        $sheets = $state->wholes($component);

        return [
            'id' => $component->coreId(),
            'percent' => Share::ofArea($pieces, $sheets),
            'said' => Wording::plural(count($pieces), 'piece').' from '.Wording::plural(count($sheets), 'sheet'),
        ];
    }

    /** @return TallyLine */
    private static function ofCount(Component $component, TableState $state): array
    {
        $core = $state->core[$component->coreId()];
        $unit = $state->kit->unit;
        $used = self::quantity(self::takingsOf($component, $state));
        $here = $state->here[$component->id] ?? 0;

        return [
            'id' => $component->coreId(),
            'percent' => Share::ofCount($used, $here),
            'said' => Wording::count($core, $used, $unit).' of '.Wording::count($core, $here, $unit),
        ];
    }

    /** @return list<Taking> by cards of this kit */
    private static function takingsOf(Component $component, TableState $state): array
    {
        $isOwn = static fn (Taking $taking): bool => $state->cards->has($taking->card_id);

        return array_values($state->takingsOf($component)->filter($isOwn)->all());
    }

    /** @param  list<Taking>  $takings */
    private static function quantity(array $takings): int
    {
        return array_sum(array_map(static fn (Taking $taking): int => $taking->quantity, $takings));
    }

    /** @return list<string> "4 × A2" */
    private static function envelopes(TableState $state): array
    {
        $counts = [];
        foreach ($state->cards as $card) {
            if ($state->coreOf($card)->taking(EnvelopePart::ID) !== null) {
                continue;
            }
            $needs = EnvelopeToBuy::for($state->inHand($card))->value ?? 'one that is made';
            $counts[$needs] = ($counts[$needs] ?? 0) + 1;
        }

        return array_map(static fn (string $needs, int $count): string => "$count × $needs", array_keys($counts), $counts);
    }

    /** @return list<FromStash> */
    private static function stash(TableState $state): array
    {
        $added = [];
        // What was moved from the stash still counts as the stash's, though it is with the kit.
        $broughtOver = LedgerEntry::query()
            ->whereIn('component_id', $state->components->keys()->all())
            ->where('reason', LedgerReason::FromStash)
            ->pluck('component_id', 'component_id');
        foreach ($state->components as $component) {
            $isOwn = $component->kit_id === $state->kit->id;
            $takings = $isOwn && ! $broughtOver->has($component->id) ? [] : self::takingsOf($component, $state);
            if ($takings !== []) {
                $added[] = self::fromStash($component, $takings, $state);
            }
        }

        return $added;
    }

    /**
     * @param  non-empty-list<Taking>  $takings
     * @return FromStash
     */
    private static function fromStash(Component $component, array $takings, TableState $state): array
    {
        $core = $state->core[$component->coreId()];
        $isSheets = $component->kind->isSheets();
        $currency = self::currency($state->kit) ?? '';
        $cost = $component->price_minor === null ? null : Price::of(KitsGave::costOf($component, collect($takings)), $currency);

        return [
            'id' => $component->coreId(),
            'name' => $component->name,
            'said' => $isSheets
                ? Wording::plural(count($takings), 'piece')
                : Wording::count($core, self::quantity($takings), $state->kit->unit),
            // What is never used up costs nothing, and what was moved is priced where it is.
            'pack' => $core->isEndless() || $component->kit_id === $state->kit->id
                ? ''
                : UsedCost::soldAs($component->asPriced(), $state->kit->unit),
            'price' => $component->price_minor === null ? '' : Price::of($component->price_minor, $currency)->amount(),
            'cost' => $currency === '' ? null : MoneyView::of($cost),
        ];
    }
}
