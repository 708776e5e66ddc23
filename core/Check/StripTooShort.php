<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Measure\Length;

/** A piece or ribbon that does not reach, with nothing to hide the gap. */
final class StripTooShort implements Check
{
    /** A bow takes about 10 in beside what goes along the strip. */
    private const BOW = 10;

    public function key(): string
    {
        return 'strip-too-short';
    }

    public function look(CardInHand $card): array
    {
        $findings = [];
        foreach ($card->layout->parts as $laid) {
            $size = $card->card->taking($laid->part->id)?->size;
            if ($size !== null && $laid->cut->longer()->isLongerThan($size->longer())) {
                $short = $laid->cut->longer()->minus($size->longer())->label($card->unit);
                $findings[] = Finding::of(
                    $this->key(),
                    "The piece for the {$laid->part->name} is $short short, and nothing hides the gap.",
                    'Hide the gap under a label or a banner, or cut another.',
                );
            }
        }
        $ribbon = $card->card->taking(BowPart::ID);
        if ($ribbon !== null && $ribbon->quantity < Length::inches(self::BOW)->units) {
            $findings[] = Finding::of(
                $this->key(),
                Length::ofUnits($ribbon->quantity)->label($card->unit).' of ribbon are too short for a bow.',
                'Tie a knot, or glue it down as a band.',
            );
        }

        return $findings;
    }
}
