<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** Common envelopes, the smallest first. */
enum StandardEnvelope: string
{
    case Mini = 'mini';
    case A2 = 'A2';
    case C6 = 'C6';
    case A7 = 'A7';
    case Square = '6 1/2 in square';
    case C5 = 'C5';

    /** For one of them: "an A2", "a C6". */
    public function oneOf(): string
    {
        return match ($this) {
            self::A2, self::A7 => "an $this->value",
            default => "a $this->value",
        };
    }

    public function size(): Size
    {
        return match ($this) {
            self::Mini => Size::of(Length::inches(2, 7, 8), Length::inches(3, 5, 8)),
            self::A2 => Size::of(Length::inches(4, 3, 8), Length::inches(5, 3, 4)),
            self::C6 => Size::of(Length::millimetres(114), Length::millimetres(162)),
            self::A7 => Size::of(Length::inches(5, 1, 4), Length::inches(7, 1, 4)),
            self::Square => Size::of(Length::inches(6, 1, 2), Length::inches(6, 1, 2)),
            self::C5 => Size::of(Length::millimetres(162), Length::millimetres(229)),
        };
    }

    /**
     * The smallest that takes a finished card. Its thickness is added on both sides, and 1/32 in for sliding in.
     *
     * @return self|null null where none is large enough
     */
    public static function for(Size $closed, Length $thickness): ?self
    {
        $room = $thickness->units + Length::inches(0, 1, 32)->units;
        $needs = Size::ofUnits($closed->width->units + $room, $closed->height->units + $room);
        foreach (self::cases() as $envelope) {
            if ($needs->fitsIn($envelope->size(), true)) {
                return $envelope;
            }
        }

        return null;
    }
}
