<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Motif;

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
            $carrier = $card->layout->carriedBy($laid);
            $colour = self::colour($card, $laid->part->id);
            $below = $carrier === null ? self::base($card) : self::colour($card, $carrier->part->id);
            if ($colour !== null && $below !== null && self::differ($colour, $below)) {
                $whites[] = "The white of the {$laid->part->name} and that of the ".($carrier->part->name ?? 'base').' differ';
            }
        }

        return $whites === []
            ? []
            : [
                Finding::of(
                    $this->key(),
                    implode('. ', $whites).': the warmer one will look dirty.',
                    'Put a coloured mat between, or take the other white.',
                ),
            ];
    }

    private static function differ(Colour $one, Colour $two): bool
    {
        return $one->lab()->lightness > 92 && $two->lab()->lightness > 92 && $one->differenceFrom($two) > 2.5;
    }

    private static function colour(CardInHand $card, string $part): ?Colour
    {
        $taking = $card->card->taking($part);
        $face = $taking === null ? null : $card->taken($part)?->face($taking->face);

        // A print with a pale background counts as a print, not as white.
        return $face?->motif === Motif::Solid ? $face->ground() : null;
    }

    private static function base(CardInHand $card): ?Colour
    {
        $good = $card->taken(BasePart::ID)?->good;

        return match (true) {
            $good instanceof CardBase => $good->colour,
            $good instanceof Cardstock => $good->front,
            default => null,
        };
    }
}
