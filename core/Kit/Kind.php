<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The kinds of component, each with its class. */
enum Kind: string
{
    case Paper = 'paper';
    case Panel = 'panel';
    case Cardstock = 'cardstock';
    case Base = 'base';
    case Envelope = 'envelope';
    case DieCut = 'die-cut';
    case Sticker = 'sticker';
    case LayeredPicture = 'layered-picture';
    case Embellishment = 'embellishment';
    case Ribbon = 'ribbon';
    case Foam = 'foam';
    case Adhesive = 'adhesive';
    case Stamp = 'stamp';
    case Tool = 'tool';

    /** @return class-string<Good> */
    public function good(): string
    {
        return match ($this) {
            self::Paper => Paper::class,
            self::Panel => Panel::class,
            self::Cardstock => Cardstock::class,
            self::Base => CardBase::class,
            self::Envelope => Envelope::class,
            self::DieCut => DieCut::class,
            self::Sticker => Sticker::class,
            self::LayeredPicture => LayeredPicture::class,
            self::Embellishment => Embellishment::class,
            self::Ribbon => Ribbon::class,
            self::Foam => Foam::class,
            self::Adhesive => Adhesive::class,
            self::Stamp => Stamp::class,
            self::Tool => Tool::class,
        };
    }

    public static function singular(string $word): string
    {
        $plain = rtrim(mb_strtolower($word), 's');

        return match (true) {
            $plain === 'punche' => 'punch',
            preg_match('/\w{2}[^aeiou]ies$/', mb_strtolower($word)) === 1 => substr($plain, 0, -2).'y',
            default => $plain,
        };
    }

    /** Whether it comes in flat sheets that are cut into pieces. */
    public function isSheets(): bool
    {
        return is_subclass_of($this->good(), SheetGood::class);
    }

    /** Whether it has a print and can be cut into panels and strips. */
    public function isPrintedPaper(): bool
    {
        return is_subclass_of($this->good(), PrintedPaper::class);
    }

    /** Never used up. */
    public function isEndless(): bool
    {
        return is_subclass_of($this->good(), Endless::class);
    }

    /** Used by length rather than by piece. */
    public function isByLength(): bool
    {
        return is_subclass_of($this->good(), ByLength::class);
    }
}
