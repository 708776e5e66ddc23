<?php

declare(strict_types=1);

namespace KeepShare\Core\Keep;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** What an offcut is still good for, the most useful first. Leftovers are sorted by use, not by shape. */
enum Grade: string
{
    case Background = 'background';
    case Panel = 'panel';
    case Strip = 'strip';
    case Square = 'square';
    case Confetti = 'confetti';

    /** Judged by the front of the cards it would go on, in either direction. */
    public static function of(Size $offcut, Size $front): self
    {
        $short = $offcut->shorter()->units;
        $long = $offcut->longer()->units;
        $quarter = Length::inches(0, 1, 4)->units;

        return match (true) {
            $short < $quarter => self::Confetti,
            $short >= $front->shorter()->units - $quarter && $long >= $front->longer()->units - $quarter => self::Background,
            2 * $short >= $front->shorter()->units && 2 * $long >= $front->longer()->units => self::Panel,
            $long >= $front->shorter()->units - $quarter => self::Strip,
            $short >= 3 * $quarter => self::Square,
            default => self::Confetti,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Background => 'still a background',
            self::Panel => 'a panel',
            self::Strip => 'a strip across a card',
            self::Square => 'a small square or circle',
            self::Confetti => 'confetti',
        };
    }
}
