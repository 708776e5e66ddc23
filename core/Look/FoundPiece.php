<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

/**
 * A piece found on a photograph: its outline and those of its windows, in pixels, and its looks.
 *
 * @phpstan-import-type Point from Homography
 */
final readonly class FoundPiece
{
    /** Below this contrast it hardly stands out from the surface and its shadows. */
    private const FAINT = 0.12;

    /**
     * @param  non-empty-list<non-empty-list<Point>>  $rings
     * @param  bool  $atEdge  the photograph ends before it does
     * @param  float  $contrast  how far its rim is from any colour of the surface in light or shadow, as a share of its brightness
     */
    private function __construct(public array $rings, public bool $atEdge, public float $contrast, public ?Neck $neck)
    {
    }

    /** @param  non-empty-list<non-empty-list<Point>>  $rings */
    public static function of(array $rings, bool $atEdge, float $contrast): self
    {
        return new self($rings, $atEdge, $contrast, Neck::of($rings[0]));
    }

    /** @param  non-empty-list<non-empty-list<Point>>  $rings  as they were, with the neck that was found in them */
    public static function kept(array $rings, bool $atEdge, float $contrast, ?Neck $neck): self
    {
        return new self($rings, $atEdge, $contrast, $neck);
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

    public function area(): float
    {
        return abs(Ring::area($this->rings[0]));
    }

    /** The same without windows: white parts of the print are not holes. */
    public function filled(): self
    {
        return new self([$this->rings[0]], $this->atEdge, $this->contrast, $this->neck);
    }
}
