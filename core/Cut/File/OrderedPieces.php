<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Measure\Size;

/** A line of a cut order: some pieces of one paper and size. */
final readonly class OrderedPieces
{
    private function __construct(
        public string $id,
        public string $paper,
        public Size $size,
        public int $count,
        public bool $turn,
        public int $worth,
    ) {
    }

    /** @param  int  $worth  of one of them, for filling a sheet; square millimetres where nothing else is said */
    public static function of(string $id, string $paper, Size $size, int $count, bool $turn, int $worth): self
    {
        return new self($id, $paper, $size, $count, $turn, $worth);
    }
}
