<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/** One stroke of the trimmer. */
final readonly class Cut
{
    private function __construct(public int $number, public Split $split)
    {
    }

    /** @param  int  $number  from 1, in the order to make them */
    public static function of(int $number, Split $split): self
    {
        return new self($number, $split);
    }

    /** The part that is cut. */
    public function part(): Rect
    {
        return $this->split->rect();
    }

    public function direction(): Direction
    {
        return $this->split->direction;
    }

    /** The setting of the guide, from the left or upper edge of the part that is cut. */
    public function at(): Length
    {
        return $this->split->at;
    }
}
