<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

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
        $foam = $card->card->taking('foam');
        if ($foam !== null && $foam->quantity < 3) {
            return [Finding::of($this->key(), "$foam->quantity foam squares let the picture wobble.", 'Use three or four.')];
        }

        return $foam === null && $card->taken('focal')?->kind() === Kind::DieCut
            ? [Finding::hint($this->key(), 'There is no foam left for the picture: it lies flat.', 'Glue it flat, or find foam in the stash.')]
            : [];
    }
}
