<?php

declare(strict_types=1);

namespace KeepShare\Core\Giving;

use KeepShare\Core\Kit\Occasion;

/** The cards that coming days need and do not have, by occasion. */
final readonly class Needs
{
    private const IN_WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** @param  array<string, int>  $counts  by occasion, the most first */
    private function __construct(public array $counts)
    {
    }

    /** @param  list<Coming>  $coming */
    public static function of(array $coming): self
    {
        $counts = [];
        foreach ($coming as $one) {
            if (! $one->hasCard) {
                $counts[$one->occasion->value] = ($counts[$one->occasion->value] ?? 0) + 1;
            }
        }
        arsort($counts);

        return new self($counts);
    }

    /**
     * What must still be made, with some cards ready.
     *
     * @param  array<string, int>  $inHand  by occasion
     */
    public function beyond(array $inHand): self
    {
        $counts = [];
        foreach ($this->counts as $occasion => $many) {
            $counts[$occasion] = max(0, $many - ($inHand[$occasion] ?? 0));
        }

        return new self(array_filter($counts));
    }

    public function all(): int
    {
        return array_sum($this->counts);
    }

    /** "three birthday cards, one wedding card" */
    public function says(): string
    {
        $said = [];
        foreach ($this->counts as $occasion => $many) {
            $said[] = (self::IN_WORDS[$many] ?? $many).' '.Occasion::of($occasion)->label().($many === 1 ? ' card' : ' cards');
        }

        return implode(', ', $said);
    }
}
