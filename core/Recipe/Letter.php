<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Paper;
use KeepShare\Core\Measure\Size;

/** A paper of a recipe before it is chosen: what it should be like, and how its sheets are cut. */
final readonly class Letter
{
    /** The colours of letters on a drawing. The letter itself is written on each piece. */
    private const TINTS = [
        '#c8dccb', '#f0cfc2', '#cfd9ee', '#f2e3b3', '#e2cfe4', '#c5e2e4',
        '#e9d8c4', '#d5e4b9', '#f3cbd6', '#cfcfe9', '#dfe3d2', '#ead2b0',
    ];

    /** @param  non-empty-list<SheetPlan>  $plans  one a sheet; pieces by the number of their card and their part: "3/upper" */
    private function __construct(public string $letter, public AskedPrint $front, public AskedPrint $back, public array $plans)
    {
    }

    /**
     * @param  string  $letter  "A"
     * @param  non-empty-list<SheetPlan>  $plans  all of sheets of one size
     */
    public static function of(string $letter, AskedPrint $front, AskedPrint $back, array $plans): self
    {
        return new self($letter, $front, $back, $plans);
    }

    /** "A" for the first, "AA" for the 27th. */
    public static function nth(int $n): string
    {
        $letter = chr(ord('A') + $n % 26);

        return $n < 26 ? $letter : self::nth(intdiv($n, 26) - 1).$letter;
    }

    public function sheet(): Size
    {
        return $this->plans[0]->stock->size;
    }

    /** @return list<Leaf> its pieces on all its sheets */
    public function pieces(): array
    {
        return array_merge(...array_map(static fn (SheetPlan $plan): array => $plan->pieces(), $this->plans));
    }

    /** Stands for the paper before it is chosen. */
    public function component(int $n): Component
    {
        $colour = Colour::fromHex(self::TINTS[$n % count(self::TINTS)]);
        $face = static fn (string $name, AskedPrint $print): Face => Face::printed(
            $name,
            Motif::Solid,
            [$colour],
            $print->busy === true,
            $print->hasUp,
        );

        return Component::of(
            $this->letter,
            "Paper $this->letter",
            Paper::of($this->sheet(), $face('front', $this->front), $face('back', $this->back)),
            count($this->plans),
        );
    }
}
