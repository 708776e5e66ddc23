<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Table;

/**
 * Changes stretched measures back towards the drawing as long as every piece can still be cut. All cards of a sketch
 * change alike, so that the trimmer is set once. A measure is larger than drawn only if the pieces then divide a sheet
 * evenly.
 */
final readonly class AsDrawn
{
    private function __construct(private Table $table, private Judge $judge)
    {
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    public static function on(Table $table, array $cards): array
    {
        $own = new self($table, Judge::of($table));
        $manners = [];
        foreach ($cards as $card) {
            $manners[$card->sketch->manner] = $card->sketch;
        }
        foreach ($manners as $sketch) {
            $cards = $sketch->isLeanerBy() === 0 ? $cards : $own->withBack($sketch, $cards);
        }

        return $cards;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card>
     */
    private function withBack(Sketch $sketch, array $cards): array
    {
        for ($marks = -$sketch->full(); $marks < $sketch->isLeanerBy(); $marks++) {
            $other = $sketch->leanerBy($marks);
            $laid = $this->laidOn($other, $sketch, $cards);
            if ($laid !== null && ($marks >= 0 || $this->isDivided($other, $laid)) && $this->areCut($other, $laid)) {
                return $laid;
            }
        }

        return $cards;
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card>|null those on one sketch on the other; null where something is to be stopped at then
     */
    private function laidOn(Sketch $other, Sketch $sketch, array $cards): ?array
    {
        $laid = [];
        foreach ($cards as $card) {
            $new = $card->sketch->manner === $sketch->manner ? $card->inManner($other, $this->table->unit) : $card;
            if ($new === null || ($new !== $card && $this->findings($new) > $this->findings($card))) {
                return null;
            }
            $laid[] = $new;
        }

        return $laid;
    }

    private function findings(Card $card): int
    {
        return $this->judge->merit([$card])->findings;
    }

    /** @param  list<Card>  $cards */
    private function areCut(Sketch $sketch, array $cards): bool
    {
        return Replanned::areCut($this->table, $cards, array_keys(Card::piecesOf(self::of($sketch, $cards))));
    }

    /**
     * @param  list<Card>  $cards
     * @return list<Card> those in one manner of a sketch
     */
    private static function of(Sketch $sketch, array $cards): array
    {
        return array_values(array_filter($cards, static fn (Card $card): bool => $card->sketch->manner === $sketch->manner));
    }

    /**
     * Whether a side larger than drawn divides a side of its sheet.
     *
     * @param  list<Card>  $cards
     */
    private function isDivided(Sketch $sketch, array $cards): bool
    {
        $drawn = $sketch->leanerBy(0);
        foreach (self::of($sketch, $cards) as $card) {
            $plain = $card->inManner($drawn, $this->table->unit);
            foreach ($card->takings as $taking) {
                $size = $plain?->taking($taking->part)?->size;
                if ($size !== null && $taking->size !== null && $this->divides($taking->size, $size, $taking->component)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function divides(Size $size, Size $drawn, string $component): bool
    {
        $changed = array_diff([$size->width->units, $size->height->units], [$drawn->width->units, $drawn->height->units]);
        foreach ($this->table->stock[$component] ?? [] as $sheet) {
            foreach ($changed as $side) {
                if ($sheet->size->width->units % $side === 0 || $sheet->size->height->units % $side === 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
