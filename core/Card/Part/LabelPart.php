<?php

declare(strict_types=1);

namespace KeepShare\Core\Card\Part;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Layer;
use KeepShare\Core\Sketch\Layout;

/** The label that words are stamped on. */
final class LabelPart implements Accessory
{
    use Plain;

    public const ID = 'sentiment-label';

    public function name(): string
    {
        return 'sentiment label';
    }

    public function layers(Card $card, Layout $layout, array $components): array
    {
        $label = $card->taking(self::ID);

        return $label?->size === null ? [] : [
            Layer::of(self::ID, $this->name(), $label->component, $label->face, $layout->onFront($layout->sentiment, $label->size)),
        ];
    }
}
