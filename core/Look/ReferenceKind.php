<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/** How a photograph is measured. */
enum ReferenceKind: string
{
    case Sheet = 'sheet';
    case Coin = 'coin';
    case Points = 'points';

    public function isMissing(): string
    {
        return match ($this) {
            self::Sheet => 'No piece with sides like that is found. Move the four corners onto what is of known size.',
            self::Coin => 'No round piece is found. Choose the piece that is the coin, or measure by two points.',
            self::Points => 'Move the two points onto the marks whose distance you know.',
        };
    }
}
