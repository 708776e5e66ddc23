<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\GroupPart;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Laid;

/** How thick a closed card is: the base with its fold, and the highest piece on it. */
final class Thickness
{
    private const DIE_CUT = 2_400;

    private const GEM = 16_000;

    public static function of(CardInHand $card): Length
    {
        $tops = array_map(static fn (Laid $laid): int => $laid->top()->units, $card->layout->parts);
        $group = $card->front->group;
        if ($group !== null) {
            $closed = $card->card->construction($card->unit)->thickness->units;

            return Length::ofUnits($closed + max([0, ...$tops, ...self::tops($card, $group)]));
        }
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

    /** @return list<int> how high each piece of a group ends, and the trimmings round it */
    private static function tops(CardInHand $card, Group $group): array
    {
        $foam = $card->taken(FoamPart::ID)?->good;
        $layer = $foam instanceof Foam ? $foam->thickness->units : 0;
        $tops = [];
        foreach ($group->pieces as $part => $piece) {
            $good = $card->taken($part)?->good;
            $own = $good instanceof Sticker ? $good->thickness->units : ($piece->stand->isInk ? 0 : self::DIE_CUT);
            $tops[] = self::under($card, $piece->rect()) + $piece->up * $layer + $own;
        }
        foreach ($group->dots as [$x, $y, $half]) {
            $tops[] = self::under($card, Rect::ofUnits(max(0, $x - $half), max(0, $y - $half), 2 * $half, 2 * $half)) + self::GEM;
        }

        return $tops;
    }

    private static function under(CardInHand $card, Rect $rect): int
    {
        return max([0, ...array_map(
            static fn (Laid $laid): int => $laid->rect->overlaps($rect) ? $laid->top()->units : 0,
            $card->layout->parts,
        )]);
    }
}
