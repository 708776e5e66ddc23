<?php

namespace App\Pages;

use App\Actions\BetterPlan;
use App\Models\Card;
use App\Models\Kit;

/**
 * Every sheet that is cut, with its cuts in order and its parts by card.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type Bag from CutSheets
 * @phpstan-import-type CutBound from CutSheets
 * @phpstan-import-type SheetEntry from CutSheets
 * @phpstan-import-type SheetInHand from CutSheets
 *
 * @phpstan-type CutProposal array{says: list<string>, path: string, data: array<string, string>}
 * @phpstan-type BetterCut array{search: array{done: int, all: int}|null, said: string|null}
 */
final readonly class CutPage extends Page
{
    /**
     * @param  list<SheetEntry>  $sheets
     * @param  list<Bag>  $bags
     * @param  Goods  $goods
     * @param  CutBound  $bound
     * @param  int|null  $card  where one card alone is cut for
     * @param  CutProposal|null  $proposal  what would come of something that went wrong
     * @param  SheetInHand|null  $sheet
     * @param  BetterCut  $better
     */
    private function __construct(
        public array $sheets,
        public ?array $sheet,
        public array $bags,
        public array $goods,
        public array $bound,
        public bool $hasCards,
        public ?int $card,
        public ?array $proposal,
        public array $better,
    ) {
    }

    /**
     * @param  int|null  $wanted  the sheet to lay in the middle, or the next that is not cut
     * @param  Card|null  $card  where only one card is cut for
     */
    public static function of(Kit $kit, ?int $wanted, ?Card $card, BetterPlan $better): self
    {
        $search = ['search' => $better->underWay($kit), 'said' => $better->said($kit)];

        return self::with(CutSheets::of($kit, $card), $wanted, $card, null, $search);
    }

    /** @param  CutProposal  $proposal  with the table as it would be */
    public static function proposing(Kit $kit, array $proposal): self
    {
        return self::with(CutSheets::of($kit, null), null, null, $proposal, ['search' => null, 'said' => null]);
    }

    /**
     * @param  CutProposal|null  $proposal
     * @param  BetterCut  $better
     */
    private static function with(CutSheets $sheets, ?int $wanted, ?Card $card, ?array $proposal, array $better): self
    {
        return new self(
            $sheets->entries(),
            $sheets->inHand($wanted),
            $sheets->bags(),
            $sheets->goods(),
            $sheets->bound(),
            $sheets->hasCards(),
            $card?->id,
            $proposal,
            $better,
        );
    }
}
