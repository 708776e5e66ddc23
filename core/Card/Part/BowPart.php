<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Role;

/** A bow of ribbon or twine, tied over a strip. */
final class BowPart implements Accessory
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

    /** Where its loops lie: at a fifth of the strip, 1 in wide and 3/4 in high. Null if there is no strip for it. */
    public static function knot(Layout $layout): ?Rect
    {
        foreach ($layout->parts as $laid) {
            if ($laid->part->role === Role::Strip) {
                [$wide, $high] = [203_200, 152_400];
                $x = $laid->rect->x->units + intdiv($laid->rect->size->width->units, 5);
                $y = $laid->rect->y->units + intdiv($laid->rect->size->height->units, 2);

                return Rect::ofUnits(max(0, $x - intdiv($wide, 2)), max(0, $y - intdiv($high, 2)), $wide, $high);
            }
        }

        return null;
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
