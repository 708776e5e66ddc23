<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;

/** The foam squares that lift the focal point. */
final class FoamPart implements Accessory
{
    use Plain;

    public const ID = 'foam';

    public function name(): string
    {
        return 'foam';
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->kind() === Kind::Foam;
    }

    public function isAdjustable(): bool
    {
        return true;
    }
}
