<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Measure\Rect;

/** The kit's cream beside bright white looks dirty. */
final class WhitesThatDiffer implements Check
{
    public function key(): string
    {
        return 'whites-that-differ';
    }

    public function look(CardInHand $card): array
    {
        $whites = [];
        foreach ($card->layout->parts as $laid) {
            $carrier = $card->layout->carrierOf($laid);
            $colour = self::colour($card, $laid->part->id);
            $below = $carrier->size->equals(Rect::whole($card->card->front)->size) ? self::base($card) : null;
            if ($colour !== null && $below !== null && self::differ($colour, $below)) {
                $whites[] = $laid->part->name;
            }
        }

        return $whites === [] ? [] : [Finding::of($this->key(), 'The white of the '.implode(' and the ', $whites).' and that of the base differ: the warmer one will look dirty.', 'Put a coloured mat between, or take the other white.')];
    }

    private static function differ(Colour $one, Colour $two): bool
    {
        return $one->lab()->lightness > 92 && $two->lab()->lightness > 92 && $one->differenceFrom($two) > 2.5;
    }

    private static function colour(CardInHand $card, string $part): ?Colour
    {
        $taking = $card->card->taking($part);
        $good = $card->taken($part)?->good;

        $face = $taking !== null && $good instanceof SheetGood ? $good->faces()[$taking->face] ?? null : null;

        // A print on a pale ground is seen as a print, not as a white.
        return $face?->motif === Motif::Solid ? $face->ground() : null;
    }

    private static function base(CardInHand $card): ?Colour
    {
        $good = $card->taken('base')?->good;

        return match (true) {
            $good instanceof CardBase => $good->colour,
            $good instanceof Cardstock => $good->front,
            default => null,
        };
    }
}
