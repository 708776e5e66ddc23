<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

final class OddGroup implements Check
{
    public function key(): string
    {
        return 'odd-group';
    }

    public function look(CardInHand $card): array
    {
        $group = $card->card->taking('embellishment');

        return $group !== null && $group->quantity > 0 && $group->quantity % 2 === 0
            ? [Finding::hint($this->key(), "$group->quantity embellishments are an even group: odd ones look scattered by chance.", 'Take one more or one fewer.', Repair::quantity('One more', 'embellishment', $group->quantity + 1), Repair::quantity('One fewer', 'embellishment', $group->quantity - 1))]
            : [];
    }
}
