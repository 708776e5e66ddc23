<?php

namespace App\Cut;

use App\Models\Card;
use App\Models\Kit;
use App\View\GoodView;
use App\View\Later;
use App\View\Page;
use App\View\ShortParts;
use Closure;

/**
 * Every sheet that is cut, with its cuts in order and its parts by card.
 *
 * @phpstan-import-type Goods from GoodView
 * @phpstan-import-type Bag from CutSheets
 * @phpstan-import-type CutBound from CutSheets
 * @phpstan-import-type SheetEntry from CutSheets
 * @phpstan-import-type SheetInHand from CutSheets
 * @phpstan-import-type ShortPart from ShortParts
 *
 * @phpstan-type CutProposal array{says: list<string>, path: string, data: array<string, string>}
 * @phpstan-type BetterCut array{search: array{done: int, all: int}|null, said: string|null}
 */
final readonly class CutPage extends Page
{
    /**
     * @param  Closure(): list<SheetEntry>  $sheets
     * @param  Closure(): list<Bag>  $bags
     * @param  Closure(): Goods  $goods
     * @param  Closure(): CutBound  $bound
     * @param  Closure(): bool  $hasCards
     * @param  int|null  $card  where one card alone is cut for
     * @param  CutProposal|null  $proposal  what would come of something that went wrong
     * @param  Closure(): (SheetInHand|null)  $sheet
     * @param  Closure(): list<ShortPart>  $shorts  what cannot be cut any more, with its ways out
     * @param  BetterCut  $better
     */
    private function __construct(
        public Closure $sheets,
        public Closure $sheet,
        public Closure $bags,
        public Closure $goods,
        public Closure $bound,
        public Closure $hasCards,
        public ?int $card,
        public ?array $proposal,
        public array $better,
        public Closure $shorts,
    ) {
    }

    /**
     * @param  int|null  $wanted  the sheet to lay in the middle, or the next that is not cut
     * @param  Card|null  $card  where only one card is cut for
     */
    public static function of(Kit $kit, ?int $wanted, ?Card $card, BetterPlan $better): self
    {
        $search = ['search' => $better->underWay($kit), 'said' => $better->said($kit)];

        return self::with(Later::of(static fn (): CutSheets => CutSheets::of($kit, $card)), Later::of(...), $wanted, $card, null, $search);
    }

    /** @param  CutProposal  $proposal  with the table as it would be */
    public static function proposing(Kit $kit, array $proposal): self
    {
        $sheets = static fn (): CutSheets => CutSheets::of($kit, null);

        // The trial table is gone when the page is sent, so its parts are read before.
        return self::with(Later::now($sheets), Later::now(...), null, null, $proposal, ['search' => null, 'said' => null]);
    }

    /**
     * @param  Closure(): CutSheets  $sheets
     * @param  callable(Closure): Closure  $when  each is worked out: later, or now
     * @param  CutProposal|null  $proposal
     * @param  BetterCut  $better
     */
    private static function with(Closure $sheets, callable $when, ?int $wanted, ?Card $card, ?array $proposal, array $better): self
    {
        return new self(
            $when(static fn (): array => $sheets()->entries()),
            $when(static fn (): ?array => $sheets()->inHand($wanted)),
            $when(static fn (): array => $sheets()->bags()),
            $when(static fn (): array => $sheets()->goods()),
            $when(static fn (): array => $sheets()->bound()),
            $when(static fn (): bool => $sheets()->hasCards()),
            $card?->id,
            $proposal,
            $better,
            $when(static fn (): array => $sheets()->shorts()),
        );
    }
}
