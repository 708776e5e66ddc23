<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * Which pixels of a picture are covered by pieces.
 *
 * A colour that the surface cannot have in any light is a piece. The surface's own colour at its own brightness is the
 * surface. The same colour but darker is a shadow or a grey piece: a piece has a sharp edge all round, a shadow has
 * none. The doubtful band between the two is flooded from both sides, the smoothest places first, so that the border
 * lies on the sharpest edge (F. Meyer, "Topographic distance and watershed lines", 1994).
 */
final class Covered
{
    private const GROUND = 0;

    private const DOUBTFUL = 1;

    private const PIECE = 2;

    private const OPEN = 3;

    /** Shares of the brightness of the surface. */
    private const AS_BRIGHT = 0.04;

    private const BRIGHTER = 0.065;

    public const DARKEST_SHADOW = 0.48;

    /** How far the channels may differ from being equally darker. */
    private const SAME_COLOUR = 0.03;

    private const OTHER_COLOUR = 0.09;

    /** A difference of this many times the noise is real. */
    private const SURE = 5.5;

    /** The border is searched for this many pixels to both sides of its first estimate. */
    private const BAND = 2;

    /** How much of the rim of a grey piece must be sharp. */
    private const SHARP_RIM = 0.33;

    /** The same for a grey piece along a surer piece. */
    private const SHARP_ALONG = 0.45;

    private const ALONG = 0.25;

    /**
     * How many pixels it must have for each at its rim, and more if it lies along a piece, since a shadow is narrow.
     */
    private const WIDE = 5;

    private const WIDE_ALONG = 11;

    /** A step is sharp if it rises by this much of the contrast from one pixel to the next. */
    private const SHARP = 0.16;

    /** Pixels further than this from the rim of a grey piece are not its shadow. */
    private const DEEP = 6;

    private const LEVELS = 64;

    /** Of five by five pixels, how many must be piece if the middle is. */
    private const SPECK = 9;

    /** Of the 64 pixels of a square, how many must be doubtful for all of it to be doubtful. */
    private const MOST_OF_SQUARE = 56;

    /** @var array<int, int> a pixel after the other */
    private array $is;

    private function __construct(private readonly Pixels $soft, private readonly PlainGround $ground)
    {
        $this->is = [];
    }

    /**
     * @param  Pixels  $soft  softened
     * @return list<int> one a pixel: 1 where it is covered
     */
    public static function of(Pixels $soft, PlainGround $ground): array
    {
        $covered = new self($soft, $ground);
        $covered->look();
        $covered->leaveSpecks();
        $covered->findGreyPieces();
        $covered->openBand();
        $covered->flood();

        return array_map(static fn (int $is): int => $is === self::PIECE ? 1 : 0, array_values($covered->is));
    }

    private function look(): void
    {
        [$width, $height] = [$this->soft->width, $this->soft->height];
        // The noise of one channel after softening. Lightness is the sum of four, and nine pixels become one.
        $noise = $this->ground->noise / 7.3;
        $across = $this->ground->cells->across;
        $is = [];
        for ($y = 0; $y < $height; $y++) {
            $row = $this->groundRow($y);
            $squares = intdiv($y, Cells::SIDE) * $across;
            for ($x = 0; $x < $width; $x++) {
                $square = intdiv($x, Cells::SIDE);
                // If a square is empty, all its pixels are surface, however dark and noisy.
                if ($square < $across && ($this->ground->isBare[$squares + $square] ?? false)) {
                    $is[] = self::GROUND;

                    continue;
                }
                $at = ($x + Cells::SIDE / 2 + 0.5) / Cells::SIDE;
                $i = (int) $at;
                $f = $at - $i;
                [$red, $green, $blue] = $row[$i];
                [$nextRed, $nextGreen, $nextBlue] = $row[$i + 1];
                $is[] = self::looks(
                    $this->soft->pixels[$y * $width + $x],
                    $red + ($nextRed - $red) * $f,
                    $green + ($nextGreen - $green) * $f,
                    $blue + ($nextBlue - $blue) * $f,
                    $noise,
                );
            }
        }
        $this->is = $is;
    }

    /** What a pixel is by its colour, if the surface there would be $red, $green, $blue. */
    private static function looks(int $pixel, float $red, float $green, float $blue, float $noise): int
    {
        $r = ($pixel >> Pixels::RED) / 9;
        $g = ($pixel >> Pixels::GREEN & Pixels::LANE) / 9;
        $b = ($pixel & Pixels::LANE) / 9;
        $light = $red + 2 * $green + $blue;
        $bright = $light < 48 ? 48.0 : $light;
        $q = 1 + ($r + 2 * $g + $b - $light) / $bright;
        // Lightness has the noise of four channels.
        $sway = self::SURE * 2.45 * $noise / $bright;
        if ($q > 1 + max(self::BRIGHTER, $sway) || $q < self::DARKEST_SHADOW) {
            return self::PIECE;
        }
        $off = max(self::off($r, $red, $q), self::off($g, $green, $q), self::off($b, $blue, $q));
        $grain = self::SURE * $noise / max(24.0, min($red, $green, $blue));
        if ($off > max(self::OTHER_COLOUR, $grain)) {
            return self::PIECE;
        }

        return $off < max(self::SAME_COLOUR, 0.6 * $grain) && abs($q - 1) < max(self::AS_BRIGHT, 0.7 * $sway)
            ? self::GROUND
            : self::DOUBTFUL;
    }

    /** By how much a channel differs from being as much darker as all. */
    private static function off(float $is, float $was, float $q): float
    {
        return abs($is - $q * $was) / ($was < 24 ? 24.0 : $was);
    }

    /** @return list<array{float, float, float}> */
    private function groundRow(int $y): array
    {
        $row = [];
        for ($i = -1; $i <= $this->ground->cells->across + 1; $i++) {
            $row[] = $this->ground->at(($i + 0.5) * Cells::SIDE, $y + 0.5);
        }

        return $row;
    }

    /** A few pixels that look like a piece, among many that do not, are noise. */
    private function leaveSpecks(): void
    {
        $width = $this->soft->width;
        $specks = [];
        foreach ($this->is as $n => $is) {
            if ($is !== self::PIECE || $this->isDeep($n, $width)) {
                continue;
            }
            $many = 0;
            for ($row = $n - 2 * $width; $row <= $n + 2 * $width; $row += $width) {
                for ($m = $row - 2; $m <= $row + 2; $m++) {
                    $many += ($this->is[$m] ?? self::GROUND) === self::PIECE ? 1 : 0;
                }
            }
            if ($many < self::SPECK) {
                $specks[] = $n;
            }
        }
        foreach ($specks as $n) {
            $this->is[$n] = self::DOUBTFUL;
        }
    }

    /** Whether it is piece for two pixels in all four directions. */
    private function isDeep(int $n, int $width): bool
    {
        return ($this->is[$n - 2] ?? 0) === self::PIECE
            && ($this->is[$n + 2] ?? 0) === self::PIECE
            && ($this->is[$n - 2 * $width] ?? 0) === self::PIECE
            && ($this->is[$n + 2 * $width] ?? 0) === self::PIECE;
    }

    /** Doubtful regions that hold a whole square and have a mostly sharp rim are pieces. */
    private function findGreyPieces(): void
    {
        $seen = [];
        foreach ($this->doubtfulSquares() as $corner) {
            if (isset($seen[$corner])) {
                continue;
            }
            [$inner, $pixels] = $this->place($corner);
            foreach ($pixels as $n) {
                $seen[$n] = true;
            }
            if ($this->isSharpRound($pixels)) {
                foreach ($inner as $n) {
                    $this->is[$n] = self::PIECE;
                }
            }
        }
    }

    /** @return list<int> the first pixel of every square that is doubtful all over */
    private function doubtfulSquares(): array
    {
        $cells = $this->ground->cells;
        $found = [];
        for ($n = 0; $n < $cells->across * $cells->down; $n++) {
            $corner = intdiv($n, $cells->across) * Cells::SIDE * $this->soft->width + $n % $cells->across * Cells::SIDE;
            if ($this->is[$corner] === self::DOUBTFUL && $this->isDoubtfulSquare($corner)) {
                $found[] = $corner;
            }
        }

        return $found;
    }

    private function isDoubtfulSquare(int $corner): bool
    {
        $many = 0;
        for ($j = 0; $j < Cells::SIDE; $j++) {
            for ($i = 0; $i < Cells::SIDE; $i++) {
                $many += $this->is[$corner + $j * $this->soft->width + $i] === self::DOUBTFUL ? 1 : 0;
            }
        }

        return $many >= self::MOST_OF_SQUARE;
    }

    /** @return array{list<int>, non-empty-list<int>} pixels well inside it, and all of it */
    private function place(int $from): array
    {
        $width = $this->soft->width;
        $all = count($this->is);
        $pixels = [$from];
        $in = [$from => true];
        for ($at = 0; isset($pixels[$at]); $at++) {
            foreach ([$pixels[$at] - 1, $pixels[$at] + 1, $pixels[$at] - $width, $pixels[$at] + $width] as $n) {
                if ($n >= 0 && $n < $all && ! isset($in[$n]) && $this->is[$n] === self::DOUBTFUL) {
                    $in[$n] = true;
                    $pixels[] = $n;
                }
            }
        }
        $deep = self::DEEP;
        $inner = array_values(array_filter(
            $pixels,
            static fn (int $n): bool => isset($in[$n - $deep], $in[$n + $deep], $in[$n - $deep * $width], $in[$n + $deep * $width]),
        ));

        return [$inner, $pixels];
    }

    /**
     * A shadow is a narrow band with a soft rim, mostly along a piece.
     *
     * @param  non-empty-list<int>  $pixels
     */
    private function isSharpRound(array $pixels): bool
    {
        $width = $this->soft->width;
        $least = self::SHARP * $this->contrastOf($pixels);
        $rim = 0;
        $sharp = 0;
        $alongPiece = 0;
        foreach ($pixels as $n) {
            $beside = array_map(fn (int $m): int => $this->is[$m], $this->beside($n, $width));
            if (in_array(self::GROUND, $beside, true)) {
                $rim++;
                $sharp += $this->steepest($n) >= $least ? 1 : 0;
            } elseif (in_array(self::PIECE, $beside, true)) {
                $alongPiece++;
            }
        }
        $isAlong = $alongPiece > self::ALONG * ($rim + $alongPiece);
        [$wide, $share] = $isAlong ? [self::WIDE_ALONG, self::SHARP_ALONG] : [self::WIDE, self::SHARP_RIM];

        return $rim > 0 && count($pixels) >= $wide * $rim && $sharp >= $share * $rim;
    }

    /**
     * Most of it differs from the surface by at most this, as a share of the surface's brightness.
     *
     * @param  non-empty-list<int>  $pixels
     */
    private function contrastOf(array $pixels): float
    {
        $contrasts = [];
        $step = max(1, intdiv(count($pixels), 400));
        for ($at = 0; $at < count($pixels); $at += $step) {
            $contrasts[] = $this->contrast($pixels[$at]);
        }
        sort($contrasts);

        return $contrasts[intdiv(4 * count($contrasts), 5)];
    }

    /** How far its lightness and its colour are from the surface's, as a share of the surface's brightness. */
    private function contrast(int $n): float
    {
        [$x, $y] = [$n % $this->soft->width, intdiv($n, $this->soft->width)];
        $ground = $this->ground->at($x + 0.5, $y + 0.5);
        $pixel = $this->soft->at($x, $y);
        $apart = max(abs($pixel[0] - $ground[0]), abs($pixel[1] - $ground[1]), abs($pixel[2] - $ground[2]));

        return $apart / max(24.0, $ground[1]);
    }

    /** The steepest step near a pixel, as a share of the surface's brightness. */
    private function steepest(int $n): float
    {
        $width = $this->soft->width;
        $most = 0;
        foreach ([0, -1, 1, -$width, $width] as $off) {
            $most = max($most, $this->step($n + $off));
        }
        $ground = $this->ground->at($n % $width + 0.5, intdiv($n, $width) + 0.5);

        return $most / 18 / max(24.0, $ground[1]);
    }

    /** How much the channel that changes most changes across a pixel, in ninths of a level. */
    private function step(int $n): int
    {
        $width = $this->soft->width;
        $pixels = $this->soft->pixels;
        $left = $pixels[$n - 1] ?? 0;
        $right = $pixels[$n + 1] ?? $left;
        $above = $pixels[$n - $width] ?? $left;
        $below = $pixels[$n + $width] ?? $above;
        $most = 0;
        foreach ([Pixels::RED, Pixels::GREEN, 0] as $lane) {
            $across = ($right >> $lane & Pixels::LANE) - ($left >> $lane & Pixels::LANE);
            $down = ($below >> $lane & Pixels::LANE) - ($above >> $lane & Pixels::LANE);
            $most = max($most, $across, -$across, $down, -$down);
        }

        return $most;
    }

    private function openBand(): void
    {
        [$width, $height] = [$this->soft->width, $this->soft->height];
        $open = [];
        foreach ($this->is as $n => $is) {
            if ($is === self::DOUBTFUL) {
                $open[] = $n;
            }
            $x = $n % $width;
            if (($x + 1 < $width && $this->is[$n + 1] !== $is) || (isset($this->is[$n + $width]) && $this->is[$n + $width] !== $is)) {
                $y = intdiv($n, $width);
                for ($j = max(0, $y - self::BAND + 1); $j <= min($height - 1, $y + self::BAND); $j++) {
                    for ($i = max(0, $x - self::BAND + 1); $i <= min($width - 1, $x + self::BAND); $i++) {
                        $open[] = $j * $width + $i;
                    }
                }
            }
        }
        foreach ($open as $n) {
            $this->is[$n] = self::OPEN;
        }
    }

    private function flood(): void
    {
        $width = $this->soft->width;
        /** @var list<list<array{int, int}>> $waiting pixels and what they become, by how steep it is there */
        $waiting = array_fill(0, self::LEVELS, []);
        foreach ($this->is as $n => $is) {
            if ($is === self::OPEN) {
                foreach ($this->beside($n, $width) as $m) {
                    if ($this->is[$m] !== self::OPEN) {
                        $waiting[$this->level($n)][] = [$n, $this->is[$m]];
                        break;
                    }
                }
            }
        }
        for ($level = 0; $level < self::LEVELS; $level++) {
            for ($at = 0; isset($waiting[$level][$at]); $at++) {
                [$n, $becomes] = $waiting[$level][$at];
                if ($this->is[$n] !== self::OPEN) {
                    continue;
                }
                $this->is[$n] = $becomes;
                foreach ($this->beside($n, $width) as $m) {
                    if ($this->is[$m] === self::OPEN) {
                        $waiting[max($level, $this->level($m))][] = [$m, $becomes];
                    }
                }
            }
            $waiting[$level] = [];
        }
    }

    private function level(int $n): int
    {
        return min(self::LEVELS - 1, intdiv($this->step($n), 27));
    }

    /** @return list<int> */
    private function beside(int $n, int $width): array
    {
        $x = $n % $width;
        $beside = [];
        if ($x > 0) {
            $beside[] = $n - 1;
        }
        if ($x + 1 < $width) {
            $beside[] = $n + 1;
        }
        if ($n >= $width) {
            $beside[] = $n - $width;
        }
        if ($n + $width < count($this->is)) {
            $beside[] = $n + $width;
        }

        return $beside;
    }
}
