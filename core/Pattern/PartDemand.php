<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Measure\Size;

/** Pieces of one size that may be cut from the same goods. */
final readonly class PartDemand
{
    /** @param  bool  $mayTurn  it may lie on its side even if the print is directional */
    private function __construct(public string $key, public Source $source, public Size $size, public bool $mayTurn)
    {
    }

    /** @param  bool  $mayTurn  it may lie on its side even if the print is directional */
    public static function of(Source $source, Size $size, bool $mayTurn = false): self
    {
        $isPaper = $source === Source::Paper || $source === Source::CalmPaper;
        // Cardstock is not directional, and in small pieces direction does not matter. So both directions are one kind.
        $isEither = $mayTurn || ! $isPaper;
        $lies = $isEither ? Size::of($size->shorter(), $size->longer()) : $size;
        $key = "$source->value/{$lies->width->units}/{$lies->height->units}".($isEither ? '' : ' up');

        return new self($key, $source, $lies, $isEither);
    }

    /** Whether a piece of the other kind can be cut down to this one. */
    public function fitsIn(self $other): bool
    {
        // An upright piece cannot be cut from one that may lie on its side.
        return $other->source->serves($this->source)
            && ($this->mayTurn || ! $other->mayTurn)
            && $this->size->fitsIn($other->size, $this->mayTurn);
    }
}
