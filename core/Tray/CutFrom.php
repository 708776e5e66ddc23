<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Weight;

/** What a standard part may be cut from. */
enum CutFrom
{
    case Any;
    case Printed;
    case Plain;
    /** A panel to write on: plain cardstock that takes ink, or a calm light print. */
    case Writable;
    /** Thin enough to line an envelope. */
    case Thin;
    /** A print with motifs that can be cut out. */
    case Pictured;

    public function takes(Scrap $scrap): bool
    {
        $cardstock = $scrap->cardstock();

        return match ($this) {
            self::Any => true,
            self::Printed => $cardstock === null,
            self::Plain => $cardstock !== null && $cardstock->finish !== Finish::Acetate,
            self::Writable => $cardstock === null ? self::showsInk($scrap) : $cardstock->takesInk(),
            self::Thin => $cardstock === null || self::isThin($cardstock),
            self::Pictured => $cardstock === null && $scrap->component->showsPicture(),
        };
    }

    private static function showsInk(Scrap $scrap): bool
    {
        foreach ($scrap->good->faces() as $face) {
            if ($face->showsInk()) {
                return true;
            }
        }

        return false;
    }

    private static function isThin(Cardstock $cardstock): bool
    {
        return $cardstock->finish === Finish::Vellum || $cardstock->weight === Weight::Light;
    }
}
