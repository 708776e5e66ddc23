<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** Draws the outline of a form in its rectangle. */
final readonly class Shaping
{
    /** @param  array<string, int>  $lengths */
    private function __construct(private Rect $rect, private array $lengths, private Form $form)
    {
    }

    /** @param  array<string, int>  $lengths the measures of the form in units */
    public static function of(Rect $rect, array $lengths, Form $form): self
    {
        return new self($rect, $lengths, $form);
    }

    public function outline(): Outline
    {
        return match ($this->form->kind) {
            FormKind::Plain => Outline::rect($this->rect),
            FormKind::Round => Outline::oval($this->rect),
            FormKind::Rounded => Outline::rounded($this->rect, $this->lengths['corner']),
            FormKind::Tag => $this->tag(),
            FormKind::Banner => $this->banner(),
            FormKind::Scallop => $this->scallop(),
            FormKind::Window => $this->window(),
            FormKind::Diagonal => $this->diagonal(),
            FormKind::Triangle => $this->triangle(),
            FormKind::Ray => $this->ray(),
        };
    }

    /** The length from corner to corner, rounded down. */
    public static function diagonalOf(Size $size): int
    {
        $square = $size->width->units ** 2 + $size->height->units ** 2;
        $root = (int) sqrt($square);
        while ($root * $root > $square) {
            $root--;
        }
        while (($root + 1) ** 2 <= $square) {
            $root++;
        }

        return $root;
    }

    private function tag(): Outline
    {
        $clip = $this->lengths['clip'];
        $outline = $this->facing(
            static fn (int $w, int $h): array => [
                [0, 0],
                [$w, 0],
                [$w, $h - $clip],
                [$w - $clip, $h],
                [$clip, $h],
                [0, $h - $clip],
            ],
        );
        $hole = intdiv($clip, 2);
        [[$x, $y]] = $this->facing(static fn (int $w, int $h): array => [[intdiv($w, 2), $h - $clip]])->rings[0];

        return $hole < 2
            ? $outline
            : $outline->open(
                Outline::oval(Rect::ofUnits($x - intdiv($hole, 2), $y - intdiv($hole, 2), $hole, $hole)),
            );
    }

    private function banner(): Outline
    {
        $tail = $this->lengths['tail'];

        return $this->facing(static fn (int $w, int $h): array => [[0, 0], [$w, 0], [$w, $h], [intdiv($w, 2), $h - $tail], [0, $h]]);
    }

    /** Half circles along one edge. Their number is whole, and their size is as near to the measure as possible. */
    private function scallop(): Outline
    {
        $bump = $this->lengths['bump'];

        return $this->facing(static function (int $w, int $h) use ($bump): array {
            $count = max(1, intdiv($w + intdiv($bump, 2), $bump));
            $deep = intdiv($bump, 2);
            $points = [[0, 0], [$w, 0]];
            for ($n = $count - 1; $n >= 0; $n--) {
                $left = intdiv($w * $n, $count);
                $oval = Outline::oval(Rect::ofUnits($left, $h - 2 * $deep, intdiv($w * ($n + 1), $count) - $left, 2 * $deep));
                // The lower half from right to left: the first half of the points.
                array_push($points, ...array_slice($oval->rings[0], 0, intdiv(count($oval->rings[0]), 2)));
            }

            return $points;
        });
    }

    private function window(): Outline
    {
        $rim = $this->lengths['rim'];
        $opening = Rect::ofUnits(
            $this->rect->x->units + $rim,
            $this->rect->y->units + $rim,
            $this->rect->size->width->units - 2 * $rim,
            $this->rect->size->height->units - 2 * $rim,
        );
        $isRound = ($this->form->options['opening'] ?? '') === 'round';

        return Outline::rect($this->rect)->open($isRound ? Outline::oval($opening) : Outline::rect($opening));
    }

    private function diagonal(): Outline
    {
        [$w, $h] = [$this->rect->size->width->units, $this->rect->size->height->units];
        $along = self::diagonalOf($this->rect->size) * $this->lengths['band'];
        [$a, $b] = [min($w, intdiv($along, 2 * $h)), min($h, intdiv($along, 2 * $w))];
        $rising = [[$w - $a, 0], [$w, 0], [$w, $b], [$a, $h], [0, $h], [0, $h - $b]];
        $isFalling = ($this->form->options['runs'] ?? '') === 'falling';

        return $this->moved(array_map(static fn (array $p): array => $isFalling ? [$w - $p[0], $p[1]] : $p, $rising));
    }

    private function triangle(): Outline
    {
        [$w, $h] = [$this->rect->size->width->units, $this->rect->size->height->units];
        [$a, $b, $c, $d] = [[0, 0], [$w, 0], [$w, $h], [0, $h]];
        $middle = [intdiv($w, 2), intdiv($h, 2)];

        return $this->moved(match ($this->form->options['half'] ?? '') {
            'top right' => [$a, $b, $c],
            'bottom right' => [$b, $c, $d],
            'bottom left' => [$c, $d, $a],
            'top' => [$a, $b, $middle],
            'right' => [$b, $c, $middle],
            'bottom' => [$c, $d, $middle],
            'left' => [$d, $a, $middle],
            default => [$d, $a, $b],
        });
    }

    private function ray(): Outline
    {
        [$w, $h] = [$this->rect->size->width->units, $this->rect->size->height->units];
        $rays = max(3, (int) ($this->form->options['rays'] ?? 8));
        $nth = (int) ($this->form->options['nth'] ?? 0) % $rays;
        $round = 2 * ($w + $h);
        [$from, $to] = [intdiv($round * $nth, $rays), intdiv($round * ($nth + 1), $rays)];
        $points = [[intdiv($w, 2), intdiv($h, 2)], self::along($from, $w, $h)];
        foreach ([$w, $w + $h, 2 * $w + $h] as $corner) {
            if ($from < $corner && $corner < $to) {
                $points[] = self::along($corner, $w, $h);
            }
        }
        $points[] = self::along($to, $w, $h);

        return $this->moved($points);
    }

    /** @return array{int, int} the point so far along the edges, clockwise from the top left */
    private static function along(int $at, int $w, int $h): array
    {
        return match (true) {
            $at <= $w => [$at, 0],
            $at <= $w + $h => [$w, $at - $w],
            $at <= 2 * $w + $h => [2 * $w + $h - $at, $h],
            default => [0, 2 * ($w + $h) - $at],
        };
    }

    /** @param  non-empty-list<array{int, int}>  $points */
    private function moved(array $points): Outline
    {
        return Outline::polygon(array_map(fn (array $p): array => [$this->rect->x->units + $p[0], $this->rect->y->units + $p[1]], $points));
    }

    /**
     * A shape drawn for the bottom edge, turned to its own edge.
     *
     * @param  callable(int, int): non-empty-list<array{int, int}>  $draw  given the side along the edge and the other
     */
    private function facing(callable $draw): Outline
    {
        [$w, $h] = [$this->rect->size->width->units, $this->rect->size->height->units];
        $edge = $this->form->edge();
        $points = $edge->isUpright() ? $draw($h, $w) : $draw($w, $h);

        return $this->moved(array_map(static fn (array $p): array => match ($edge) {
            Edge::Bottom => $p,
            Edge::Top => [$p[0], $h - $p[1]],
            Edge::Right => [$p[1], $p[0]],
            Edge::Left => [$w - $p[1], $p[0]],
        }, $points));
    }
}
