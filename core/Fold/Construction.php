<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** How a card of a fold is built: the pieces, the order of gluing, what is not glued, and its final size. */
final readonly class Construction
{
    /**
     * @param  FoldPart  $blank  what the base is folded from
     * @param  list<FoldPart>  $parts  what is cut besides
     * @param  non-empty-list<string>  $steps  the order of scoring and gluing
     * @param  string  $open  the edge that must not be glued
     * @param  Size  $closed  the finished card
     * @param  Size  $face  what the layers of the front lie on
     */
    private function __construct(
        public FoldPart $blank,
        public array $parts,
        public array $steps,
        public string $open,
        public Size $closed,
        public Size $face,
        public Length $thickness,
    ) {
    }

    /**
     * @param  list<FoldPart>  $parts
     * @param  non-empty-list<string>  $steps
     * @param  int  $layers  how many layers of the base lie on each other when it is closed
     * @param  Size|null  $face  where the layers of the front lie on less than the whole of it
     */
    public static function of(
        FoldPart $blank,
        array $parts,
        array $steps,
        string $open,
        Size $closed,
        int $layers = 2,
        ?Size $face = null,
    ): self {
        $thickness = $layers * $blank->stuff->thickness()->units;
        foreach ($parts as $part) {
            $thickness += $part->stuff->thickness()->units;
        }

        return new self($blank, $parts, $steps, $open, $closed, $face ?? $closed, Length::ofUnits($thickness));
    }

    /** The part whose piece has this name among the parts of a card. */
    public function partOnCard(string $part): ?FoldPart
    {
        foreach ($this->parts as $one) {
            if ($one->onCard() === $part) {
                return $one;
            }
        }

        return null;
    }

    public function part(string $id): ?FoldPart
    {
        foreach ([$this->blank, ...$this->parts] as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }
}
