<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Fold\StandardEnvelope;

/** No card waits for its envelope. If the kit has none left, the maker is told which to buy. */
final class EnvelopeToBuy implements Check
{
    public function key(): string
    {
        return 'envelope-to-buy';
    }

    public function look(CardInHand $card): array
    {
        if ($card->card->taking(EnvelopePart::ID) !== null) {
            return [];
        }
        $fits = self::for($card);

        return [
            $fits === null
                ? Finding::hint($this->key(), 'No envelope in the kit, and none that is sold is large enough.', 'Fold one, or take a box.')
                : Finding::hint($this->key(), "No envelope in the kit; {$fits->oneOf()} fits.", 'Tally lists what to buy.'),
        ];
    }

    /** The smallest common envelope that takes the card. Null if none does. */
    public static function for(CardInHand $card): ?StandardEnvelope
    {
        return StandardEnvelope::for($card->front->size, Thickness::of($card));
    }
}
