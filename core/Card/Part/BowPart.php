<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;

/** A bow of ribbon or twine, tied over a strip. */
final class BowPart implements OwnPart
{
    use Plain;

    public const ID = 'bow';

    public function name(): string
    {
        return 'bow';
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->kind() === Kind::Ribbon;
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        $bow = $card->taking(self::ID);
        $strips = array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role === Role::Strip);

        return $bow === null ? [] : array_map(
            fn (Laid $strip): Layer => Layer::of(self::ID, $this->name(), $bow->component, 0, $strip->rect),
            array_slice($strips, 0, 1),
        );
    }
}
