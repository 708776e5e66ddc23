<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Sketch\Sketch;

/**
 * How many cards may be on one sketch before another card on it looks less. Two on one sketch look good. Of more than a
 * quarter of all cards, or of more than there are papers for, every card looks like the last.
 */
final readonly class Repeats
{
    private const FEW = 2;

    /** Points of looks that a card loses beyond the few, and beyond the quarter. */
    private const AGAIN = 1.5;

    private const CROWDED = 25.0;

    /** What a card can lose by this at most. */
    public const MOST = self::AGAIN + self::CROWDED;

    /**
     * @param  array<string, int>  $limits  how many cards, by name
     * @param  array<string, float>  $losses  points for each card beyond, by name
     */
    private function __construct(public array $limits, public array $losses)
    {
    }

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  list<Outlay>  $outlays
     * @param  int  $cards  how many there are in all
     * @param  int  $faces  of different papers
     */
    public static function among(array $outlays, int $cards, int $faces): self
    {
        $limits = $losses = [];
        foreach ($outlays as $outlay) {
            [$few, $crowd] = self::names($outlay->sketch);
            $limits[$few] = self::FEW;
            $losses[$few] = self::AGAIN;
            $limits[$crowd] = max(1, min(self::quarter($cards), $outlay->sketch->papers() === 1 ? $faces : $cards));
            $losses[$crowd] = self::CROWDED;
        }

        return new self($limits, $losses);
    }

    /** How many cards may be alike before they are too many. */
    public static function quarter(int $cards): int
    {
        return intdiv($cards + 3, 4);
    }

    /** @return list<string> the limits that a card on a sketch counts for */
    public function on(Sketch $sketch): array
    {
        return $this->limits === [] ? [] : self::names($sketch);
    }

    /** @return array{string, string} */
    private static function names(Sketch $sketch): array
    {
        return ["on $sketch->key", "too many on $sketch->key"];
    }
}
