<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Kit\SheetGood;

/** A focal point does not stand out on a busy paper. It needs a calm mat, panel or label under it. */
final class BusyUnderFocalPoint implements Check
{
    public function key(): string
    {
        return 'busy-under-focal-point';
    }

    public function look(CardInHand $card): array
    {
        $focal = $card->layer(FocalPart::ID);
        $under = $focal === null ? null : $card->faceUnder($focal);

        return $under?->busy === true
            ? [
                Finding::of(
                    $this->key(),
                    "The focal point lies on {$under->name}, which is busy: it will not stand out.",
                    'Put a calm mat or label between, or turn the paper over.',
                    ...self::overturned($card),
                ),
            ]
            : [];
    }

    /** @return list<Repair> */
    private static function overturned(CardInHand $card): array
    {
        $part = $card->layout->under($card->layout->focal)->part->id ?? '';
        $taking = $card->card->taking($part);
        $good = $card->taken($part)?->good;
        if ($taking === null || ! $good instanceof SheetGood) {
            return [];
        }
        $repairs = [];
        foreach ($good->faces() as $index => $face) {
            if (! $face->busy) {
                $repairs[] = Repair::fill("Turn it over to $face->name", $part, $taking->component, $index);
            }
        }

        return $repairs;
    }
}
