<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What could be the focal point of a card: a printed piece, a shape cut from a scrap with a die one owns, or a
 * motif cut out of a paper. */
final readonly class Picture
{
    /** The part under which the die stands that cuts the focal point. */
    public const DIE = 'focal-die';

    /** @param  list<Taking>  $takings */
    private function __construct(public array $takings, public Colour $colour, public bool $isLifted, public int $liking)
    {
    }

    /** @param  int  $liking  how well it suits its place whatever lies under it */
    public static function printed(Component $component, Printed $printed, int $liking): self
    {
        return new self([Taking::some($component->id, 'focal', 1)], $printed->colours[0], $component->kind() === Kind::DieCut, $liking);
    }

    /** A square of a paper, with its motif on it. */
    public static function motif(Size $size, Surface $surface, int $liking): self
    {
        return new self([Taking::piece($surface->component, 'focal', $size, $surface->index, ! $surface->face->directional)], $surface->face->colours[1] ?? $surface->face->ground(), true, $liking);
    }

    /** What is cut out round a motif: it holds one at least. */
    public static function motifSize(Unit $unit): Size
    {
        return $unit === Unit::Inch ? Size::parse('1 3/4', '1 3/4', Unit::Inch) : Size::parse('45', '45', Unit::Millimetre);
    }

    public static function cut(Component $die, Size $size, Surface $surface, int $liking): self
    {
        return new self([
            Taking::piece($surface->component, 'focal', $size, $surface->index, ! $surface->face->directional),
            Taking::some($die->id, self::DIE, 0),
        ], $surface->face->ground(), true, $liking);
    }
}
