<?php

declare(strict_types=1);

namespace KeepShare\Core\Look;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CutLine;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * The pieces found on one photograph, by number, and what they are measured by. Numbers are kept. If a piece is
 * separated, both parts get new ones.
 *
 * @phpstan-import-type NeckFields from Neck
 * @phpstan-import-type Point from Homography
 * @phpstan-import-type ReferenceFields from Reference
 *
 * @phpstan-type PieceFields array{
 *     rings: non-empty-list<non-empty-list<Point>>,
 *     atEdge: bool,
 *     contrast: float,
 *     neck: NeckFields|null,
 *     colours: non-empty-list<string>,
 *     isLong: bool,
 *     print: string, // as base64
 *     turn: int,
 * }
 * @phpstan-type TableFields array{width: int, height: int, next: int, reference: ReferenceFields, pieces: array<int, PieceFields>}
 */
final readonly class PieceTable
{
    /** Sizes that may be off by more than this, in millimetres, are not certain: 1/32 in. */
    private const SURE = 0.8;

    /** As a share of the photograph. */
    private const SMALL = 0.02;

    /** Points of an outline are left out if that changes it by no more than this, in millimetres. */
    private const FINE = 0.15;

    /**
     * @param  array<int, FoundPiece>  $pieces  by number
     * @param  array<int, Likeness>  $looks
     * @param  array<int, int>  $turns  in degrees, clockwise
     */
    private function __construct(
        public int $width,
        public int $height,
        public Reference $reference,
        public array $pieces,
        private array $looks,
        private array $turns,
        private int $next,
    ) {
    }

    /** The pieces of a photograph, measured by the thing of known size on it. */
    public static function found(FindPieces $found, Pixels $picture, Reference $reference): self
    {
        $pieces = array_combine(range(1, count($found->pieces)), $found->pieces);
        $table = new self($picture->width, $picture->height, $reference->found($pieces), $pieces, [], [], count($pieces) + 1);
        $lit = Lit::of($picture, $found->ground);
        $looks = [];
        foreach ($pieces as $number => $piece) {
            $looks[$number] = $table->look($piece, $lit);
        }

        return new self($picture->width, $picture->height, $table->reference, $pieces, $looks, [], $table->next);
    }

    public function measuredBy(Reference $reference): self
    {
        return $this->with(reference: $reference);
    }

    /** Turned clockwise by some degrees more. */
    public function turned(int $number, int $degrees): self
    {
        $turn = (($this->turns[$number] ?? 0) + $degrees) % 360;

        return $this->with(turns: [$number => $turn] + $this->turns);
    }

    /** Without windows: what is white on it is printed, not cut out. */
    public function filled(int $number): self
    {
        $pieces = [$number => $this->pieces[$number]->filled()] + $this->pieces;
        ksort($pieces);

        return $this->with(pieces: $pieces);
    }

    /**
     * Joins two pieces that were separated before.
     *
     * @param  list<PieceFields>  $parts
     */
    public function partedInto(int $number, array $parts): self
    {
        $pieces = $this->pieces;
        $looks = $this->looks;
        unset($pieces[$number], $looks[$number]);
        foreach ($parts as $n => $part) {
            [$pieces[$this->next + $n], $looks[$this->next + $n]] = self::pieceOf($part);
        }
        $reference = $this->reference->piece === $number ? $this->reference->at($this->reference->handles) : $this->reference;

        return new self($this->width, $this->height, $reference, $pieces, $looks, $this->turns, $this->next + count($parts));
    }

    /**
     * Separates one piece into two, along a line or at its narrowest place.
     *
     * @param  list<Point>  $line  its two ends on the photograph, or none
     * @return list<PieceFields> both parts
     *
     * @throws BadReference where it cannot be parted so
     */
    public function parted(int $number, array $line, Lit $lit): array
    {
        $piece = $this->pieces[$number];
        [$from, $to] = count($line) === 2 ? $line : [$piece->neck?->from, $piece->neck?->to];
        $parts = $from === null || $to === null ? null : Neck::parted($piece, $from, $to);
        if ($parts === null) {
            throw BadReference::because('The line does not go through the piece.');
        }

        return array_map(fn (FoundPiece $part): array => self::pieceFields($part, $this->look($part, $lit), 0), $parts);
    }

    /** @throws BadReference where nothing of known size is found */
    public function squared(): Squared
    {
        return $this->reference->squared($this->pieces, [$this->width / 2, $this->height / 2]);
    }

    /** Whether the rectangle of known size is so small in the picture that it may be another thing. */
    public function isReferenceSmall(): bool
    {
        return $this->reference->by === ReferenceKind::Sheet
            && count($this->reference->handles) === 4
            && abs(Ring::area($this->reference->handles)) < self::SMALL * $this->width * $this->height;
    }

    public function measured(int $number, Squared $squared): MeasuredPiece
    {
        return MeasuredPiece::of($this->pieces[$number]->rings, $squared, $this->turns[$number] ?? 0);
    }

    /** The line along which it is cut, in thousandths of its box. */
    public static function cutLine(MeasuredPiece $measured): CutLine
    {
        $lines = [];
        foreach ($measured->rings as $ring) {
            $line = [];
            foreach (Ring::simpler($ring, self::FINE) as [$x, $y]) {
                $line[] = [self::thousandth($x / $measured->width), self::thousandth($y / $measured->height)];
            }
            $lines[] = $line;
        }

        return CutLine::of($lines);
    }

    /** Rounded to 1/32 in or half a millimetre. */
    public static function size(MeasuredPiece $measured, Unit $unit): Size
    {
        $mark = ($unit === Unit::Inch ? Length::inches(0, 1, 32) : $unit->mark())->units;
        $length = static fn (float $mm): Length => Length::ofUnits(max(1, (int) round($mm * Unit::Millimetre->units() / $mark)) * $mark);

        return Size::of($length($measured->width), $length($measured->height));
    }

    /** @return non-empty-list<Colour> */
    public function colours(int $number): array
    {
        return $this->looks[$number]->colours;
    }

    /**
     * Groups pieces of the same picture under the first of them. The thing of known size is not one of them.
     *
     * @param  list<int>  $dropped
     * @return array<int, non-empty-list<int>>
     */
    public function alike(array $dropped = []): array
    {
        $onTable = $this->areasOnTable();
        $groups = [];
        foreach (array_keys($this->pieces) as $number) {
            if ($number === $this->reference->piece || in_array($number, $dropped, true)) {
                continue;
            }
            $first = $number;
            foreach (array_keys($groups) as $other) {
                if ($this->isAlike($number, $other, $onTable)) {
                    $first = $other;
                    break;
                }
            }
            $groups[$first][] = $number;
        }

        return $groups;
    }

    /** @return list<Doubt> */
    public function doubts(int $number, ?MeasuredPiece $measured): array
    {
        $piece = $this->pieces[$number];

        return array_values(array_filter([
            $piece->atEdge ? Doubt::AtEdge : null,
            $piece->isFaint() ? Doubt::Faint : null,
            $piece->neck?->isNarrow() === true ? Doubt::PerhapsTwo : null,
            $measured !== null && $measured->off > self::SURE ? Doubt::Rough : null,
        ]));
    }

    /** @return TableFields */
    public function fields(): array
    {
        $pieces = [];
        foreach ($this->pieces as $number => $piece) {
            $pieces[$number] = self::pieceFields($piece, $this->looks[$number], $this->turns[$number] ?? 0);
        }

        return [
            'width' => $this->width,
            'height' => $this->height,
            'next' => $this->next,
            'reference' => $this->reference->fields(),
            'pieces' => $pieces,
        ];
    }

    /** @param  TableFields  $fields */
    public static function of(array $fields): self
    {
        $pieces = [];
        $looks = [];
        foreach ($fields['pieces'] as $number => $piece) {
            [$pieces[$number], $looks[$number]] = self::pieceOf($piece);
        }

        return new self(
            $fields['width'],
            $fields['height'],
            Reference::of($fields['reference']),
            $pieces,
            $looks,
            array_map(static fn (array $piece): int => $piece['turn'], $fields['pieces']),
            $fields['next'],
        );
    }

    /**
     * @param  PieceFields  $fields
     * @return array{FoundPiece, Likeness}
     */
    private static function pieceOf(array $fields): array
    {
        $neck = $fields['neck'] === null ? null : Neck::kept($fields['neck']);

        return [
            FoundPiece::kept($fields['rings'], $fields['atEdge'], $fields['contrast'], $neck),
            Likeness::kept($fields['colours'], $fields['isLong'], $fields['print']),
        ];
    }

    /** @return PieceFields */
    private static function pieceFields(FoundPiece $piece, Likeness $look, int $turn): array
    {
        return [
            'rings' => array_map(self::rounded(...), $piece->rings),
            'atEdge' => $piece->atEdge,
            'contrast' => round($piece->contrast, 3),
            'neck' => $piece->neck?->fields(),
            'colours' => array_map(static fn (Colour $colour): string => $colour->hex, $look->colours),
            'isLong' => $look->isLong,
            'print' => $look->packed(),
            'turn' => $turn,
        ];
    }

    /**
     * @param  array<int, FoundPiece>|null  $pieces
     * @param  array<int, int>|null  $turns
     */
    private function with(?Reference $reference = null, ?array $pieces = null, ?array $turns = null): self
    {
        return new self(
            $this->width,
            $this->height,
            $reference ?? $this->reference,
            $pieces ?? $this->pieces,
            $this->looks,
            $turns ?? $this->turns,
            $this->next,
        );
    }

    /** @param  array<int, float>  $onTable  how large each is there; none while nothing is measured */
    private function isAlike(int $one, int $two, array $onTable): bool
    {
        [$a, $b] = [$this->pieces[$one]->area(), $this->pieces[$two]->area()];
        $isAsLarge = $onTable === [] || abs(log($onTable[$one] / $onTable[$two])) < 0.07;

        // At an angle the nearer of two looks larger.
        return max($a, $b) < 1.35 * min($a, $b) && $isAsLarge && $this->looks[$one]->isAs($this->looks[$two]);
    }

    /** @return array<int, float> by number, in square millimetres; none while nothing is measured */
    private function areasOnTable(): array
    {
        try {
            $squared = $this->squared();
        } catch (BadReference) {
            return [];
        }

        return array_map(
            static fn (FoundPiece $piece): float => max(1e-9, abs(Ring::area($squared->onTable($piece->rings[0])))),
            $this->pieces,
        );
    }

    private function look(FoundPiece $piece, Lit $lit): Likeness
    {
        try {
            $squared = $this->squared();
        } catch (BadReference) {
            // Pixels will do if there is no measure, since looks do not depend on size.
            $squared = Squared::byPoints([0.0, 0.0], [100.0, 0.0], 100.0);
        }

        return Likeness::of($piece, MeasuredPiece::of($piece->rings, $squared), $squared, $lit);
    }

    private static function thousandth(float $share): int
    {
        return max(0, min(CutLine::BOX, (int) round($share * CutLine::BOX)));
    }

    /**
     * @param  non-empty-list<Point>  $ring
     * @return non-empty-list<Point>
     */
    private static function rounded(array $ring): array
    {
        return array_map(static fn (array $point): array => [round($point[0], 2), round($point[1], 2)], $ring);
    }
}
