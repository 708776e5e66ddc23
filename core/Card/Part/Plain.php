<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Layout;

/** What is true of most parts: a card can do without, a ready-made thing fills it, and nothing of it is drawn. */
trait Plain
{
    public function id(): string
    {
        return self::ID;
    }

    public function need(): ?Need
    {
        return null;
    }

    public function isNeededOn(Card $card): bool
    {
        return $this->need() !== null;
    }

    public function isFilledBy(Component $component): bool
    {
        return false;
    }

    public function isAdjustable(): bool
    {
        return false;
    }

    public function length(Card $card, Unit $unit): Length
    {
        return $unit === Unit::Inch ? Length::inches(12) : Length::millimetres(300);
    }

    public function isChosen(Taking $taking): bool
    {
        return $taking->size === null;
    }

    public function place(Layout $layout): ?Rect
    {
        return null;
    }

    public function cut(Card $card, Unit $unit): ?Size
    {
        return null;
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        return [];
    }
}
