<?php

declare(strict_types=1);

namespace KeepShare\Core\Shop;

use KeepShare\Core\Tray\Noun;

/** One thing to buy, in the units in which it is sold. */
final readonly class ToBuy
{
    /**
     * @param  string|null  $component  the component of the kit that it is more of, by whose price it is reckoned
     * @param  string  $pack  what one of it is, the thing first: "pack of 10 envelopes", "sheet of Kelp"
     * @param  string  $lacks  what is missing: "3 bases"
     * @param  string|null  $or  what would do as well
     */
    private function __construct(
        public ?string $component,
        public int $packs,
        public string $pack,
        public string $lacks,
        public ?string $or,
    ) {
    }

    public static function of(?string $component, int $packs, string $pack, string $lacks, ?string $or = null): self
    {
        return new self($component, $packs, $pack, $lacks, $or);
    }

    /** "2 packs of 10 envelopes". */
    public function says(): string
    {
        [$one, $rest] = explode(' ', $this->pack, 2);

        return Noun::counted($this->packs, $one)." $rest";
    }
}
