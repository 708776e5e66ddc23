<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Outline;

/** The main picture: a printed piece, or one that is cut for it. */
final class FocalPart implements Accessory
{
    use Plain;

    public const ID = KitDesign::FOCAL;

    public function name(): string
    {
        return 'focal point';
    }

    public function need(): Need
    {
        return Need::FocalPoint;
    }

    public function isNeededOn(Card $card): bool
    {
        return ! $card->sketch->focus->isLean();
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->isFocalPoint();
    }

    /** Also where it is cut from a scrap, since another picture can replace it. */
    public function isChosen(Taking $taking): bool
    {
        return true;
    }

    public function place(Layout $layout): Rect
    {
        return $layout->focal;
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        $focal = $card->taking(self::ID);
        $at = self::at($card, $layout, $components);
        $isRound = $focal?->size !== null && DiePart::isRound($card, $components);

        return $focal === null || $at === null
            ? []
            : [Layer::of(self::ID, $this->name(), $focal->component, $focal->face, $at, $isRound ? Outline::oval($at) : null)];
    }

    /**
     * Where it lies on the front. Null if there is none.
     *
     * @param  array<string, Component>  $components  by id
     */
    public static function at(Card $card, Layout $layout, array $components): ?Rect
    {
        $focal = $card->taking(self::ID);
        $size = $focal === null ? null : $focal->size ?? ($components[$focal->component] ?? null)?->printedSize();

        return $size === null ? null : $layout->onFront($layout->focal, $size);
    }
}
