<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** The folded card that everything is glued to: ready-made, or cut as a blank. */
final class BasePart implements Accessory
{
    use Plain;

    public const ID = 'base';

    public function name(): string
    {
        return 'base';
    }

    public function need(): Need
    {
        return Need::Base;
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->kind() === Kind::Base;
    }

    public function cut(Card $card, Unit $unit): Size
    {
        return $card->construction($unit)->blank->size;
    }
}
