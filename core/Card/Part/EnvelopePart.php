<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;

/** The envelope of the card. A missing envelope never stops a card. The maker notes which one to buy. */
final class EnvelopePart implements Accessory
{
    use Plain;

    public const ID = 'envelope';

    public function name(): string
    {
        return 'envelope';
    }

    public function need(): Need
    {
        return Need::Envelope;
    }

    public function isNeededOn(Card $card): bool
    {
        return false;
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->kind() === Kind::Envelope;
    }
}
