<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What could be the focal point of a card: a printed piece or panel, a shape cut with a die from a scrap, or a motif
 * cut out of a paper.
 */
final readonly class Picture
{
    /** @param  list<Taking>  $takings */
    private function __construct(public array $takings, public Colour $colour, public bool $isLifted, public int $liking)
    {
    }

    /** @param  int  $liking  how well it suits its place whatever lies under it */
    public static function printed(Component $component, Printed $printed, int $liking): self
    {
        return new self(
            [Taking::some($component->id, FocalPart::ID, 1)],
            $printed->colours[0],
            $component->kind() === Kind::DieCut,
            $liking,
        );
    }

    /**
     * The part of a printed panel that fits a place. Null if too little of it is left to be a picture.
     *
     * @param  Size  $panel  as it stands upright
     */
    public static function ofPanel(Size $panel, Size $place, Unit $unit): ?Size
    {
        $least = static fn (Length $a, Length $b): Length => $a->isLongerThan($b) ? $b : $a;
        $size = Size::of($least($panel->width, $place->width), $least($panel->height, $place->height));

        return Motif::cutOut($unit)->fitsIn($size) && 2 * $size->exactArea() >= $panel->exactArea() ? $size : null;
    }

    /** A piece of a paper with its motif, or of a panel with its picture. */
    public static function printedOn(Size $size, Surface $surface, int $liking): self
    {
        return new self(
            [
                Taking::piece(
                    $surface->component,
                    FocalPart::ID,
                    $size,
                    $surface->index,
                    ! $surface->face->directional,
                ),
            ],
            $surface->face->colours[1] ?? $surface->face->ground(),
            true,
            $liking,
        );
    }

    /** @param  Component  $die  or a stamp with a picture: what makes a scrap a picture */
    public static function cut(Component $die, Size $size, Surface $surface, int $liking): self
    {
        return new self([
            Taking::piece($surface->component, FocalPart::ID, $size, $surface->index, ! $surface->face->directional),
            Taking::some($die->id, DiePart::ID, 0),
        ], $surface->face->ground(), true, $liking);
    }
}
