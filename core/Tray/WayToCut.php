<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Measure\Unit;

/** One way to cut up a scrap: its cuts, its parts, and for how many cards they are. */
final readonly class WayToCut
{
    /**
     * @param  array<string, int>  $counts  of each part, by its id
     * @param  array<string, StandardPart>  $parts  by id
     * @param  int  $cards  how many of the cards to come it serves
     * @param  list<int>  $for  numbers of the bonus cards it is cut for; empty where it is for any
     * @param  int  $left  square millimetres that no part is cut from
     */
    private function __construct(
        public SheetPlan $plan,
        public array $counts,
        public array $parts,
        public int $cards,
        public array $for,
        public int $worth,
        public int $left,
    ) {
    }

    /** @param  list<StandardPart>  $parts  those it is made of */
    public static function ofParts(Scrap $scrap, SheetPlan $plan, Lacks $lacks, array $parts): self
    {
        $byId = [];
        foreach ($parts as $part) {
            $byId[$part->id()] = $part;
        }
        $counts = array_count_values(array_map(static fn (Leaf $leaf): string => (string) $leaf->piece, $plan->pieces()));
        $worth = 0;
        foreach ($counts as $id => $count) {
            $worth += $count * $lacks->worth($byId[$id]);
        }

        return new self($plan, $counts, $byId, $lacks->servedBy($counts), [], $worth, self::left($scrap, $plan));
    }

    /** What bonus cards cut from it. Each piece is named by the number of its card, a stroke, and its part. */
    public static function forCards(Scrap $scrap, SheetPlan $plan): self
    {
        $parts = $counts = $cards = [];
        foreach ($plan->pieces() as $leaf) {
            [$number] = explode('/', (string) $leaf->piece);
            $cards[(int) $number] = (int) $number;
            $part = StandardPart::of(Noun::ofSize($leaf->rect()->size), $leaf->rect()->size);
            $parts[$part->id()] = $part;
            $counts[$part->id()] = ($counts[$part->id()] ?? 0) + 1;
        }
        sort($cards);

        return new self($plan, $counts, $parts, count($cards), $cards, PHP_INT_MAX, self::left($scrap, $plan));
    }

    /** A key that tells it from every other way to cut the same scrap. */
    public function key(): string
    {
        return substr(hash('sha256', json_encode($this->plan->toArray(), JSON_THROW_ON_ERROR)), 0, 12);
    }

    /** "1 square 2 × 2, 1 banner 1 × 2, 1 strip 1 × 3 1/2". */
    public function says(Unit $unit): string
    {
        $says = [];
        foreach ($this->counts as $id => $count) {
            $says[] = $this->parts[$id]->says($count, $unit);
        }

        return implode(', ', $says);
    }

    /** Notes on its parts: "for a mat 2 1/4 × 2 1/4; with a fishtail". */
    public function how(): string
    {
        return implode('; ', array_unique(array_filter(array_map(
            fn (string $id): ?string => $this->parts[$id]->how,
            array_keys($this->counts),
        ))));
    }

    /** Who needs the parts: "bonus cards 13 and 14", "for two cards", "no card needs one". */
    public function serves(): string
    {
        $for = $this->for;
        $last = array_pop($for);

        return match (true) {
            $last !== null && $for !== [] => 'bonus cards '.implode(', ', $for)." and $last are cut from it so",
            $last !== null => "bonus card $last is cut from it so",
            $this->cards === 0 => 'no card needs it',
            $this->cards === 1 => 'for one card',
            default => "for $this->cards cards",
        };
    }

    private static function left(Scrap $scrap, SheetPlan $plan): int
    {
        $left = $scrap->size()->area();
        foreach ($plan->pieces() as $leaf) {
            $left -= $leaf->rect()->size->area();
        }

        return max(0, $left);
    }
}
