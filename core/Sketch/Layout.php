<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A sketch worked out for one front: exact parts from the bottom up, and its two places. */
final readonly class Layout
{
    /**
     * @param  list<Laid>  $parts
     * @param  array<string, Rect>  $rects
     */
    private function __construct(
        public Size $front,
        public array $parts,
        public array $rects,
        public Rect $focal,
        public Rect $sentiment,
        public Size $inside,
        private Cluster $cluster,
    ) {
    }

    /**
     * @param  list<Laid>  $parts  from the bottom up
     * @param  array<string, Rect>  $rects  of all parts by id, guides and the front among them
     * @param  Size  $inside  the panel to write on, inside the card
     */
    public static function of(Size $front, array $parts, array $rects, Rect $focal, Rect $sentiment, Size $inside, Cluster $cluster): self
    {
        return new self($front, $parts, $rects, $focal, $sentiment, $inside, $cluster);
    }

    public function part(string $id): ?Laid
    {
        foreach ($this->parts as $laid) {
            if ($laid->part->id === $id) {
                return $laid;
            }
        }

        return null;
    }

    /** @return list<Laid> patterned papers before cardstock, the largest of each first: what the others are chosen to go with */
    public function largestPaperFirst(): array
    {
        $parts = $this->parts;
        usort(
            $parts,
            static fn (Laid $a, Laid $b): int => [$b->part->role->isPaper(), $b->rect->size->area()] <=> [
                $a->part->role->isPaper(),
                $a->rect->size->area(),
            ],
        );

        return $parts;
    }

    /** A key that tells it from every other layout: the same parts in the same places on the same front. */
    public function key(): string
    {
        $key = $this->front->width->units.'x'.$this->front->height->units;
        foreach ($this->parts as $laid) {
            $key
                .= '|'
                .$laid->part->id
                .'@'
                .implode(',', [
                    $laid->rect->x->units,
                    $laid->rect->y->units,
                    $laid->rect->size->width->units,
                    $laid->rect->size->height->units,
                ]);
        }

        return $key;
    }

    /** The nearest part below that carries a whole part. Null if that is the front itself. */
    public function carriedBy(Laid $laid): ?Laid
    {
        $carrier = null;
        foreach ($this->parts as $under) {
            if ($under === $laid) {
                break;
            }
            // A part at an angle covers only a corner or a band of its rectangle.
            if (! $under->part->form->kind->isAslant() && $under->rect->contains($laid->rect)) {
                $carrier = $under;
            }
        }

        return $carrier;
    }

    /**
     * How much of its carrier shows on each side of a part.
     *
     * @return array{left: Length, top: Length, right: Length, bottom: Length}
     */
    public function reveals(Laid $laid): array
    {
        $carrier = $this->carriedBy($laid)->rect ?? Rect::whole($this->front);

        return [
            'left' => $laid->rect->x->minus($carrier->x),
            'top' => $laid->rect->y->minus($carrier->y),
            'right' => $carrier->right()->minus($laid->rect->right()),
            'bottom' => $carrier->bottom()->minus($laid->rect->bottom()),
        ];
    }

    /** A piece in the middle of a place. A larger one is as near to the middle as the front allows. */
    public function onFront(Rect $place, Size $piece): Rect
    {
        $at = static fn (Length $start, Length $room, Length $own, Length $front): int => max(0, min(
            $start->units + intdiv($room->units - $own->units, 2),
            $front->units - $own->units,
        ));

        return Rect::ofUnits(
            $at($place->x, $place->size->width, $piece->width, $this->front->width),
            $at($place->y, $place->size->height, $piece->height, $this->front->height),
            $piece->width->units,
            $piece->height->units,
        );
    }

    /** The topmost part that the words would touch. Null if they lie on the base. */
    public function ground(): ?Laid
    {
        foreach (array_reverse($this->parts) as $laid) {
            if ($laid->rect->overlaps($this->sentiment)) {
                return $laid;
            }
        }

        return null;
    }

    /** The topmost part under the middle of a place. Null if that is the base. */
    public function under(Rect $place): ?Laid
    {
        $x = $place->x->units + intdiv($place->size->width->units, 2);
        $y = $place->y->units + intdiv($place->size->height->units, 2);
        foreach (array_reverse($this->parts) as $laid) {
            $r = $laid->rect;
            if ($r->x->units <= $x && $x < $r->right()->units && $r->y->units <= $y && $y < $r->bottom()->units) {
                return $laid;
            }
        }

        return null;
    }

    /**
     * Where three embellishments go round a focal point.
     *
     * @return list<array{Length, Length}> middles, each on the front
     */
    public function group(Rect $focal): array
    {
        [$x, $y, $w, $h] = [$focal->x->units, $focal->y->units, $focal->size->width->units, $focal->size->height->units];
        $points = match ($this->cluster) {
            Cluster::Triangle => [
                [$x - intdiv($w, 10), $y + intdiv($h, 6)],
                [$x + $w + intdiv($w, 12), $y + intdiv($h, 2)],
                [$x + intdiv($w, 12), $y + $h + intdiv($h, 16)],
            ],
            Cluster::Row => [
                [$x + intdiv($w, 4), $y + $h + intdiv($h, 12)],
                [$x + intdiv($w, 2), $y + $h + intdiv($h, 12)],
                [$x + intdiv(3 * $w, 4), $y + $h + intdiv($h, 12)],
            ],
            Cluster::Corners => [[$x, $y], [$x + $w, $y], [$x + $w, $y + $h]],
        };
        $clamp = static fn (int $at, Length $side): Length => Length::ofUnits(
            min(max($at, intdiv($side->units, 16)), $side->units - intdiv($side->units, 16)),
        );

        return array_map(fn (array $p): array => [$clamp($p[0], $this->front->width), $clamp($p[1], $this->front->height)], $points);
    }
}
