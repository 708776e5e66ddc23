<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Measure\Size;

/** Pieces of one size that may be cut from the same goods. */
final readonly class PartDemand
{
    /** @param  bool  $mayTurn  it may lie on its side also where the print has an up */
    private function __construct(public string $key, public Source $source, public Size $size, public bool $mayTurn)
    {
    }

    /** @param  bool  $mayTurn  it may lie on its side also where the print has an up */
    public static function of(Source $source, Size $size, bool $mayTurn = false): self
    {
        $isPaper = $source === Source::Paper || $source === Source::CalmPaper;
        // What is cut from cardstock has no up, and in small pieces no one minds: either way it is the same kind.
        $isEither = $mayTurn || ! $isPaper;
        $lies = $isEither ? Size::of($size->shorter(), $size->longer()) : $size;
        $key = "$source->value/{$lies->width->units}/{$lies->height->units}".($isEither ? '' : ' up');

        return new self($key, $source, $lies, $isEither);
    }

    /** Whether one of the other kind can be cut down to one of this. */
    public function fitsIn(self $other): bool
    {
        // What must stand upright is not to be had where the other may be cut lying.
        return $other->source->serves($this->source)
            && ($this->mayTurn || ! $other->mayTurn)
            && $this->size->fitsIn($other->size, $this->mayTurn);
    }
}
