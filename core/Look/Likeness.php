<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Colour\Colour;

/**
 * How a piece looks: its main colours, and its print at a few places. By these two copies of a picture are recognised
 * at any angle. A piece with right angles is read in a grid along its longer side, and any other in rings round its
 * middle.
 *
 * @phpstan-import-type Rgb from Cells
 */
final readonly class Likeness
{
    private const ACROSS = 36;

    private const DOWN = 18;

    private const RINGS = 8;

    private const SPOKES = 144;

    private const OUTSIDE = -1;

    /** Places that are on only one of two pieces, as a share of all. */
    private const UNLIKE_OUTLINE = 0.12;

    /** Levels by which two photographs of the same picture differ on average. */
    private const UNLIKE_COLOUR = 20.0;

    /** How much of the contrast of a print may remain when the other is subtracted. */
    private const UNLIKE_PRINT = 0.62;

    /** Prints with less contrast than this, in levels, have one colour. */
    private const PLAIN = 9.0;

    /**
     * @param  non-empty-list<Colour>  $colours  the largest share first
     * @param  bool  $isLong  read in a grid
     * @param  list<int>  $print  0xRRGGBB a place, -1 outside the piece
     */
    private function __construct(public array $colours, public bool $isLong, public array $print)
    {
    }

    /**
     * @param  non-empty-list<string>  $colours  as hexadecimal digits
     * @param  string  $print  as it was packed
     */
    public static function kept(array $colours, bool $isLong, string $print): self
    {
        $places = array_map(
            static fn (mixed $place): int => is_int($place) && $place <= 0xFFFFFF ? $place : self::OUTSIDE,
            array_values(unpack('N*', (string) base64_decode($print)) ?: []),
        );

        return new self(array_map(Colour::fromHex(...), $colours), $isLong, $places);
    }

    /** Its print with four bytes a place, as base64. */
    public function packed(): string
    {
        return base64_encode(pack('N*', ...$this->print));
    }

    public static function of(FoundPiece $piece, MeasuredPiece $measured, Squared $squared, Lit $lit): self
    {
        $isLong = $measured->form === PieceForm::Strip || $measured->form === PieceForm::Label;

        return new self(self::coloursOf($piece, $lit), $isLong, self::print($piece, $measured, $squared, $lit, $isLong));
    }

    public function isAs(self $other): bool
    {
        if ($this->isLong !== $other->isLong || count($this->print) !== count($other->print)) {
            return false;
        }
        foreach ($this->isLong ? self::halves() : self::turns() as $order) {
            if ($this->agrees($other, $order)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<int>  $order  which place of the other lies on each of this */
    private function agrees(self $other, array $order): bool
    {
        $one = [];
        $two = [];
        $either = 0;
        foreach ($this->print as $n => $here) {
            $there = $other->print[$order[$n]];
            $either += $here !== self::OUTSIDE || $there !== self::OUTSIDE ? 1 : 0;
            if ($here !== self::OUTSIDE && $there !== self::OUTSIDE) {
                $one[] = $here;
                $two[] = $there;
            }
        }
        if (count($one) < (1 - self::UNLIKE_OUTLINE) * $either || $one === [] || $two === []) {
            return false;
        }
        [$means, $contrast, $rest] = self::compared($one, $two);
        $apart = max(array_map(abs(...), $means));

        return $apart <= self::UNLIKE_COLOUR && $rest <= max(self::PLAIN, self::UNLIKE_PRINT * $contrast);
    }

    /**
     * @param  non-empty-list<int>  $one
     * @param  non-empty-list<int>  $two
     * @return array{Rgb, float, float} by how much they differ on the whole, the contrast of the first, and how much they differ besides
     */
    private static function compared(array $one, array $two): array
    {
        $many = count($one);
        $means = [0.0, 0.0, 0.0];
        $contrast = 0.0;
        $rest = 0.0;
        foreach ([16, 8, 0] as $c => $shift) {
            [$a, $b, $aa, $dd] = [0, 0, 0, 0];
            foreach ($one as $n => $here) {
                $i = $here >> $shift & 255;
                $j = $two[$n] >> $shift & 255;
                $a += $i;
                $b += $j;
                $aa += $i * $i;
                $dd += ($i - $j) ** 2;
            }
            $means[$c] = ($a - $b) / $many;
            $contrast += max(0.0, $aa / $many - ($a / $many) ** 2);
            $rest += max(0.0, $dd / $many - $means[$c] ** 2);
        }

        return [$means, sqrt($contrast / 3), sqrt($rest / 3)];
    }

    /** @return list<list<int>> as it lies, and the other way up */
    private static function halves(): array
    {
        $as = range(0, self::ACROSS * self::DOWN - 1);

        return [$as, array_reverse($as)];
    }

    /** @return list<list<int>> turned by every spoke */
    private static function turns(): array
    {
        /** @var list<list<int>> $turns the same for all */
        static $turns = [];
        for ($turn = count($turns); $turn < self::SPOKES; $turn++) {
            $order = [];
            for ($ring = 0; $ring < self::RINGS; $ring++) {
                for ($spoke = 0; $spoke < self::SPOKES; $spoke++) {
                    $order[] = $ring * self::SPOKES + ($spoke + $turn) % self::SPOKES;
                }
            }
            $turns[] = $order;
        }

        return $turns;
    }

    /** @return list<int> */
    private static function print(FoundPiece $piece, MeasuredPiece $measured, Squared $squared, Lit $lit, bool $isLong): array
    {
        $print = [];
        foreach ($isLong ? self::grid($measured) : self::spokes($measured) as [$u, $v]) {
            $isIn = false;
            foreach ($measured->rings as $ring) {
                $isIn = Ring::holds($ring, $u, $v) !== $isIn;
            }
            [$x, $y] = $squared->onPhoto(...$measured->onTable($u, $v));
            [$r, $g, $b] = $isIn ? $lit->at($x, $y) : [0, 0, 0];
            $print[] = $isIn ? $r << 16 | $g << 8 | $b : self::OUTSIDE;
        }

        return $print;
    }

    /** @return list<array{float, float}> in the box of a piece, along its longer side */
    private static function grid(MeasuredPiece $measured): array
    {
        $places = [];
        $isHigh = $measured->height > $measured->width;
        for ($j = 0; $j < self::DOWN; $j++) {
            for ($i = 0; $i < self::ACROSS; $i++) {
                [$along, $across] = [($i + 0.5) / self::ACROSS, ($j + 0.5) / self::DOWN];
                $places[] = $isHigh
                    ? [$measured->width * (1 - $across), $measured->height * $along]
                    : [$measured->width * $along, $measured->height * $across];
            }
        }

        return $places;
    }

    /** @return list<array{float, float}> */
    private static function spokes(MeasuredPiece $measured): array
    {
        [$x, $y] = Ring::moments($measured->rings[0]);
        $far = max(array_map(static fn (array $p): float => hypot($p[0] - $x, $p[1] - $y), $measured->rings[0]));
        $places = [];
        for ($ring = 0; $ring < self::RINGS; $ring++) {
            for ($spoke = 0; $spoke < self::SPOKES; $spoke++) {
                $angle = 2 * M_PI * $spoke / self::SPOKES;
                $out = $far * ($ring + 0.5) / self::RINGS;
                $places[] = [$x + $out * cos($angle), $y + $out * sin($angle)];
            }
        }

        return $places;
    }

    /** @return non-empty-list<Colour> of what is well inside it */
    private static function coloursOf(FoundPiece $piece, Lit $lit): array
    {
        [, $top, , $bottom] = Ring::bounds($piece->rings[0]);
        $step = max(1.0, sqrt($piece->area() / 1_600));
        foreach ([2.5, 0.5, 0.0] as $rim) {
            $row = [];
            for ($y = $top + $step / 2; $y < $bottom; $y += $step) {
                foreach (Ring::spans($piece->rings, $y) as [$from, $to]) {
                    for ($x = $from + $rim; $x <= $to - $rim; $x += $step) {
                        $row[] = $lit->at($x, $y);
                    }
                }
            }
            if (count($row) >= 12 || ($rim === 0.0 && $row !== [])) {
                $colours = array_column(Clusters::of([$row]), 'colour');

                return $colours === [] ? [Colour::ofRgb(...$row[0])] : $colours;
            }
        }

        return [Colour::ofRgb(...$lit->at($piece->rings[0][0][0], $piece->rings[0][0][1]))];
    }
}
