<?php

namespace App\Tally;

use App\Journal\Journal;
use App\Models\Kit;
use App\View\MoneyView;
use App\View\Page;
use Carbon\CarbonImmutable;

/**
 * What kits gave, side by side and by month.
 *
 * @phpstan-import-type Money from MoneyView
 * @phpstan-import-type UndoRedo from Journal
 *
 * @phpstan-type GaveLine array{
 *     id: int,
 *     url: string,
 *     name: string,
 *     month: string,
 *     promised: int,
 *     cards: int,
 *     made: int,
 *     bonus: int,
 *     each: Money|null,
 *     minor: int, // of what a card cost, to draw it
 *     minutes: int|null,
 *     papers: int,
 * }
 * @phpstan-type MonthOfCards array{month: string, cards: int, bonus: int}
 */
final readonly class GavePage extends Page
{
    /**
     * @param  list<GaveLine>  $kits  the latest first
     * @param  list<MonthOfCards>  $months  every one from the first in which a card was made
     * @param  UndoRedo  $shelf
     */
    private function __construct(public array $kits, public array $months, public array $shelf)
    {
    }

    public static function now(Journal $journal): self
    {
        $gave = KitsGave::all();
        $kits = $gave->kits->map(static fn (Kit $kit): array => self::line($kit, $gave))->all();

        return new self(array_values($kits), self::months(), $journal->atHand(null));
    }

    /** @return GaveLine */
    private static function line(Kit $kit, KitsGave $gave): array
    {
        $cards = $gave->cardsOf($kit);
        $each = $gave->eachOf($kit);

        return [
            'id' => $kit->id,
            'url' => route('kits.tally', $kit, false),
            'name' => $kit->name,
            'month' => KitsGave::monthOf($kit),
            'promised' => $kit->promised,
            'cards' => $cards->cards,
            'made' => $cards->made,
            'bonus' => $cards->bonus,
            'each' => MoneyView::of($each),
            'minor' => $each->minor ?? 0,
            'minutes' => $gave->minutesOf($kit),
            'papers' => $gave->papersOf($kit),
        ];
    }

    /** @return list<MonthOfCards> */
    private static function months(): array
    {
        $made = array_column(KitsGave::months(), null, 'month');
        if ($made === []) {
            return [];
        }
        $months = [];
        $last = max((string) array_key_last($made), CarbonImmutable::today()->format('Y-m'));
        for ($month = CarbonImmutable::parse(array_key_first($made).'-01'); $month->format('Y-m') <= $last; $month = $month->addMonth()) {
            $of = $made[$month->format('Y-m')] ?? null;
            $months[] = ['month' => $month->format('Y-m'), 'cards' => $of->cards ?? 0, 'bonus' => $of->bonus ?? 0];
        }

        return $months;
    }
}
