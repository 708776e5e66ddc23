<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Outline;

/** The die or stamp that makes a focal point from a scrap. It is used, but not used up. */
final class DiePart implements Accessory
{
    use Plain;

    public const ID = 'focal-die';

    public function name(): string
    {
        return 'tool of the focal point';
    }

    public function isChosen(Taking $taking): bool
    {
        return false;
    }

    /** A stamped picture is seen on the piece. */
    public function layers(Card $card, Layout $layout, array $components): array
    {
        $tool = $components[$card->taking(self::ID)->component ?? ''] ?? null;
        $at = FocalPart::at($card, $layout, $components);
        if ($at === null || ! $tool?->good instanceof Stamp) {
            return [];
        }
        $print = $layout->onFront($at, $tool->good->size);

        return [Layer::of(self::ID, $this->name(), $tool->id, 0, $print, Outline::oval($print))];
    }

    /** @param  array<string, Component>  $components  by id */
    public static function isRound(Card $card, array $components): bool
    {
        $die = $components[$card->taking(self::ID)->component ?? '']->good ?? null;

        return $die instanceof Tool && $die->shape === Shape::Circle;
    }
}
