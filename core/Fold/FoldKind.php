<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** The ways a card can be folded and built. */
enum FoldKind: string
{
    case Side = 'side';
    case Top = 'top';
    case Gatefold = 'gatefold';
    case ShortFront = 'short-front';
    case EnvelopeFlap = 'envelope-flap';
    case Slider = 'slider';
    case MiniCard = 'mini';
    case Pocket = 'pocket';
    case DoubleCard = 'double';
    case Tag = 'tag';
    case Shaker = 'shaker';

    public function label(): string
    {
        return match ($this) {
            self::Side => 'fold at the side',
            self::Top => 'fold at the top',
            self::Gatefold => 'gatefold',
            self::ShortFront => 'short front',
            self::EnvelopeFlap => 'envelope-flap front',
            self::Slider => 'slider pocket, gift-card holder',
            self::MiniCard => 'mini cards, two out of one base',
            self::Pocket => 'pocket with a tag',
            self::DoubleCard => 'double card',
            self::Tag => 'tag or bookmark',
            self::Shaker => 'shaker front',
        };
    }

    /** For one card: "with a gatefold". */
    public function oneOf(): string
    {
        return match ($this) {
            self::Slider => 'a slider pocket',
            self::MiniCard => 'two mini cards',
            self::Pocket => 'a pocket',
            self::EnvelopeFlap => 'an envelope-flap front',
            self::Tag => 'a tag',
            default => 'a '.$this->label(),
        };
    }

    public static function ofEdge(FoldEdge $edge): self
    {
        return $edge === FoldEdge::Side ? self::Side : self::Top;
    }

    /** The same base lying the other way: a fold at the side becomes a fold at the top. */
    public function turned(): self
    {
        return match ($this) {
            self::Side => self::Top,
            self::Top => self::Side,
            default => $this,
        };
    }

    /**
     * The folds that can be asked for, apart from the plain ones that bases have. For a shaker the maker finds a clear
     * sheet and a filling.
     *
     * @return list<self>
     */
    public static function onWish(): array
    {
        return [
            self::Gatefold,
            self::ShortFront,
            self::EnvelopeFlap,
            self::Slider,
            self::Pocket,
            self::DoubleCard,
            self::Shaker,
            self::MiniCard,
            self::Tag,
        ];
    }

    /** Whether it is made from a base with a score. The others are scored elsewhere and need a blank of their own. */
    public function fitsReadyBase(): bool
    {
        return $this !== self::Gatefold && $this !== self::Pocket;
    }

    /** @throws CannotFold when the front is too small for it */
    public function construct(Size $front, Unit $unit): Construction
    {
        return $this->fold()->construct($front, Cutting::in($unit));
    }

    private function fold(): Fold
    {
        return match ($this) {
            self::Side => new SideFold,
            self::Top => new TopFold,
            self::Gatefold => new Gatefold,
            self::ShortFront => new ShortFront,
            self::EnvelopeFlap => new EnvelopeFlap,
            self::Slider => new Slider,
            self::MiniCard => new MiniCard,
            self::Pocket => new Pocket,
            self::DoubleCard => new DoubleCard,
            self::Tag => new TagCard,
            self::Shaker => new Shaker,
        };
    }
}
