<?php

namespace App\Photographs;

use App\Files\PictureFile;
use App\Models\Photograph;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Entry\SeenPiece;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Look\BadReference;
use KeepShare\Core\Look\Lit;
use KeepShare\Core\Look\MeasuredPiece;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\PlainGround;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\Ring;
use KeepShare\Core\Look\Squared;
use KeepShare\Core\Look\Straight;

/**
 * The pieces found on a photograph, with the maker's corrections, edit by edit.
 *
 * @phpstan-import-type PhotographEdit from Photograph
 * @phpstan-import-type PieceFields from PieceTable
 * @phpstan-import-type ReferenceFields from Reference
 * @phpstan-import-type TableFields from PieceTable
 */
final readonly class PiecesDraft
{
    /** The pixels a millimetre of pictures of pieces, and the most pixels of the longer side. */
    private const DENSITY = 10.0;

    private const MOST_SIDE = 720;

    /**
     * @param  list<int>  $dropped
     * @param  array<int, string>  $said  by piece
     * @param  array<int, int>  $counts  by piece, where it is other than how many are seen
     */
    private function __construct(
        private Photograph $photograph,
        public PieceTable $table,
        private PlainGround $ground,
        public array $dropped,
        public array $said,
        public array $counts,
    ) {
    }

    public static function of(Photograph $photograph): ?self
    {
        /** @var array{table: TableFields, ground: array{across: int, down: int, levels: string}}|null $found */
        $found = $photograph->found();
        if ($found === null) {
            return null;
        }
        $draft = new self($photograph, PieceTable::of($found['table']), PlainGround::kept($found['ground']), [], [], []);
        foreach ($photograph->edits as $edit) {
            $draft = $draft->edited($edit);
        }

        return $draft;
    }

    /** @return list<array{float, float}> */
    public static function points(mixed $handles): array
    {
        $points = [];
        foreach (is_array($handles) ? $handles : [] as $handle) {
            if (is_array($handle) && is_numeric($handle[0] ?? null) && is_numeric($handle[1] ?? null)) {
                $points[] = [(float) $handle[0], (float) $handle[1]];
            }
        }

        return $points;
    }

    /** @return Squared|null null while nothing of known size is found */
    public function squared(): ?Squared
    {
        try {
            return $this->table->squared();
        } catch (BadReference) {
            return null;
        }
    }

    /** Why nothing can be measured. Null if it can. */
    public function fault(): ?string
    {
        try {
            $this->table->squared();

            return null;
        } catch (BadReference $wrong) {
            return $wrong->getMessage();
        }
    }

    /** @return array<int, non-empty-list<int>> pieces of the same picture, by the first of them */
    public function alike(): array
    {
        return $this->table->alike($this->dropped);
    }

    public function count(int $first, int $seen): int
    {
        return $this->counts[$first] ?? $seen;
    }

    /**
     * A piece as a component of the kit.
     *
     * @param  list<string>  $taken
     *
     * @throws BadLine where what is said of it is not understood
     */
    public function component(int $number, MeasuredPiece $measured, int $count, array $taken): Component
    {
        $unit = $this->photograph->kit->unit;

        return SeenPiece::read(
            $this->said[$number] ?? '',
            self::called($measured, $number),
            PieceTable::size($measured, $unit),
            array_slice($this->table->colours($number), 0, 6),
            PieceTable::cutLine($measured),
            $count,
            $unit,
            $this->photograph->kit->front(),
            $taken,
        );
    }

    /** The photograph from which pieces are cut out. It is unpacked once for all of them. */
    public function fine(): PictureFile
    {
        return PictureFile::open($this->photograph->file(0));
    }

    /** Its picture, cut out of the photograph. */
    public function picture(int $number, MeasuredPiece $measured, Squared $squared, PictureFile $fine): string
    {
        $density = min(self::DENSITY, self::MOST_SIDE / max($measured->width, $measured->height));

        return PictureFile::jpegOf(Straight::piece($measured, $squared, $this->lit($number, $fine), $density));
    }

    /**
     * Both parts of a piece, separated along a line or at its narrowest place.
     *
     * @param  list<array{float, float}>  $line
     * @return list<PieceFields>
     *
     * @throws BadReference
     */
    public function parted(int $number, array $line): array
    {
        return $this->table->parted($number, $line, $this->lit($number, $this->fine()));
    }

    /** "Round 3", until the maker says what it is. */
    public static function called(MeasuredPiece $measured, int $number): string
    {
        return ucfirst($measured->form->value === 'cut' ? 'piece' : $measured->form->value)." $number";
    }

    /** The finer picture of the place of one piece. */
    private function lit(int $number, PictureFile $fine): Lit
    {
        $scale = $fine->width() / $this->table->width;
        [$left, $top, $right, $bottom] = Ring::bounds($this->table->pieces[$number]->rings[0]);
        [$x, $y] = [(int) max(0, ($left - 4) * $scale), (int) max(0, ($top - 4) * $scale)];
        $part = $fine->part($x, $y, (int) (($right - $left + 8) * $scale), (int) (($bottom - $top + 8) * $scale));

        return Lit::of($part, $this->ground, $scale, $x, $y);
    }

    /** @param  PhotographEdit  $edit */
    private function edited(array $edit): self
    {
        $on = $edit['on'] ?? 0;
        /** @var ReferenceFields $reference */
        $reference = $edit['do'] === 'measure' ? $edit['with'] ?? [] : [];
        /** @var list<PieceFields> $parts */
        $parts = $edit['do'] === 'part' ? $edit['with'] ?? [] : [];

        return match ($edit['do']) {
            'measure' => $this->with(table: $this->table->measuredBy(Reference::of($reference))),
            'part' => $this->with(table: $this->table->partedInto($on, $parts)),
            'turn' => $this->with(table: $this->table->turned($on, $edit['by'] ?? 0)),
            'fill' => $this->with(table: $this->table->filled($on)),
            'drop' => $this->with(dropped: [...$this->dropped, $on]),
            'take' => $this->with(dropped: array_values(array_diff($this->dropped, [$on]))),
            'say' => $this->with(said: [$on => $edit['text'] ?? ''] + $this->said),
            'count' => $this->with(counts: [$on => $edit['by'] ?? 1] + $this->counts),
            default => $this,
        };
    }

    /**
     * @param  list<int>|null  $dropped
     * @param  array<int, string>|null  $said
     * @param  array<int, int>|null  $counts
     */
    private function with(?PieceTable $table = null, ?array $dropped = null, ?array $said = null, ?array $counts = null): self
    {
        return new self(
            $this->photograph,
            $table ?? $this->table,
            $this->ground,
            $dropped ?? $this->dropped,
            $said ?? $this->said,
            $counts ?? $this->counts,
        );
    }
}
