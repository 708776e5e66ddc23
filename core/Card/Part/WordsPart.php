<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Card\Need;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Layout;

/** The words of a card: a piece, a sticker, or a stamp on a label or directly on a part. */
final class WordsPart implements Accessory
{
    use Plain;

    public const ID = KitDesign::SENTIMENT;

    public function name(): string
    {
        return 'sentiment';
    }

    public function need(): Need
    {
        return Need::Sentiment;
    }

    public function isNeededOn(Card $card): bool
    {
        return $card->sketch->focus !== Focus::PaperAlone;
    }

    public function isFilledBy(Component $component): bool
    {
        return $component->words() !== null;
    }

    public function place(Layout $layout): Rect
    {
        return $layout->sentiment;
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        $words = $card->taking(self::ID);
        $size = $words === null ? null : $card->taking(LabelPart::ID)->size ?? ($components[$words->component] ?? null)?->good->extent();

        return $words === null || $size === null ? [] : [
            Layer::of(self::ID, $this->name(), $words->component, 0, $layout->onFront($layout->sentiment, $size)),
        ];
    }
}
