<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Measure\Length;

/** How thick a card is when it lies closed: base, papers, foam, stickers, gems. */
final class Thickness
{
    /** Folded base stock, both sides. */
    private const BASE = 4_800;

    private const PAPER = 1_600;

    private const CARDSTOCK = 2_400;

    private const GEM = 16_000;

    public static function of(CardInHand $card): Length
    {
        $height = self::BASE;
        foreach ($card->layout->parts as $laid) {
            $good = $card->taken($laid->part->id)?->good;
            $height += $good === null ? 0 : ($good instanceof Cardstock ? self::CARDSTOCK : self::PAPER);
        }
        $foam = $card->taken('foam')?->good;
        $focal = $card->taken('focal')?->good;
        $raised = ($foam instanceof Foam ? $foam->thickness->units : 0) + ($focal instanceof Sticker ? $focal->thickness->units : self::CARDSTOCK);

        return Length::ofUnits($height + max($raised, $card->card->taking('embellishment') === null ? 0 : self::GEM));
    }
}
