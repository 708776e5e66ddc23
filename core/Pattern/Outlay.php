<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketch;

/** What one card takes on a sketch, in one direction on a front, with its words put on in one way. */
final readonly class Outlay
{
    /** Points for what a card is, from words on plain stock to a picture on a mat. */
    private const RICH = [0.0, 2.0, 5.0, 7.0];

    /** No outlay looks better than this, in points. */
    public const MOST_LOOKS = 12;

    /**
     * @param  Size  $front  the way it lies
     * @param  list<PartDemand>  $pieces  that are cut for it, the largest first
     * @param  list<string>  $counted  the limits of which it takes one
     */
    private function __construct(public Sketch $sketch, public Size $front, public array $pieces, public array $counted)
    {
    }

    /**
     * How it looks, from 0 to MOST_LOOKS: mostly what it is, then how much of the front is covered, then
     * whether it is as drawn. It is a matter of taste, and only compared between equal numbers of cards.
     */
    public function looks(): float
    {
        $covered = 0;
        foreach ($this->pieces as $kind) {
            $covered += $kind->source === Source::Paper || $kind->source === Source::CalmPaper ? $kind->size->exactArea() : 0;
        }

        $rich = self::RICH[self::levelOf($this->sketch)];
        $drawn = $this->sketch->isAsDrawn() ? 1.0 : 0.0;

        return $rich + $drawn + 4.0 * min(1.0, $covered / $this->front->exactArea());
    }

    /** How many of the levels of Least it reaches beyond the first. */
    private static function levelOf(Sketch $sketch): int
    {
        return count(array_filter(Least::cases(), static fn (Least $least): bool => $least->allows($sketch))) - 1;
    }

    /**
     * @param  list<PartDemand>  $pieces
     * @param  list<string>  $counted
     */
    public static function of(Sketch $sketch, Size $front, array $pieces, array $counted): self
    {
        usort($pieces, static fn (PartDemand $a, PartDemand $b): int => $b->size->exactArea() <=> $a->size->exactArea());

        return new self($sketch, $front, $pieces, $counted);
    }

    public function area(): int
    {
        return array_sum(array_map(static fn (PartDemand $kind): int => $kind->size->exactArea(), $this->pieces));
    }

    /** Whether this can be made wherever the other can: each of its pieces fits in one of the other's. */
    public function undercuts(self $other): bool
    {
        return count($this->pieces) <= count($other->pieces)
            && array_diff($this->counted, $other->counted) === []
            && self::areFoundIn($this->pieces, $other->pieces);
    }

    /**
     * @param  list<PartDemand>  $pieces
     * @param  array<int, PartDemand>  $others
     */
    private static function areFoundIn(array $pieces, array $others): bool
    {
        $first = array_shift($pieces);
        if ($first === null) {
            return true;
        }
        $tried = [];
        foreach ($others as $n => $other) {
            if (isset($tried[$other->key]) || ! $first->fitsIn($other)) {
                continue;
            }
            $tried[$other->key] = true;
            $rest = $others;
            unset($rest[$n]);
            if (self::areFoundIn($pieces, $rest)) {
                return true;
            }
        }

        return false;
    }
}
