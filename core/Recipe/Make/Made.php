<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use KeepShare\Core\Card\Card;

/** The cards that were found, and how their sheets are cut. */
final readonly class Made
{
    /**
     * @param  bool  $wastesLittle  no more than was asked for
     * @param  int  $bound  no search finds more cards
     */
    private function __construct(
        public Ask $ask,
        public FloorPlan $floor,
        public int $number,
        public bool $wastesLittle,
        public int $bound,
    ) {
    }

    public static function of(Ask $ask, FloorPlan $floor, int $cards, bool $wastesLittle, int $bound): self
    {
        return new self($ask, $floor, $cards, $wastesLittle, $bound);
    }

    /** Compares by waste, then by the number of cards, then by the total penalty. */
    public function isWorseThan(int $cards, bool $wastesLittle, FloorPlan $floor): bool
    {
        return [$wastesLittle, $cards, -$floor->cost(1.0)] > [$this->wastesLittle, $this->number, -$this->floor->cost(1.0)];
    }

    /** The share of the paper on cards, in hundredths of a per cent, rounded down. */
    public function usedIn10000(): int
    {
        return (int) (10_000 * $this->floor->used() / $this->ask->area());
    }

    /** "97.64 %" */
    public function used(): string
    {
        return sprintf('%d.%02d %%', intdiv($this->usedIn10000(), 100), $this->usedIn10000() % 100);
    }

    /** @return array{cards: int, bound: int, how: string, proven: bool, used: string, waste: string} */
    public function write(): array
    {
        $left = 10_000 - $this->usedIn10000();

        return [
            'cards' => $this->number,
            'bound' => $this->bound,
            'how' => 'area',
            'proven' => $this->number === $this->bound,
            'used' => $this->used(),
            'waste' => sprintf('%d.%02d %%', intdiv($left, 100), $left % 100),
        ];
    }

    /**
     * @param  array<string, string>  $on  the letter of each paper, by its piece: "3/upper"
     * @return list<Card> numbered from 1
     */
    public function cards(array $on): array
    {
        $cards = [];
        foreach ($this->floor->cards() as $n => $way) {
            $cards[] = $way->card($n + 1, $on, $this->ask->frame);
        }

        return $cards;
    }
}
