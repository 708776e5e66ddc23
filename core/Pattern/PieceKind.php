<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Measure\Size;

/** Pieces of one size that may be cut from the same goods. */
final readonly class PieceKind
{
    private function __construct(public string $key, public Source $source, public Size $size)
    {
    }

    public static function of(Source $source, Size $size): self
    {
        // What is cut from cardstock has no up: either way it is the same kind.
        $lies = match ($source) {
            Source::Paper, Source::CalmPaper => $size,
            default => Size::of($size->shorter(), $size->longer()),
        };

        return new self("$source->value/{$lies->width->units}/{$lies->height->units}", $source, $lies);
    }

    /** Whether one of the other kind can be cut down to one of this. */
    public function fitsIn(self $other): bool
    {
        return $other->source->serves($this->source) && $this->size->fitsIn($other->size);
    }
}
