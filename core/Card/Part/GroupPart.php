<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Layout;

/** Gems, sequins and the like, in an odd group round the focal point. */
final class GroupPart implements Accessory
{
    use Plain;

    public const ID = 'embellishment';

    /** Half the width of a gem of about 1/8 in. */
    private const HALF = 12_700;

    public function name(): string
    {
        return 'embellishments';
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->kind() === Kind::Embellishment;
    }

    public function isAdjustable(): bool
    {
        return true;
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        $group = $card->taking(self::ID);
        $focal = FocalPart::at($card, $layout, $components);

        return $group === null || $focal === null ? [] : array_map(
            fn (array $at): Layer => Layer::of(self::ID, $this->name(), $group->component, 0, self::dot(...$at)),
            $layout->group($focal),
        );
    }

    private static function dot(Length $x, Length $y): Rect
    {
        return Rect::ofUnits(max(0, $x->units - self::HALF), max(0, $y->units - self::HALF), 2 * self::HALF, 2 * self::HALF);
    }
}
