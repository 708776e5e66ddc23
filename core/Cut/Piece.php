<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/** One piece that a card needs. */
final readonly class Piece
{
    private function __construct(public string $id, public Size $size, public bool $mayTurn)
    {
    }

    /** @param  bool  $mayTurn false if the print is directional */
    public static function of(string $id, Size $size, bool $mayTurn): self
    {
        return new self($id, $size, $mayTurn);
    }
}
