<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Kit\Kind;

/** Three foam squares hold a piece steady where two let it wobble. */
final class FoamHoldsSteady implements Check
{
    public function key(): string
    {
        return 'foam-holds-steady';
    }

    public function look(CardInHand $card): array
    {
        $foam = $card->card->taking(FoamPart::ID);
        $needs = self::needed($card);
        if ($foam !== null && $foam->quantity < $needs) {
            return [
                Finding::of(
                    $this->key(),
                    "$foam->quantity foam squares let the picture wobble.",
                    "Use $needs for a picture of its size.",
                    Repair::quantity("Take $needs", FoamPart::ID, $needs),
                ),
            ];
        }

        return $foam === null && $card->taken(FocalPart::ID)?->kind() === Kind::DieCut
            ? [
                Finding::hint(
                    $this->key(),
                    'There is no foam left for the picture: it lies flat.',
                    'Glue it flat, or find foam in the stash.',
                ),
            ]
            : [];
    }

    /** What the picture needs. In a group: all that is lifted or lies across two heights. */
    private static function needed(CardInHand $card): int
    {
        $picture = $card->layer(FocalPart::ID)?->rect->size;

        return match (true) {
            $card->front->group !== null => CardGroup::foamFor($card->front->group),
            $picture === null => 0,
            default => CardGroup::squaresUnder($picture),
        };
    }
}
