<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Laid;

/** How thick a card is when it lies closed: the base with its fold, and the highest of what stands on it. */
final class Thickness
{
    private const DIE_CUT = 2_400;

    private const GEM = 16_000;

    public static function of(CardInHand $card): Length
    {
        $tops = array_map(static fn (Laid $laid): int => $laid->top()->units, $card->layout->parts);
        $focal = $card->layer(FocalPart::ID);
        if ($focal !== null) {
            $foam = $card->taken(FoamPart::ID)?->good;
            $good = $card->taken(FocalPart::ID)?->good;
            $tops[] = self::under($card, $focal->rect)
                + ($foam instanceof Foam ? $foam->thickness->units : 0)
                + ($good instanceof Sticker ? $good->thickness->units : self::DIE_CUT);
            $tops[] = $card->card->taking(GroupPart::ID) === null ? 0 : self::under($card, $focal->rect) + self::GEM;
        }

        return Length::ofUnits($card->card->construction($card->unit)->thickness->units + max([0, ...$tops]));
    }

    private static function under(CardInHand $card, Rect $rect): int
    {
        return max([0, ...array_map(
            static fn (Laid $laid): int => $laid->rect->overlaps($rect) ? $laid->top()->units : 0,
            $card->layout->parts,
        )]);
    }
}
