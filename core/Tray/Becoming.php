<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Filling;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Trimmer;
use KeepShare\Core\Tray\Kind\FrameParts;

/**
 * What one scrap can become: what the bonus cards would cut from it, the best mix of standard parts, and the best of
 * each kind alone. Parts are valued by what the cards still possible lack.
 */
final readonly class Becoming
{
    /** How many boxes are joined before a filling is given up, since an arrow key may be held down. */
    private const BOXES = 60;

    /** How many sizes a mix uses. */
    private const MIXED = 5;

    /** Nobody cuts more of one part from one scrap than this. */
    private const MANY = 24;

    private function __construct(private Scrap $scrap, private Lacks $lacks, private Trimmer $trimmer)
    {
    }

    /**
     * @param  SheetPlan|null  $wanted  how the bonus cards would cut it, each piece named by the number of its card, a stroke, and its part
     * @return list<WayToCut> the best first
     */
    public static function of(Scrap $scrap, Lacks $lacks, Trimmer $trimmer, ?SheetPlan $wanted = null): array
    {
        return (new self($scrap, $lacks, $trimmer))->options($wanted);
    }

    /** @return list<WayToCut> */
    private function options(?SheetPlan $wanted): array
    {
        $best = $this->bestOfEachNoun();
        $options = array_map(fn (StandardPart $part): ?WayToCut => $this->filled($this->together($part)), array_values($best));
        $options[] = $this->filled(array_slice(array_values($best), 0, self::MIXED));
        $different = [];
        foreach ($options as $option) {
            if ($option !== null) {
                $different[$option->key()] ??= $option;
            }
        }
        $options = array_values($different);
        usort($options, static fn (WayToCut $a, WayToCut $b): int => $b->worth <=> $a->worth);

        return $wanted === null || $wanted->pieces() === [] ? $options : [WayToCut::forCards($this->scrap, $wanted), ...$options];
    }

    /** @return list<StandardPart> what is cut with a part: a frame wants both lengths of its strips */
    private function together(StandardPart $part): array
    {
        return $part->noun === FrameParts::NOUN
            ? array_values(array_filter($this->lacks->parts, fn (StandardPart $one): bool => $one->noun === FrameParts::NOUN
                && $one->mayBeOf($this->scrap)))
            : [$part];
    }

    /** @return array<string, StandardPart> of each noun the size that is worth most in rows, the worthiest first */
    private function bestOfEachNoun(): array
    {
        $best = [];
        $worths = [];
        foreach ($this->lacks->parts as $part) {
            if (! $part->mayBeOf($this->scrap)) {
                continue;
            }
            $count = min(self::MANY, $part->inRows($this->scrap));
            $worth = [$this->lacks->serves($part, $count) > 0, $this->lacks->worth($part) * $count];
            if (! isset($worths[$part->noun]) || $worth > $worths[$part->noun]) {
                $best[$part->noun] = $part;
                $worths[$part->noun] = $worth;
            }
        }
        uksort($best, static fn (string $a, string $b): int => $worths[$b] <=> $worths[$a]);

        return $best;
    }

    /** @param  list<StandardPart>  $parts */
    private function filled(array $parts): ?WayToCut
    {
        $wishes = array_map(fn (StandardPart $part): Demand => Demand::for(
            Piece::of($part->id(), $part->size, $part->turnsOn($this->scrap)),
            $this->lacks->worth($part),
            self::MANY,
        ), $parts);
        $filling = $wishes === [] ? null : $this->fill($wishes);

        return $filling === null || $filling->worth === 0 ? null : WayToCut::ofParts($this->scrap, $filling->plan, $this->lacks, $parts);
    }

    /** @param  non-empty-list<Demand>  $wishes */
    private function fill(array $wishes): Filling
    {
        return Fill::best($this->scrap->stock, $wishes, self::BOXES, $this->trimmer);
    }
}
