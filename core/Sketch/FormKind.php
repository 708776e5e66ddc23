<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

/** The shape of a part within its plain rectangle. */
enum FormKind: string
{
    case Plain = 'plain';
    case Round = 'round';
    case Rounded = 'rounded';
    case Tag = 'tag';
    case Banner = 'banner';
    case Scallop = 'scallop';
    case Window = 'window';
    case Diagonal = 'diagonal';
    case Triangle = 'triangle';
    case Ray = 'ray';

    /** @return array<string, Along> the measures it takes */
    public function measures(): array
    {
        return match ($this) {
            self::Rounded => ['corner' => Along::Shorter],
            self::Tag => ['clip' => Along::Shorter],
            self::Banner => ['tail' => Along::Shorter],
            self::Scallop => ['bump' => Along::Shorter],
            self::Window => ['rim' => Along::Shorter],
            self::Diagonal => ['band' => Along::Shorter],
            self::Plain, self::Round, self::Triangle, self::Ray => [],
        };
    }

    /** @return array<string, list<string>> the options it asks for; [] where it is a number */
    public function options(): array
    {
        return match ($this) {
            self::Tag, self::Banner, self::Scallop => ['edge' => array_column(Edge::cases(), 'value')],
            self::Window => ['opening' => ['square', 'round']],
            self::Diagonal => ['runs' => ['rising', 'falling']],
            self::Triangle => ['half' => ['top left', 'top right', 'bottom left', 'bottom right', 'top', 'right', 'bottom', 'left']],
            self::Ray => ['nth' => [], 'rays' => []],
            self::Plain, self::Round, self::Rounded => [],
        };
    }

    /** Whether directional prints look wrong on it, since it lies at an angle. */
    public function isAslant(): bool
    {
        return $this === self::Diagonal || $this === self::Triangle || $this === self::Ray;
    }

    public function says(): string
    {
        return match ($this) {
            self::Plain => 'plain rectangle',
            self::Round => 'round',
            self::Rounded => 'rounded corners',
            self::Tag => 'tag: clipped corners and a hole',
            self::Banner => 'banner: fishtail',
            self::Scallop => 'border strip: scalloped edge',
            self::Window => 'window: an opening in it',
            self::Diagonal => 'diagonal band, trimmed flush',
            self::Triangle => 'triangle out of the rectangle',
            self::Ray => 'ray round the middle',
        };
    }
}
