<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use Closure;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/**
 * The whole tray at once: as many cards as it gives. Then the rest of each scrap is filled with standard parts, so that
 * little is thrown away.
 *
 * The number of cards is bounded as in every share-out. The waste is the least that was found, which is not proven.
 */
final readonly class WholeTray
{
    /** How many boxes are joined for one scrap. */
    private const BOXES = 60;

    /** How many sizes fill one scrap. */
    private const SIZES = 6;

    private const MANY = 24;

    /** @param  list<Scrap>  $scraps */
    private function __construct(private Table $tray, private array $scraps, private Lacks $lacks)
    {
    }

    /**
     * @param  Table  $tray  with the scraps as its stock, beside the whole sheets, and what could be taken apart
     * @param  list<Scrap>  $scraps  those that lie on the tray, known by the ids of the stock
     * @param  (Closure(int, int): bool)|null  $goOn  told the cards made so far and wanted; false stops and keeps those
     */
    public static function turned(Table $tray, array $scraps, Lacks $lacks, ?Closure $goOn = null): TrayPlan
    {
        return (new self($tray, $scraps, $lacks))->plan($goOn);
    }

    private function plan(?Closure $goOn): TrayPlan
    {
        $cards = Stretch::most($this->tray, $goOn);
        $uses = Uses::of($this->tray, $cards);
        $plans = [];
        $left = $all = 0;
        foreach ($this->scraps as $scrap) {
            $uncut = SheetPlan::of($scrap->stock, Leaf::offcut(Rect::whole($scrap->size())));
            $plan = $this->filled($scrap, $uses->plans[$scrap->id] ?? $uncut);
            $all += $scrap->size()->area();
            foreach ($plan->offcuts() as $leaf) {
                $left += $leaf->rect()->size->area();
            }
            if ($plan->pieces() !== []) {
                $plans[$scrap->id] = $plan;
            }
        }

        return TrayPlan::of($cards, Bound::on($this->tray->everythingApart()), $plans, $left, $all);
    }

    /** The rest of a scrap that no card takes, cut into standard parts. */
    private function filled(Scrap $scrap, SheetPlan $plan): SheetPlan
    {
        foreach ($plan->offcuts() as $leaf) {
            $rest = Scrap::of($scrap->id, $scrap->component, Stock::offcut($scrap->id, $leaf->rect()->size));
            $wishes = $rest === null ? [] : $this->wishes($rest);
            if ($wishes === [] || ! $scrap->stock->isClean()) {
                continue;
            }
            $filling = Fill::best($rest->stock, $wishes, self::BOXES, $this->tray->wishes->trimmer());
            if ($filling->worth > 0) {
                $plan = $plan->cuttingLike($leaf, $filling->plan);
            }
        }

        return $plan;
    }

    /** @return list<Demand> the sizes that cover most of it in rows, worth what they cover */
    private function wishes(Scrap $rest): array
    {
        $covered = [];
        $parts = [];
        foreach ($this->lacks->parts as $part) {
            // A part that no card needs is no improvement. The scrap is better left large.
            if ($part->mayBeOf($rest) && $this->lacks->perCard($part) !== null) {
                $parts[$part->id()] = $part;
                $covered[$part->id()] = $part->inRows($rest) * $part->size->area();
            }
        }
        arsort($covered);

        return array_map(fn (string $id): Demand => Demand::for(
            Piece::of($id, $parts[$id]->size, $parts[$id]->turnsOn($rest)),
            $parts[$id]->size->area(),
            self::MANY,
        ), array_slice(array_keys($covered), 0, self::SIZES));
    }
}
