<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

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

    /** Three hold a piece steady; a larger one wants a square for every 2 1/4 square inches. */
    private static function needed(CardInHand $card): int
    {
        $area = $card->layer(FocalPart::ID)?->rect->size->exactArea() ?? 0;
        $each = Size::of(Length::inches(1, 1, 2), Length::inches(1, 1, 2))->exactArea();

        return max(3, intdiv($area + $each - 1, $each));
    }
}
