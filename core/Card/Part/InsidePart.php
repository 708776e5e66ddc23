<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** A panel to write on, glued inside. */
final class InsidePart implements Accessory
{
    use Plain;

    public const ID = 'inside';

    public function name(): string
    {
        return 'inside panel';
    }

    public function cut(Card $card, Unit $unit): Size
    {
        return $card->layout($unit)->inside;
    }
}
