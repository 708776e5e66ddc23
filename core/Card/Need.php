<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

/** What no card can do without. */
enum Need: string
{
    case Base = 'base';
    case Envelope = 'envelope';
    case FocalPoint = 'focal point';
    case Sentiment = 'sentiment';
    case Paper = 'patterned paper';
    case Cardstock = 'cardstock';

    /** "one more base", "more patterned paper". */
    public function oneMore(): string
    {
        return $this->isSheets() ? 'more '.$this->value : 'one more '.$this->value;
    }

    public function plural(): string
    {
        return $this->isSheets() ? $this->value : $this->value.'s';
    }

    public function isSheets(): bool
    {
        return $this === self::Paper || $this === self::Cardstock;
    }
}
