<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;

/** What a trimmer can do: no cut longer than its track, and no strip too narrow for its guide. */
final readonly class Trimmer
{
    private function __construct(public ?Length $longest, public Length $narrowest)
    {
    }

    /** Any length. Strips narrower than 1/4 in are hard to cut well. */
    public static function usual(): self
    {
        return new self(null, Length::inches(0, 1, 4));
    }

    /** @param  Length|null  $longest null where it is longer than any sheet */
    public static function of(?Length $longest, Length $narrowest): self
    {
        return new self($longest, $narrowest);
    }

    public static function shortest(self $first, self ...$others): self
    {
        $shortest = $first;
        foreach ($others as $other) {
            $isShorter = $other->longest !== null && ($shortest->longest === null || $shortest->longest->isLongerThan($other->longest));
            $shortest = $isShorter ? $other : $shortest;
        }

        return $shortest;
    }

    /** @param  int  $units  of a cut from edge to edge */
    public function reaches(int $units): bool
    {
        return $this->longest === null || $units <= $this->longest->units;
    }

    /** Whether one of these needs a cut that the trimmer cannot make. */
    public function isShortFor(Stock ...$stock): bool
    {
        foreach ($stock as $one) {
            if (! $this->reaches($one->size->longer()->units)) {
                return true;
            }
        }

        return false;
    }
}
