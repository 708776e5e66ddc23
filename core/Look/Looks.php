<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Colour\Colour;

/** How a printed face looks: its main colours with their shares, and how busy it is. */
final readonly class Looks
{
    /** From this value on, a print distracts from a focal point. It lies between a quiet wave and a gingham. */
    public const BUSY_FROM = 34;

    /**
     * @param  list<array{colour: Colour, percent: int}>  $colours  the largest share first
     * @param  int  $busyness  0 for one flat colour to 100
     */
    private function __construct(public array $colours, public int $busyness)
    {
    }

    /**
     * Reads the looks from a picture of a sheet.
     *
     * @param  non-empty-list<non-empty-list<array{int, int, int}>>  $pixels  rows of red, green, blue, 0 to 255
     */
    public static function of(array $pixels): self
    {
        return new self(Clusters::of($pixels), Busyness::of($pixels));
    }

    public function isBusy(): bool
    {
        return $this->busyness >= self::BUSY_FROM;
    }
}
