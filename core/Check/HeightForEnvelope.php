<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\EnvelopePart;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/** Letter post has its limits, and they differ by country: the maker is asked to look, not told. */
final class HeightForEnvelope implements Check
{
    public function key(): string
    {
        return 'height-for-envelope';
    }

    public function look(CardInHand $card): array
    {
        $height = Thickness::of($card);
        $says = 'The card is about '.ltrim($height->label(Unit::Millimetre), '≈ ').' thick.';
        $envelope = $card->taken(EnvelopePart::ID)?->good;
        // What stands up stands in from the edges: it takes up about half its height of the envelope each way.
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
