<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Sketch\Sketch;

/** A card as the maker of the kit shows it: its sketch and what fills some of its parts. The rest is free. */
final readonly class KitDesign
{
    public const FOCAL = 'focal';

    public const SENTIMENT = 'sentiment';

    public const MOST = 60;

    /** @param  array<string, array{component: string, face: int}>  $takes  by part */
    private function __construct(
        public string $name,
        public Sketch $sketch,
        public bool $isLying,
        public Occasion $occasion,
        public int $makes,
        public array $takes,
    ) {
    }

    /**
     * @param  int  $makes  how many cards of it the kit is meant for
     * @param  array<string, array{component: string, face: int}>  $takes  by part of the sketch, with the focal point and the sentiment
     */
    public static function of(string $name, Sketch $sketch, bool $isLying, Occasion $occasion, int $makes, array $takes): self
    {
        return new self($name, $sketch, $isLying, $occasion, $makes, $takes);
    }

    /**
     * The same design with other ids for its components. Null if one of them is unknown.
     *
     * @param  array<string, string>  $ids  by the id they have here
     */
    public function renamed(array $ids): ?self
    {
        $takes = [];
        foreach ($this->takes as $part => $take) {
            if (! isset($ids[$take['component']])) {
                return null;
            }
            $takes[$part] = ['component' => $ids[$take['component']], 'face' => $take['face']];
        }

        return new self($this->name, $this->sketch, $this->isLying, $this->occasion, $this->makes, $takes);
    }
}
