<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Measure\Length;

/** Limits of letter post differ by country, so the maker is asked to check. */
final class HeightForEnvelope implements Check
{
    public function key(): string
    {
        return 'height-for-envelope';
    }

    public function look(CardInHand $card): array
    {
        $height = Thickness::of($card);
        $says = "The card is about {$height->about($card->unit)} thick.";
        $envelope = $card->taken(EnvelopePart::ID)?->good;
        // A high piece stands away from the edges, so it takes about half its height of the envelope each way.
        $needs = $card->card->front->grown(Length::ofUnits(intdiv($height->units, 4)));
        if (
            $envelope instanceof Envelope
            && $envelope->takes($card->card->front)
            && ! $needs->fitsIn($envelope->size, true)
        ) {
            return [
                Finding::of(
                    $this->key(),
                    "$says Its envelope, {$envelope->size->label($card->unit)}, is too tight for that.",
                    'Take the next size of envelope or a box, or leave the foam out.',
                    ...self::flatter($card),
                ),
            ];
        }

        return $height->isLongerThan(Length::millimetres(5))
            ? [Finding::hint($this->key(), $says, 'Does your letter post take it? Ask locally; a padded envelope or a box may be needed.')]
            : [];
    }

    /** @return list<Repair> what stands on foam, glued flat */
    private static function flatter(CardInHand $card): array
    {
        $repairs = [];
        foreach ($card->front->group->pieces ?? [] as $part => $piece) {
            if ($piece->spot->isLifted && $piece->up > 0) {
                $repairs[] = Repair::piece('Glue the '.lcfirst($piece->stand->name).' flat', $part, 'flat');
            }
        }

        return $repairs;
    }
}
