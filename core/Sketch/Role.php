<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** What a part is for on the front, and so what it may be cut from. */
enum Role: string
{
    /** Patterned paper, busy or calm. Nothing has to stand out on it. */
    case Background = 'background';
    /** Patterned paper under the focal point or the sentiment. It should be calm. */
    case Field = 'field';
    /** A small piece of patterned paper. */
    case Accent = 'accent';
    /** Cardstock of which only the reveal is seen. */
    case Mat = 'mat';
    /** Cardstock in place of a patterned panel. */
    case Ground = 'ground';
    /** Cardstock in place of a calm paper, where paper is short. It is drawn like a calm paper. */
    case Plain = 'plain';
    /** Cardstock under the focal point, so that it stands out from a busy paper. */
    case Label = 'label';
    /** A narrow strip of cardstock over a join. */
    case Strip = 'strip';
    /** Not a part, but a rectangle that others are measured from. */
    case Guide = 'guide';

    /** @return list<self> what a part can be in a sketch as it is drawn */
    public static function drawn(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $role): bool => $role !== self::Plain));
    }

    public function isPaper(): bool
    {
        return match ($this) {
            self::Background, self::Field, self::Accent => true,
            default => false,
        };
    }

    /** What its paper should be like, so that what lies on it stands out. */
    public function wants(): string
    {
        return match ($this) {
            self::Background => 'busy or calm',
            self::Field => 'calm',
            self::Accent => 'busy or calm, small in scale',
            default => 'plain',
        };
    }

    /** Whether a directional print may lie on its side here, since the part is a strip or a small piece. */
    public function mayTurn(): bool
    {
        return $this !== self::Background && $this !== self::Field;
    }

    /** The text that writers of sketches choose from. */
    public function says(): string
    {
        return match ($this) {
            self::Background => 'patterned paper, busy or calm',
            self::Field => 'calm patterned paper, under picture or words',
            self::Accent => 'small piece of patterned paper',
            self::Mat => 'cardstock mat',
            self::Ground => 'cardstock in place of a paper',
            self::Plain => 'cardstock in place of a calm paper',
            self::Label => 'cardstock under the picture',
            self::Strip => 'cardstock strip over a join',
            self::Guide => 'guide: only measured from, not cut',
        };
    }
}
