<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Envelope;

/** Front, base and envelope must be of one size. */
final class FitsTogether implements Check
{
    public function key(): string
    {
        return 'fits-together';
    }

    public function look(CardInHand $card): array
    {
        $base = $card->taken(BasePart::ID)?->good;
        $envelope = $card->taken(EnvelopePart::ID)?->good;
        $findings = [];
        if ($base instanceof CardBase && ! $base->front->matches($card->card->front)) {
            $findings[] = Finding::of($this->key(), 'The base is not the size of the front.', 'Take a base of this size, or cut one.');
        }
        if ($envelope instanceof Envelope && ! $envelope->takes($card->card->front)) {
            $findings[] = Finding::of(
                $this->key(),
                'The card does not fit its envelope, or rattles in it.',
                'Take the next size of envelope.',
            );
        }

        return $findings;
    }
}
