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
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\EnvelopeToBuy;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Tally\Share;

/**
 * What the kit gave.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type Money from MoneyView
 *
 * @phpstan-type TallyLine array{id: string, percent: int, said: string}
 */
final readonly class TallyPage extends Page
{
    /**
     * @param  int  $bonus  of the cards
     * @param  Money|null  $price
     * @param  Money|null  $each
     * @param  Money|null  $eachPromised
     * @param  list<array{label: string, cards: int}>  $occasions
     * @param  list<array{title: string, lines: list<TallyLine>}>  $groups
     * @param  list<string>  $stash  what the stash added
     * @param  list<string>  $envelopes  what to buy for the cards that have none
     * @param  Goods  $goods
     */
    private function __construct(
        public int $cards,
        public int $promised,
        public int $bonus,
        public ?array $price,
        public ?array $each,
        public ?array $eachPromised,
        public array $occasions,
        public array $groups,
        public array $stash,
        public array $envelopes,
        public array $goods,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $state = TableState::of($kit);
        $cards = $state->cards->count();
        $price = $kit->price();
        $own = $state->components->where('kit_id', $kit->id)
            ->reject(static fn (Component $component): bool => $state->core[$component->coreId()]->isEndless());

        return new self(
            $cards,
            $kit->promised,
            $state->cards->where('is_bonus', true)->count(),
            MoneyView::of($price),
            MoneyView::of($cards === 0 ? null : $price?->over($cards)),
            MoneyView::of($kit->promised === 0 ? null : $price?->over($kit->promised)),
            self::occasions($state),
            Wording::grouped($own, static fn (Component $component): array => self::line($component, $state)),
            self::stash($state),
            self::envelopes($state),
            GoodView::all($state->core),
        );
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
        $whole = $state->sheetsOf($component)->where('is_whole', true)->where('state', '!==', SheetState::Spoiled);
        $sheets = array_values($whole->map(static fn (Sheet $sheet): Size => $sheet->size())->all());

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
            $core = $card->toCore();
            if ($core->taking(EnvelopePart::ID) !== null) {
                continue;
            }
            $needs = EnvelopeToBuy::for(CardInHand::of($core, $state->core, $state->kit->unit, []))->value ?? 'one that is made';
            $counts[$needs] = ($counts[$needs] ?? 0) + 1;
        }

        return array_map(static fn (string $needs, int $count): string => "$count × $needs", array_keys($counts), $counts);
    }

    /** @return list<string> */
    private static function stash(TableState $state): array
    {
        $added = [];
        // What was handed over from the stash is the stash's still, though it lies with the kit.
        $broughtOver = LedgerEntry::query()
            ->whereIn('component_id', $state->components->keys()->all())
            ->where('reason', LedgerReason::FromStash)
            ->pluck('component_id', 'component_id');
        foreach ($state->components as $component) {
            if ($component->kit_id === $state->kit->id && ! $broughtOver->has($component->id)) {
                continue;
            }
            $takings = self::takingsOf($component, $state);
            if ($takings === []) {
                continue;
            }
            $core = $state->core[$component->coreId()];
            $added[] = "$component->name: ".($component->kind->isSheets()
                ? Wording::plural(count($takings), 'piece')
                : Wording::count($core, self::quantity($takings), $state->kit->unit));
        }

        return $added;
    }
}
