<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * The sheet of paper on a photograph of it: the largest thing with four straight sides on the ground, or all of the
 * photograph where there is none.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class SheetOnPhoto
{
    /** A smaller one, as a part of the photograph, is something that lies beside it. */
    private const LEAST = 0.15;

    /** @param  array{Point, Point, Point, Point}  $corners  clockwise from the upper left */
    private function __construct(public array $corners, public bool $isFound)
    {
    }

    public static function on(Pixels $picture): self
    {
        try {
            $found = FindPieces::on($picture);
        } catch (BadReference) {
            return self::whole($picture);
        }
        $best = $found->sheets()[0] ?? null;
        $quad = $best === null ? null : $found->pieces[$best]->quad();
        if ($quad === null || $quad->area() < self::LEAST * $picture->width * $picture->height) {
            return self::whole($picture);
        }

        return new self($quad->corners, true);
    }

    private static function whole(Pixels $picture): self
    {
        [$right, $bottom] = [(float) $picture->width, (float) $picture->height];

        return new self([[0.0, 0.0], [$right, 0.0], [$right, $bottom], [0.0, $bottom]], false);
    }
}
