<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Card\CutAlready;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Design\Refit;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;

/** The same card on the best looking design that takes less patterned paper and causes no new findings. */
final readonly class Leaner
{
    /** At least a fifth less, since a smaller saving is not worth the change. */
    private const LESS = 0.8;

    /**
     * @param  Card  $card  as it is to be
     * @param  float  $frees  patterned paper, in square units
     */
    private function __construct(public Card $card, public float $frees)
    {
    }

    /**
     * @param  Table  $table  without what the card itself takes, save what has been cut
     * @param  list<string>  $cut  the parts that are cut already
     * @return self|null null where no design takes less
     */
    public static function than(Card $card, Table $table, array $cut): ?self
    {
        $now = Areas::of($card->layout($table->unit))[0];
        $judge = Judge::of($table);
        $findings = $judge->merit([$card])->findings;
        $best = null;
        foreach ($table->sketches as $sketch) {
            $other = self::on($sketch, $card, $table, $cut, $now);
            $merit = $other === null ? null : $judge->merit([$other->card]);
            if ($merit !== null && $merit->findings <= $findings && ($best === null || $merit->compare($best[0]) > 0)) {
                $best = [$merit, $other];
            }
        }

        return $best[1] ?? null;
    }

    /** @param  list<string>  $cut */
    private static function on(Sketch $sketch, Card $card, Table $table, array $cut, float $now): ?self
    {
        $layout = $table->layouts->of($sketch, $card->front);
        $takes = $layout === null ? INF : Areas::of($layout)[0];
        if ($takes >= self::LESS * $now) {
            return null;
        }
        $wanted = Card::of($card->number, $sketch, $card->front, $card->occasion, $card->takings, $card->frame, $card->fold, $card->set);
        try {
            $new = Refit::on($table)->card($wanted, $cut);
        } catch (CannotResolve|CutAlready) {
            // The sketch does not fit the fold, or would change something that is cut.
            return null;
        }

        $isWhole = CardFront::of($new, $table->components, $table->unit)->lacks === [] && self::isCut($new, $table, $cut);

        return $isWhole ? new self($new, $now - $takes) : null;
    }

    /**
     * Whether its pieces that are not cut yet can be cut, beside what is promised.
     *
     * @param  list<string>  $cut
     */
    private static function isCut(Card $card, Table $table, array $cut): bool
    {
        $there = array_map($card->pieceId(...), $cut);
        $remains = RemainingStock::on($table);
        foreach ($card->pieces() as $component => $pieces) {
            $open = array_values(array_filter($pieces, static fn (Piece $piece): bool => ! in_array($piece->id, $there, true)));
            if ($open !== [] && $remains->planWith($component, ...$open) === null) {
                return false;
            }
        }

        return true;
    }
}
