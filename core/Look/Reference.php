<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/**
 * The thing of known size on the photograph: a rectangle, a coin, or two points. It is found automatically, and can be
 * corrected.
 *
 * @phpstan-import-type Point from Homography
 *
 * @phpstan-type ReferenceFields array{by: string, lengths: list<int>, piece: int|null, handles: list<Point>}
 */
final readonly class Reference
{
    /** At an angle the sides of a rectangle change their ratio by no more than this. */
    private const ASLANT = 0.16;

    /**
     * @param  list<Length>  $lengths  both sides, or the one length
     * @param  int|null  $piece  the number of the piece it is
     * @param  list<Point>  $handles  its four corners or two points, in pixels; none for a coin
     */
    private function __construct(public ReferenceKind $by, public array $lengths, public ?int $piece, public array $handles)
    {
    }

    public static function sheet(Length $width, Length $height): self
    {
        return new self(ReferenceKind::Sheet, [$width, $height], null, []);
    }

    public static function coin(Length $across): self
    {
        return new self(ReferenceKind::Coin, [$across], null, []);
    }

    public static function points(Length $apart): self
    {
        return new self(ReferenceKind::Points, [$apart], null, []);
    }

    /** @param  list<Point>  $handles  in pixels */
    public function at(array $handles): self
    {
        return new self($this->by, $this->lengths, $this->piece, $handles);
    }

    /**
     * The piece that was meant.
     *
     * @throws BadReference where it is neither four-sided nor round, as it should be
     */
    public function as(int $number, FoundPiece $piece): self
    {
        if ($this->by === ReferenceKind::Coin) {
            return $piece->round() !== null
                ? new self($this->by, $this->lengths, $number, [])
                : throw BadReference::because('That piece is not round, so it cannot be the coin.');
        }
        $quad = $this->by === ReferenceKind::Sheet ? $piece->quad() : null;

        return $quad !== null
            ? new self($this->by, $this->lengths, $number, $quad->corners)
            : throw BadReference::because('That piece has not four straight sides. Move the corners onto what is of known size.');
    }

    /**
     * Searches the pieces for it. Of rectangles it takes the one with the closest ratio of sides, large ones first. Of
     * round pieces it takes the largest.
     *
     * @param  array<int, FoundPiece>  $pieces  by number
     */
    public function found(array $pieces): self
    {
        $best = null;
        $most = 0.0;
        foreach ($pieces as $number => $piece) {
            $fits = $piece->atEdge ? 0.0 : $this->fits($piece);
            [$best, $most] = $fits > $most ? [$number, $fits] : [$best, $most];
        }

        return $best === null ? $this : $this->as($best, $pieces[$best]);
    }

    /**
     * @param  array<int, FoundPiece>  $pieces  by number
     * @return list<int> those it could be
     */
    public function couldBe(array $pieces): array
    {
        return array_keys(array_filter($pieces, fn (FoundPiece $piece): bool => ! $piece->atEdge && $this->fits($piece) > 0));
    }

    /**
     * @param  array<int, FoundPiece>  $pieces  by number
     * @param  Point  $middle  of the photograph
     *
     * @throws BadReference where it has not been found
     */
    public function squared(array $pieces, array $middle): Squared
    {
        $mm = array_map(static fn (Length $length): float => $length->units / Unit::Millimetre->units(), $this->lengths);
        $handles = $this->handles;
        $round = $this->piece === null ? null : ($pieces[$this->piece] ?? null)?->round();

        return match (true) {
            $this->by === ReferenceKind::Coin && $round !== null => Squared::byCoin($round, $mm[0]),
            $this->by === ReferenceKind::Sheet && count($handles) === 4 => Squared::bySheet(
                Quad::withCorners([$handles[0], $handles[1], $handles[2], $handles[3]]),
                $mm[0],
                $mm[1],
                $middle,
            ),
            $this->by === ReferenceKind::Points && count($handles) === 2 => Squared::byPoints($handles[0], $handles[1], $mm[0]),
            default => throw BadReference::because($this->by->isMissing()),
        };
    }

    /** @return ReferenceFields */
    public function fields(): array
    {
        return [
            'by' => $this->by->value,
            'lengths' => array_map(static fn (Length $length): int => $length->units, $this->lengths),
            'piece' => $this->piece,
            'handles' => $this->handles,
        ];
    }

    /** @param  ReferenceFields  $fields */
    public static function of(array $fields): self
    {
        return new self(
            ReferenceKind::from($fields['by']),
            array_map(Length::ofUnits(...), $fields['lengths']),
            $fields['piece'],
            $fields['handles'],
        );
    }

    /** How likely a piece is the reference. 0 if it cannot be. */
    private function fits(FoundPiece $piece): float
    {
        if ($this->by === ReferenceKind::Coin) {
            $round = $piece->round();

            return $round !== null && $round->flat() > 0.7 ? $piece->area() : 0.0;
        }
        $quad = $this->by === ReferenceKind::Sheet ? $piece->quad() : null;
        if ($quad === null) {
            return 0.0;
        }
        [$across, $down] = $quad->sides();
        [$width, $height] = [$this->lengths[0]->units, $this->lengths[1]->units];
        $should = max($width, $height) / min($width, $height);
        $off = abs(log(max($across, $down) / min($across, $down) / $should));

        return $off > self::ASLANT ? 0.0 : $piece->area() * (1 - $off / self::ASLANT / 2);
    }
}
