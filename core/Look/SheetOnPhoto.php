<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The sheet of paper on a photograph: the largest thing with four straight sides, or the whole photograph if there is
 * none.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class SheetOnPhoto
{
    /** A smaller thing, as a share of the photograph, lies beside the sheet. */
    private const LEAST = 0.15;

    /**
     * @param  array{Point, Point, Point, Point}  $corners  clockwise from the upper left
     * @param  Lit  $lit  the photograph, evened out by the surface that was found
     */
    private function __construct(public array $corners, public bool $isFound, public Lit $lit)
    {
    }

    public static function on(Pixels $picture): self
    {
        try {
            $found = FindPieces::on($picture);
        } catch (BadReference) {
            return self::whole($picture, Lit::evened($picture));
        }
        $lit = Lit::of($picture, $found->ground);
        $quad = $found->sheet();

        return $quad === null || $quad->area() < self::LEAST * $picture->width * $picture->height
            ? self::whole($picture, $lit)
            : new self($quad->corners, true, $lit);
    }

    private static function whole(Pixels $picture, Lit $lit): self
    {
        [$right, $bottom] = [(float) $picture->width, (float) $picture->height];

        return new self([[0.0, 0.0], [$right, 0.0], [$right, $bottom], [0.0, $bottom]], false, $lit);
    }
}
