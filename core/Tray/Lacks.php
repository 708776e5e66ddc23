<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Kind\FrameParts;

/**
 * What the cards still possible lack. For each standard part: how many cards could use it, how many of those can still
 * be made, and how much of it the tray and the whole sheets give. Scarce parts are worth more. A part that no card
 * needs is worth only its paper.
 */
final class Lacks
{
    /** The value of a part that every further card needs and nothing else can give. */
    private const MOST = 1_000;

    /** One point of scarcity outweighs any area. */
    private const POINT = 1_000;

    /** @var list<StandardPart> */
    public readonly array $parts;

    /** How many cards could still be made if there were paper for them. */
    public readonly int $cards;

    private readonly Slots $slots;

    /** @var array<string, int|null> by part */
    private array $perCard = [];

    /** @var array<string, int> */
    private array $supply = [];

    /** @var list<array{Scrap, int}> what parts may be cut from, whole sheets among it, and how many there are like it */
    private readonly array $kinds;

    /** @param  list<Scrap>  $scraps */
    private function __construct(private readonly Table $table, array $scraps)
    {
        $kinds = [];
        foreach ($scraps as $scrap) {
            $key = "{$scrap->component->id} {$scrap->size()->width->units} {$scrap->size()->height->units}";
            $kinds[$key] = [$scrap, ($kinds[$key][1] ?? 0) + 1];
        }
        $this->kinds = array_values($kinds);
        $this->parts = PartKinds::on($table);
        $this->cards = Bound::byCount($table)->cards;
        $this->slots = Slots::on($table);
    }

    /** @param  list<Scrap>  $scraps */
    public static function on(Table $table, array $scraps): self
    {
        return new self($table, $scraps);
    }

    /** How many parts like this one a card needs. Null if no card needs one. */
    public function perCard(StandardPart $part): ?int
    {
        $id = $part->id();
        if (! array_key_exists($id, $this->perCard)) {
            $this->perCard[$id] = $this->isCutForItself($part) ? 1 : $this->slots->perCard($part);
        }

        return $this->perCard[$id];
    }

    /** How many of the possible cards could use this many of a part. */
    public function serves(StandardPart $part, int $count): int
    {
        $each = $this->perCard($part);

        return $each === null ? 0 : min($this->cards, intdiv($count, $each));
    }

    /**
     * How many of the possible cards could use several parts together. A frame needs two long strips and two short
     * ones, so four of one length are not enough.
     *
     * @param  array<string, int>  $counts  by the id of the part
     */
    public function servedBy(array $counts): int
    {
        $cards = 0;
        $frame = [];
        foreach ($this->parts as $part) {
            if ($part->noun === FrameParts::NOUN) {
                $frame[$part->id()] = $counts[$part->id()] ?? 0;
            } else {
                $cards += $this->serves($part, $counts[$part->id()] ?? 0);
            }
        }
        // On a square front all four have one length.
        $frames = $frame === [] ? 0 : intdiv(min($frame), count($frame) === 1 ? 4 : 2);

        return min($this->cards, $cards + $frames);
    }

    /** The value of one part: above 0, by scarcity, then by area. */
    public function worth(StandardPart $part): int
    {
        $each = $this->perCard($part);
        $area = max(1, min(self::POINT - 1, intdiv($part->size->area(), 50)));
        if ($each === null || $this->cards === 0) {
            return $area;
        }
        $wanted = $this->cards * $each;

        return $area + self::POINT * max(1, intdiv(self::MOST * $wanted, ($wanted + $this->supplyOf($part)) * $each));
    }

    /** What is cut with a die or out of a print can be the picture of a card. */
    private function isCutForItself(StandardPart $part): bool
    {
        if ($part->stuff === CutFrom::Pictured) {
            return true;
        }
        foreach ($this->table->components as $component) {
            $isIt = $component->good instanceof Tool && $component->good->cutsShapes();
            if ($isIt && $component->good->extent()?->equals($part->size) === true && $component->good->shape?->value === $part->noun) {
                return true;
            }
        }

        return false;
    }

    private function supplyOf(StandardPart $part): int
    {
        return $this->supply[$part->id()] ??= array_sum(array_map(
            static fn (array $kind): int => $part->mayBeOf($kind[0]) ? $kind[1] * $part->inRows($kind[0]) : 0,
            $this->kinds,
        ));
    }
}
