<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** What the eye rests on. A card on the sketch must have it. */
enum Focus: string
{
    /** A picture: printed, cut with a die or cut out of a print. */
    case Picture = 'picture';
    /** The words themselves, on a circle, a label, a strip or a banner. */
    case Words = 'words';
    /** Nothing. The paper itself is the picture. */
    case Paper = 'paper';
    /** The same without words, for makers who let some cards go without. */
    case PaperAlone = 'paper alone';
    /** A tag, a label or another printed piece as large as the front, with the words on it. */
    case Piece = 'piece';

    /** Whether it is made without a picture, and mostly with less paper. */
    public function isLean(): bool
    {
        return $this !== self::Picture && $this !== self::Piece;
    }

    public function says(): string
    {
        return match ($this) {
            self::Picture => 'a picture',
            self::Words => 'the words',
            self::Paper => 'the paper itself',
            self::PaperAlone => 'the paper alone, without words',
            self::Piece => 'one piece as large as the front',
        };
    }
}
