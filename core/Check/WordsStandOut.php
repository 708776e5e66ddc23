<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\BasePart;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Stamp;

/** Words must stand out from the colour behind them, and their piece from what it lies on. */
final class WordsStandOut implements Check
{
    /** Below these distances, by CIEDE2000, the edge of the piece or the letters are hard to see. */
    private const EDGE = 6.0;

    private const LETTERS = 24.0;

    public function key(): string
    {
        return 'words-stand-out';
    }

    public function look(CardInHand $card): array
    {
        $layer = $card->layer(WordsPart::ID);
        $printed = $card->applied(WordsPart::ID)?->printed();
        if ($layer !== null && $card->taken(WordsPart::ID)?->good instanceof Stamp && $card->card->taking(LabelPart::ID) === null) {
            return $this->stamped($card, $card->faceUnder($layer));
        }
        if ($layer === null || $printed === null) {
            return [];
        }
        $findings = [];
        $ink = $printed->colours[1] ?? null;
        if ($ink !== null && $ink->differenceFrom($printed->colours[0]) < self::LETTERS) {
            $findings[] = Finding::of(
                $this->key(),
                'The words are hard to read: their ink is close to the colour behind them.',
                'Take other words, or stamp them darker.',
            );
        }
        $under = $card->faceUnder($layer);
        if ($under !== null && $under->ground()->differenceFrom($printed->colours[0]) < self::EDGE) {
            $findings[] = Finding::hint($this->key(), "The sentiment fades into {$under->name}.", 'Mat it in a darker or lighter colour.');
        }

        return $findings;
    }

    /**
     * Words stamped directly on a part.
     *
     * @return list<Finding>
     */
    private function stamped(CardInHand $card, ?Face $under): array
    {
        $base = $card->taken(BasePart::ID)?->good;
        $isSeen = match (true) {
            $under !== null => $under->showsInk(),
            $base instanceof CardBase, $base instanceof Cardstock => $base->showsInk(),
            default => true,
        };

        return $isSeen ? [] : [Finding::of(
            $this->key(),
            'The words are hard to read: they are stamped on what is dark or busy.',
            'Stamp them on a light label, or heat-emboss them in white.',
        )];
    }
}
