<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** One size of a kind of part. It is cut from a scrap as a plain rectangle, and then shaped if its kind needs that. */
final readonly class StandardPart
{
    private function __construct(
        public string $noun,
        public Size $size,
        public CutFrom $stuff,
        public bool $mayTurn,
        public ?string $how,
    ) {
    }

    /**
     * @param  string  $noun  what one is called: "strip"
     * @param  bool  $mayTurn  false if a directional print has to stand upright
     * @param  string|null  $how  said after its size: "for a mat 2 1/4 × 2 1/4", "with the punch"
     */
    public static function of(string $noun, Size $size, CutFrom $stuff = CutFrom::Any, bool $mayTurn = true, ?string $how = null): self
    {
        return new self($noun, $size, $stuff, $mayTurn, $how);
    }

    /** A key that tells it from every other: its name and its sides. */
    public function id(): string
    {
        return sprintf('%s:%dx%d', $this->noun, $this->size->width->units, $this->size->height->units);
    }

    /** "3 strips 1 × 3 1/2". */
    public function says(int $count, Unit $unit): string
    {
        return Noun::counted($count, $this->noun).' '.$this->size->format($unit);
    }

    public function mayBeOf(Scrap $scrap): bool
    {
        return $this->stuff->takes($scrap) && $this->size->fitsIn($scrap->size(), $this->turnsOn($scrap));
    }

    public function turnsOn(Scrap $scrap): bool
    {
        return $this->mayTurn || ! $scrap->hasUp();
    }

    /** How many a scrap gives in even rows, all in one direction. */
    public function inRows(Scrap $scrap): int
    {
        $lying = $this->turnsOn($scrap) ? self::rows($this->size->turned(), $scrap->size()) : 0;

        return max(self::rows($this->size, $scrap->size()), $lying);
    }

    private static function rows(Size $part, Size $scrap): int
    {
        return intdiv($scrap->width->units, $part->width->units) * intdiv($scrap->height->units, $part->height->units);
    }
}
