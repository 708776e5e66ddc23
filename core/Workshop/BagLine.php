<?php

declare(strict_types=1);

namespace KeepShare\Core\Workshop;

use KeepShare\Core\Card\Taking;
use KeepShare\Core\Measure\Size;

/** One thing that goes into the bag of each of a class, for one card. */
final readonly class BagLine
{
    /**
     * @param  string  $id  its card and its part: "3/upper"
     * @param  string  $part  as it is said: "upper paper"
     * @param  Size|null  $size  of what is cut; null for what is counted
     * @param  bool  $mayTurn  whether what is cut may lie either way on its sheet
     * @param  int  $quantity  pieces, or of ribbon a length in units
     * @param  list<string>  $done  what is done to it beforehand: "cut", "embossed"
     */
    private function __construct(
        public string $id,
        public int $card,
        public string $part,
        public string $component,
        public ?Size $size,
        public bool $mayTurn,
        public int $quantity,
        public array $done,
    ) {
    }

    /** @param  list<string>  $done */
    public static function of(int $card, string $part, Taking $taking, array $done): self
    {
        return new self(
            "$card/$taking->part",
            $card,
            $part,
            $taking->component,
            $taking->size,
            $taking->mayTurn,
            $taking->quantity,
            $done,
        );
    }
}
