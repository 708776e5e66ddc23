<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Tool;

/** The die that cuts the focal point out of a scrap; it is used, not used up. */
final class DiePart implements OwnPart
{
    use Plain;

    public const ID = 'focal-die';

    public function name(): string
    {
        return 'die of the focal point';
    }

    public function isChosen(Taking $taking): bool
    {
        return false;
    }

    /** @param  array<string, Component>  $components  by id */
    public static function isRound(Card $card, array $components): bool
    {
        $die = $components[$card->taking(self::ID)->component ?? '']->good ?? null;

        return $die instanceof Tool && $die->shape === Shape::Circle;
    }
}
