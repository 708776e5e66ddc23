<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Table\Table;

/** What some cards take from the scraps and sheets of a tray. Each piece is named by its card and its part. */
final readonly class Uses
{
    /**
     * @param  array<string, SheetPlan>  $plans  by the scrap or sheet that is cut
     * @param  array<int, int>  $scrap  per cent of the paper of each card that comes from scraps, by its number
     */
    private function __construct(public array $plans, private array $scrap)
    {
    }

    /** @param  list<Card>  $cards */
    public static function of(Table $tray, array $cards): self
    {
        $plans = $all = $fromScraps = [];
        foreach (Card::piecesOf($cards) as $component => $pieces) {
            $areas = [];
            foreach ($pieces as $piece) {
                $areas[$piece->id] = $piece->size->area();
                $all[self::card($piece->id)] = ($all[self::card($piece->id)] ?? 0) + $piece->size->area();
            }
            foreach (self::planned($tray, $component, $pieces) as $plan) {
                $plans[$plan->stock->id] = $plan;
                foreach ($plan->stock->isWhole ? [] : $plan->pieces() as $leaf) {
                    $card = self::card((string) $leaf->piece);
                    $fromScraps[$card] = ($fromScraps[$card] ?? 0) + ($areas[$leaf->piece] ?? 0);
                }
            }
        }
        $shares = [];
        foreach ($all as $card => $area) {
            $shares[$card] = intdiv(100 * ($fromScraps[$card] ?? 0), max(1, $area));
        }

        return new self($plans, $shares);
    }

    /** The share of a card's paper that comes from scraps, in per cent. Null if nothing is cut for it. */
    public function scrapOf(int $card): ?int
    {
        return $this->scrap[$card] ?? null;
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<SheetPlan>
     */
    private static function planned(Table $tray, string $component, array $pieces): array
    {
        return $tray->plan($component, [...$tray->promised[$component] ?? [], ...$pieces])->sheets;
    }

    private static function card(string $piece): int
    {
        return (int) explode('/', $piece)[0];
    }
}
