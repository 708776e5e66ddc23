<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/** A printed panel, cut-apart or journalling card: both sides printed, trimmed or cut in strips like paper. */
final readonly class Panel implements SheetGood
{
    private function __construct(private Size $size, private Face $front, private Face $back, public int $onSheet)
    {
    }

    /** @param  int  $onSheet how many of the kit's panels were printed on one sheet to be cut apart; 1 for loose ones */
    public static function of(Size $size, Face $front, Face $back, int $onSheet = 1): self
    {
        return new self($size, $front, $back, $onSheet);
    }

    public function kind(): Kind
    {
        return Kind::Panel;
    }

    public function size(): Size
    {
        return $this->size;
    }

    /** Its front is a picture that the eye of a card can rest on, not a pattern. */
    public function isPicture(): bool
    {
        return $this->front->motif->isPicture() || $this->front->motif->isScene();
    }

    public function faces(): array
    {
        return [$this->front, $this->back];
    }
}
