<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** What a card must at least be, from the leanest to the richest. A card that is more will always do. */
enum Least: string
{
    /** Words on plain stock. */
    case Words = 'words';
    /** One paper and words. */
    case Paper = 'paper';
    /** Two papers, or one and a picture. */
    case TwoPapers = 'two';
    /** A picture, a paper, and cardstock for a mat. */
    case PictureOnMat = 'picture';

    /** What most makers send. */
    public static function usual(): self
    {
        return self::TwoPapers;
    }

    public function allows(Sketch $sketch): bool
    {
        $isPicture = ! $sketch->focus->isLean();
        // A front without cut parts is printed itself, or one printed piece covers it.
        $papers = $isPicture && $sketch->isBare() ? 1 : $sketch->papers();
        $mats = array_filter($sketch->parts, static fn (Part $part): bool => self::isMat($part->role));

        return match ($this) {
            self::Words => true,
            self::Paper => $papers > 0,
            self::TwoPapers => $papers > 1 || ($papers === 1 && $isPicture),
            self::PictureOnMat => $papers > 0 && $isPicture && $mats !== [],
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Words => 'words on plain stock',
            self::Paper => 'one paper and words',
            self::TwoPapers => 'two papers, or one and a picture',
            self::PictureOnMat => 'a picture, a paper and a mat',
        };
    }

    /** A sketch that is just this, to be drawn as an example. */
    public function example(): string
    {
        return match ($this) {
            self::Words => 'stamped-panel',
            self::Paper => 'strip-across',
            self::TwoPapers => 'two-slim-strips',
            self::PictureOnMat => 'stacked-mats',
        };
    }

    private static function isMat(Role $role): bool
    {
        return in_array($role, [Role::Mat, Role::Label, Role::Ground], true);
    }
}
