<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Glyph;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;

/** What may stand at a place of an arrangement, and its part in the group. */
enum Stands: string
{
    /** The main picture. */
    case Picture = 'picture';
    /** A smaller picture, tucked under an edge, over a corner or beside. */
    case Small = 'small picture';
    /** The same picture as the first small one, on its other side. */
    case Twin = 'twin';
    /** A small picture of something that flies or shines. It may float. */
    case Sky = 'sky';
    /** A label, tag, circle or mat cut from a scrap, larger on every side than the piece on it. */
    case Backing = 'backing';
    /** Round the picture, which is seen through it. */
    case Frame = 'frame';
    /** Hung, or lying by the picture. */
    case Tag = 'tag';
    /** A strip along an edge, over a seam, or as the land of a scene. */
    case Border = 'border';
    /** One of a line of banners. */
    case Banner = 'banner';
    /** The words of the card. */
    case Words = 'words';
    /** A second line of words, for the same occasion. */
    case MoreWords = 'more words';
    /** One letter or figure of a word or an age. */
    case Letter = 'letter';
    /** Twine or ribbon from which something hangs. */
    case Twine = 'twine';

    /** Whether a ready-made thing may stand there. */
    public function admits(Component $component): bool
    {
        $printed = $component->good instanceof Applied ? $component->good->printed() : null;

        return match ($this) {
            self::Picture => $component->isFocalPoint(),
            self::Small, self::Twin => $printed?->serves === Serves::Image && ! Glyph::isOne($component),
            self::Sky => self::Small->admits($component) && $printed !== null && Silhouette::floats($printed->shape),
            self::Backing => $printed !== null && self::isBlank($printed) && $printed->serves !== Serves::Border,
            self::Frame => $printed?->serves === Serves::Frame,
            self::Tag => $printed?->serves === Serves::Tag,
            self::Border => $printed?->serves === Serves::Border,
            self::Banner => $printed?->serves === Serves::Label && $printed->words === null,
            self::Words => $component->words() !== null,
            self::MoreWords => $printed !== null && $component->words() !== null,
            self::Letter => Glyph::isOne($component),
            self::Twine => $component->kind() === Kind::Ribbon,
        };
    }

    /** Whether it is one of the pictures that must be odd in number. */
    public function isPicture(): bool
    {
        return in_array($this, [self::Picture, self::Small, self::Twin, self::Sky], true);
    }

    public function areWords(): bool
    {
        return $this === self::Words || $this === self::MoreWords;
    }

    private static function isBlank(Printed $printed): bool
    {
        return $printed->words === null && in_array($printed->serves, [Serves::Label, Serves::Tag], true);
    }
}
