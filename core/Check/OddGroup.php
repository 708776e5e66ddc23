<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\GroupPart;

final class OddGroup implements Check
{
    public function key(): string
    {
        return 'odd-group';
    }

    public function look(CardInHand $card): array
    {
        $group = $card->card->taking(GroupPart::ID);

        return $group !== null && $group->quantity > 0 && $group->quantity % 2 === 0
            ? [
                Finding::hint(
                    $this->key(),
                    "$group->quantity embellishments are an even group: odd ones look scattered by chance.",
                    'Take one more or one fewer.',
                    Repair::quantity('One more', GroupPart::ID, $group->quantity + 1),
                    Repair::quantity('One fewer', GroupPart::ID, $group->quantity - 1),
                ),
            ]
            : [];
    }
}
