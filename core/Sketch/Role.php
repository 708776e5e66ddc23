<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** What a part does on the front, and so what it may be cut from. */
enum Role: string
{
    /** Patterned paper, however busy: nothing has to stand out on it. */
    case Background = 'background';
    /** Patterned paper that carries the focal point or the sentiment, and so had better be calm. */
    case Field = 'field';
    /** A small piece of patterned paper. */
    case Accent = 'accent';
    /** Cardstock of which only the reveal shows. */
    case Mat = 'mat';
    /** Cardstock in place of a patterned panel. */
    case Ground = 'ground';
    /** Cardstock under the focal point, so that it stands off a busy paper. */
    case Label = 'label';
    /** A narrow strip of cardstock over a join. */
    case Strip = 'strip';
    /** Not a part: a rectangle that others are measured from. */
    case Guide = 'guide';

    public function isPaper(): bool
    {
        return match ($this) {
            self::Background, self::Field, self::Accent => true,
            default => false,
        };
    }
}
