<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use Closure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A layout with measures but no papers: parts from the bottom up, each measured from another, and places for the focal
 * point, the sentiment, a group of embellishments and the panel inside.
 */
final readonly class Sketch
{
    /** The margin round the panel inside the card. */
    private const INSIDE = ['in' => 50_800, 'mm' => 48_000];

    /** The key, and what differs from the drawing. */
    public string $manner;

    /** @param  non-empty-list<Part>  $parts */
    private function __construct(
        public string $key,
        public string $name,
        public array $parts,
        public Relation $focal,
        public Relation $sentiment,
        public int $minutes,
        public Cluster $cluster,
        public Focus $focus,
    ) {
        $this->manner = $key.implode('', array_map(self::mannerOf(...), $parts));
    }

    /**
     * @param  non-empty-list<Part>  $parts  from the bottom up
     * @param  Relation  $focal  where the focal point may lie
     * @param  Relation  $sentiment  where the sentiment may lie
     * @param  Focus  $focus  what a card on it must have: a picture, or words or paper that stand for one
     */
    public static function of(
        string $key,
        string $name,
        array $parts,
        Relation $focal,
        Relation $sentiment,
        int $minutes,
        Cluster $cluster = Cluster::Triangle,
        Focus $focus = Focus::Picture,
    ): self {
        return new self($key, $name, $parts, $focal, $sentiment, $minutes, $cluster, $focus);
    }

    /** A key for the sketch in one direction on a front. */
    public function way(Size $front): string
    {
        return "$this->manner/{$front->width->units}x{$front->height->units}";
    }

    /**
     * Every part with its exact place and size on a front.
     *
     * @param  Length|null  $frame  how much of the base shows round what lies on it, nothing for a front covered to the
     *                              edge; null as the sketch has it
     *
     * @throws CannotResolve naming the part that does not fit, and its measure
     */
    public function resolve(Size $front, Unit $unit, ?Length $frame = null): Layout
    {
        $places = Places::on($front, $this->parts, $unit, $frame);
        $laid = [];
        foreach ($this->parts as $part) {
            $rect = $places->of($part->id, $part);
            if ($part->role !== Role::Guide) {
                $outline = $part->form->outline($part, $rect, $unit);
                $laid[] = Laid::of(
                    $part,
                    $rect,
                    $outline,
                    $part->form->cut($rect, $outline, $unit),
                    self::heightUnder($part, $rect, $laid),
                );
            }
        }
        $rim = 2 * self::INSIDE[$unit->value];

        return Layout::of(
            $front,
            $laid,
            $places->all(),
            $places->place(Part::of('focal', 'place of the focal point', Role::Guide, $this->focal)),
            $places->place(Part::of('sentiment', 'place of the sentiment', Role::Guide, $this->sentiment)),
            Size::ofUnits(max(1, $front->width->units - $rim), max(1, $front->height->units - $rim)),
            $this->cluster,
        );
    }

    /** The same sketch with one measure changed, for a card or a copy. */
    public function with(string $part, string $measure, Dim $dim): self
    {
        return $this->withParts(static fn (Part $one): Part => $one->id === $part ? $one->with($measure, $dim) : $one);
    }

    /** With one measure changed by some marks of the ruler, as far as it gives. */
    public function giving(string $part, string $measure, int $by): self
    {
        $dim = $this->part($part)?->measures()[$measure] ?? null;
        $leaner = $dim?->leanerBy(abs($by));
        $given = $leaner?->give?->by === $by ? $leaner : $dim?->leanerBy(-abs($by));

        return $given === null ? $this : $this->with($part, $measure, $given);
    }

    /**
     * With each measure that gives changed towards its leanest by some marks of the ruler, or towards its fullest if
     * the number is negative. Neighbouring parts follow.
     */
    public function leanerBy(int $marks): self
    {
        return $this->withParts(static fn (Part $part): Part => $part->leanerBy($marks));
    }

    /** With cardstock where a calm paper is drawn. Null if there is no such part, or no print would be left. */
    public function plain(): ?self
    {
        $papers = array_filter($this->parts, static fn (Part $part): bool => $part->role->isPaper());
        $fields = array_filter($papers, static fn (Part $part): bool => $part->role === Role::Field);

        return $fields === [] || count($fields) === count($papers)
            ? null
            : $this->withParts(static fn (Part $part): Part => $part->role === Role::Field ? $part->as(Role::Plain) : $part);
    }

    public function asDrawn(): self
    {
        return $this->withParts(static fn (Part $part): Part => $part->role === Role::Plain ? $part->as(Role::Field) : $part)->leanerBy(0);
    }

    public function isAsDrawn(): bool
    {
        return $this->manner === $this->key;
    }

    /** @return list<self> the other ways it may be made where paper is short, each in its leanest measures */
    public function leaner(): array
    {
        $plain = $this->plain();
        $ways = [$this->leanerBy($this->lean()), $plain, $plain?->leanerBy($this->lean())];
        $leaner = [];
        foreach ($ways as $way) {
            if ($way !== null && ! $way->isAsDrawn()) {
                $leaner[$way->manner] = $way;
            }
        }

        return array_values($leaner);
    }

    /**
     * With all measures it can have, beginning with the drawing. Measures that give alike change together, since they
     * belong together: a strip and its mat, a column and what begins beside it.
     *
     * @return list<self>
     */
    public function measured(): array
    {
        $ways = [$this];
        foreach ($this->givesApart() as $range => $give) {
            $more = [];
            foreach ($give->marks() as $by) {
                foreach ($ways as $way) {
                    $more[] = $way->withParts(static fn (Part $part): Part => $part->leanerBy($by, $range));
                }
            }
            $ways = $more;
        }

        return $ways;
    }

    /** @return array<string, Tolerance> one of each range */
    private function givesApart(): array
    {
        $gives = [];
        foreach ($this->gives() as $give) {
            $gives[$give->range()] = $give;
        }

        return $gives;
    }

    /** The number of marks to its leanest measures. */
    public function lean(): int
    {
        return max([0, ...array_map(static fn (Tolerance $give): int => $give->lean(), $this->gives())]);
    }

    /** The number of marks to its fullest measures. */
    public function full(): int
    {
        return max([0, ...array_map(static fn (Tolerance $give): int => $give->full(), $this->gives())]);
    }

    /** By how many marks its measures are leaner than drawn. */
    public function isLeanerBy(): int
    {
        return max([0, ...array_map(static fn (Tolerance $give): int => abs($give->by), $this->gives())]);
    }

    /** @return list<Tolerance> */
    private function gives(): array
    {
        $gives = [];
        foreach ($this->parts as $part) {
            foreach ($part->relation->measures as $dim) {
                $gives[] = $dim->give;
            }
        }

        return array_values(array_filter($gives));
    }

    private static function mannerOf(Part $part): string
    {
        $manner = $part->role === Role::Plain ? "~$part->id plain" : '';
        foreach ($part->relation->measures as $measure => $dim) {
            $by = $dim->give->by ?? 0;
            $manner .= $by === 0 ? '' : "~$part->id $measure $by";
        }

        return $manner;
    }

    /** @param  Closure(Part): Part  $change */
    private function withParts(Closure $change): self
    {
        $parts = array_map($change, $this->parts);

        return new self($this->key, $this->name, $parts, $this->focal, $this->sentiment, $this->minutes, $this->cluster, $this->focus);
    }

    public function named(string $key, string $name): self
    {
        return new self($key, $name, $this->parts, $this->focal, $this->sentiment, $this->minutes, $this->cluster, $this->focus);
    }

    /** Whether nothing is cut for it. */
    public function isBare(): bool
    {
        return array_filter($this->parts, static fn (Part $part): bool => $part->role !== Role::Guide) === [];
    }

    /** How many pieces of patterned paper it has. */
    public function papers(): int
    {
        return count(array_filter($this->parts, static fn (Part $part): bool => $part->role->isPaper()));
    }

    /** Whether a part is cut as a frame to look through. */
    public function hasWindow(): bool
    {
        return array_filter($this->parts, static fn (Part $part): bool => $part->form->kind === FormKind::Window) !== [];
    }

    public function part(string $id): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }

    /** @param  list<Laid>  $laid  what lies under it */
    private static function heightUnder(Part $part, Rect $rect, array $laid): Length
    {
        $height = Length::zero();
        foreach ($laid as $under) {
            // Rays and triangles of one rectangle lie side by side.
            $areSides = $part->form->kind->isAslant() && $under->part->form->kind === $part->form->kind;
            if (! $areSides && $under->rect->overlaps($rect) && $under->top()->isLongerThan($height)) {
                $height = $under->top();
            }
        }

        return $height;
    }
}
