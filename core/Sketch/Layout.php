<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A sketch resolved for one front: exact parts from the bottom up, and the two places. */
final readonly class Layout
{
    /** @param  list<Laid>  $parts */
    private function __construct(public Size $front, public array $parts, public Rect $focal, public Rect $sentiment)
    {
    }

    /** @param  list<Laid>  $parts */
    public static function of(Size $front, array $parts, Rect $focal, Rect $sentiment): self
    {
        return new self($front, $parts, $focal, $sentiment);
    }

    /** Tells it from every other layout: the same parts in the same places on the same front. */
    public function key(): string
    {
        $key = $this->front->width->units.'x'.$this->front->height->units;
        foreach ($this->parts as $laid) {
            $key .= '|'.$laid->part->id.'@'.implode(',', [$laid->rect->x->units, $laid->rect->y->units, $laid->rect->size->width->units, $laid->rect->size->height->units]);
        }

        return $key;
    }

    /** What a part is measured from: the nearest part under it that carries it, or the front itself. */
    public function carrierOf(Laid $laid): Rect
    {
        $carrier = Rect::whole($this->front);
        foreach ($this->parts as $under) {
            if ($under === $laid) {
                break;
            }
            if ($under->rect->contains($laid->rect)) {
                $carrier = $under->rect;
            }
        }

        return $carrier;
    }

    /**
     * How much of its carrier shows at each side of a part.
     *
     * @return array{left: Length, top: Length, right: Length, bottom: Length}
     */
    public function reveals(Laid $laid): array
    {
        $carrier = $this->carrierOf($laid);

        return [
            'left' => $laid->rect->x->minus($carrier->x),
            'top' => $laid->rect->y->minus($carrier->y),
            'right' => $carrier->right()->minus($laid->rect->right()),
            'bottom' => $carrier->bottom()->minus($laid->rect->bottom()),
        ];
    }

    /** The topmost part that carries the middle of a place, or null where the base itself shows. */
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
     * Where a group of three embellishments goes: a loose triangle round the focal point.
     *
     * @return list<array{Length, Length}> middles, each on the front
     */
    public function triangle(Rect $focal): array
    {
        $w = $focal->size->width->units;
        $h = $focal->size->height->units;
        $points = [
            [$focal->x->units - intdiv($w, 10), $focal->y->units + intdiv($h, 6)],
            [$focal->x->units + $w + intdiv($w, 12), $focal->y->units + intdiv($h, 2)],
            [$focal->x->units + intdiv($w, 12), $focal->y->units + $h + intdiv($h, 16)],
        ];
        $clamp = static fn (int $at, Length $side): Length => Length::ofUnits(min(max($at, intdiv($side->units, 16)), $side->units - intdiv($side->units, 16)));

        return array_map(fn (array $p): array => [$clamp($p[0], $this->front->width), $clamp($p[1], $this->front->height)], $points);
    }
}
