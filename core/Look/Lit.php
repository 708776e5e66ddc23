<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A photograph with even light: each place is as bright as if the surface had its greatest brightness everywhere.
 *
 * @phpstan-import-type Rgb from Cells
 */
final readonly class Lit
{
    /** The surface is not made brighter than this factor, since almost black pixels have no colour left. */
    private const MOST = 2.5;

    /**
     * @param  Rgb  $brightest
     * @param  float  $scale  how many pixels of the picture make one of those on which the surface was found
     * @param  float  $left  where the picture begins, in its own pixels
     */
    private function __construct(
        private Pixels $picture,
        private PlainGround $ground,
        private array $brightest,
        private float $scale,
        private float $left,
        private float $top,
    ) {
    }

    /** The picture on which the surface was found, or a part of a finer one of the same table. */
    public static function of(Pixels $picture, PlainGround $ground, float $scale = 1.0, float $left = 0.0, float $top = 0.0): self
    {
        $brightest = $ground->means[0];
        foreach ($ground->means as $mean) {
            $brightest = $mean[1] > $brightest[1] ? $mean : $brightest;
        }

        return new self($picture, $ground, $brightest, $scale, $left, $top);
    }

    /** Evened out by the surface that is seen on it. Unchanged if none is seen. */
    public static function evened(Pixels $picture): self
    {
        try {
            return self::of($picture, PlainGround::of(Cells::of($picture)));
        } catch (BadReference) {
            return self::of($picture, PlainGround::unseen());
        }
    }

    /** @return array{int, int, int} red, green, blue at a place, 0 to 255 */
    public function at(float $x, float $y): array
    {
        $is = $this->picture->at($x * $this->scale - $this->left - 0.5, $y * $this->scale - $this->top - 0.5);
        $ground = $this->ground->at($x, $y);
        $more = min(self::MOST, max(0.4, array_sum($this->brightest) / max(24.0, array_sum($ground))));

        return [self::level($is[0] * $more), self::level($is[1] * $more), self::level($is[2] * $more)];
    }

    private static function level(float $level): int
    {
        return max(0, min(255, (int) round($level)));
    }
}
