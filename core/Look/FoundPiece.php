<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A piece found on a photograph: the line round it and those round its windows, in pixels, and how it looks.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class FoundPiece
{
    /** Below this it hardly stands out from the ground and its shadows. */
    private const FAINT = 0.12;

    /**
     * @param  non-empty-list<non-empty-list<Point>>  $rings
     * @param  bool  $atEdge  the photograph ends before it does
     * @param  float  $contrast  how far its rim is from any colour of the ground in light or shadow, as a part of its brightness
     */
    private function __construct(public array $rings, public bool $atEdge, public float $contrast)
    {
    }

    /** @param  non-empty-list<non-empty-list<Point>>  $rings */
    public static function of(array $rings, bool $atEdge, float $contrast): self
    {
        return new self($rings, $atEdge, $contrast);
    }

    public function isFaint(): bool
    {
        return $this->contrast < self::FAINT;
    }

    public function quad(): ?Quad
    {
        return Quad::of($this->rings[0]);
    }

    public function round(): ?Round
    {
        return Round::of($this->rings[0]);
    }

    /** @return list<Point> the ends of its narrowest neck; none where it has none */
    public function neck(): array
    {
        return Neck::of($this->rings[0]) ?? [];
    }

    public function area(): float
    {
        return abs(Ring::area($this->rings[0]));
    }

    /** Without its windows: what is drawn white on it is no hole. */
    public function filled(): self
    {
        return new self([$this->rings[0]], $this->atEdge, $this->contrast);
    }

    /**
     * Where it is inside on one row of pixels.
     *
     * @return list<array{float, float}> from and to
     */
    public function spans(float $y): array
    {
        $xs = [];
        foreach ($this->rings as $ring) {
            foreach ($ring as $n => [$ax, $ay]) {
                [$bx, $by] = $ring[$n + 1] ?? $ring[0];
                if (($ay > $y) !== ($by > $y)) {
                    $xs[] = $ax + ($bx - $ax) * ($y - $ay) / ($by - $ay);
                }
            }
        }
        sort($xs);
        $spans = [];
        for ($n = 0; $n + 1 < count($xs); $n += 2) {
            $spans[] = [$xs[$n], $xs[$n + 1]];
        }

        return $spans;
    }
}
