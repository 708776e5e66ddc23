<?php

namespace App\Photographs;

use App\Models\Kit;
use App\Models\Photograph;
use App\View\LineView;
use App\View\Page;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Entry\BadLine;
use KeepShare\Core\Look\Doubt;
use KeepShare\Core\Look\FoundPiece;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\ReferenceKind;
use KeepShare\Core\Look\Ring;
use KeepShare\Core\Look\Squared;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/**
 * A photograph with the pieces found on it. Places are in pixels of the picture.
 *
 * @phpstan-import-type Reading from ReadingView
 *
 * @phpstan-type Place array{x: float, y: float}
 * @phpstan-type SeenPiece array{
 *     number: int,
 *     called: string,
 *     d: string, // its outline and its windows
 *     at: Place, // where its number stands
 *     neck: list<Place>, // the ends of a line that parts it at its narrowest
 *     form: string,
 *     size: string, // empty while nothing is measured
 *     off: string, // how far off that may be
 *     colours: list<string>,
 *     doubts: list<string>,
 *     isDropped: bool,
 *     isReference: bool,
 *     hasWindows: bool,
 *     alike: list<int>, // those of the same picture, where it is the first of them
 *     isTwin: bool, // it goes with the first of the same picture
 *     said: string,
 *     count: int,
 *     understood: string,
 *     fault: string|null,
 * }
 * @phpstan-type SeenReference array{
 *     by: string,
 *     lengths: string, // as it would be typed
 *     says: string,
 *     piece: int|null,
 *     handles: list<Place>,
 *     fault: string|null,
 *     others: list<int>, // pieces that it could be as well
 *     leans: bool,
 *     isSmall: bool, // so small in the picture that it may be something else
 * }
 * @phpstan-type SeenTable array{picture: string, width: int, height: int, reference: SeenReference, pieces: list<SeenPiece>, kept: int}
 */
final readonly class PhotoPiecesPage extends Page
{
    /**
     * @param  Reading  $reading
     * @param  SeenTable|null  $table
     */
    private function __construct(public int $id, public bool $isKept, public array $reading, public ?array $table)
    {
    }

    public static function of(Kit $kit, Photograph $photograph): self
    {
        $draft = $photograph->isUnderWay() ? null : PiecesDraft::of($photograph);

        return new self(
            $photograph->id,
            $photograph->is_kept,
            ReadingView::of($photograph),
            $draft === null ? null : self::table($kit, $photograph, $draft),
        );
    }

    /** @return SeenTable */
    private static function table(Kit $kit, Photograph $photograph, PiecesDraft $draft): array
    {
        $squared = $draft->squared();
        $alike = $draft->alike();
        $first = [];
        foreach ($alike as $number => $all) {
            $first += array_fill_keys($all, $number);
        }
        $pieces = [];
        foreach ($draft->table->pieces as $number => $piece) {
            $isTwin = ($first[$number] ?? $number) !== $number;
            $pieces[] = self::piece($kit, $draft, $number, $piece, $squared, $alike[$number] ?? [], $isTwin);
        }

        return [
            'picture' => route('photographs.picture', [$kit, $photograph, 0], false),
            'width' => $draft->table->width,
            'height' => $draft->table->height,
            'reference' => self::reference($kit, $draft, $squared),
            'pieces' => $pieces,
            'kept' => count($alike),
        ];
    }

    /**
     * @param  list<int>  $alike
     * @return SeenPiece
     */
    private static function piece(
        Kit $kit,
        PiecesDraft $draft,
        int $number,
        FoundPiece $piece,
        ?Squared $squared,
        array $alike,
        bool $isTwin,
    ): array {
        $measured = $squared === null ? null : $draft->table->measured($number, $squared);
        $count = $draft->count($number, max(1, count($alike)));
        $understood = '';
        $fault = null;
        $isGood = $number !== $draft->table->reference->piece && ! in_array($number, $draft->dropped, true) && ! $isTwin;
        if ($measured !== null && $isGood) {
            try {
                $understood = LineView::of($draft->component($number, $measured, $count, []), $kit->unit);
            } catch (BadLine $bad) {
                $fault = $bad->getMessage();
            }
        }
        [$left, $top, $right, $bottom] = Ring::bounds($piece->rings[0]);

        return [
            'number' => $number,
            'called' => $measured === null ? "Piece $number" : PiecesDraft::called($measured, $number),
            'd' => self::path($piece),
            'at' => ['x' => round(($left + $right) / 2, 1), 'y' => round(($top + $bottom) / 2, 1)],
            'neck' => $piece->neck === null ? [] : self::places([$piece->neck->from, $piece->neck->to]),
            'form' => $measured === null ? '' : $measured->form->value,
            'size' => $measured === null ? '' : PieceTable::size($measured, $kit->unit)->label($kit->unit),
            'off' => $measured === null ? '' : self::off($measured->off, $kit->unit),
            'colours' => array_map(static fn (Colour $colour): string => $colour->hex, $draft->table->colours($number)),
            'doubts' => array_map(static fn (Doubt $doubt): string => $doubt->says(), $draft->table->doubts($number, $measured)),
            'isDropped' => in_array($number, $draft->dropped, true),
            'isReference' => $number === $draft->table->reference->piece,
            'hasWindows' => count($piece->rings) > 1,
            'alike' => $alike,
            'isTwin' => $isTwin,
            'said' => $draft->said[$number] ?? '',
            'count' => $count,
            'understood' => $understood,
            'fault' => $fault,
        ];
    }

    /** @return SeenReference */
    private static function reference(Kit $kit, PiecesDraft $draft, ?Squared $squared): array
    {
        $reference = $draft->table->reference;
        $lengths = array_map(static fn (Length $one): string => $one->exact($kit->unit), $reference->lengths);
        $labels = array_map(static fn (Length $one): string => $one->label($kit->unit), $reference->lengths);
        $others = array_values(array_diff($reference->couldBe($draft->table->pieces), [$reference->piece]));

        return [
            'by' => $reference->by->value,
            'lengths' => implode(' x ', $lengths),
            'says' => match ($reference->by) {
                ReferenceKind::Sheet => implode(' × ', $labels),
                ReferenceKind::Coin => "a coin $labels[0] across",
                ReferenceKind::Points => "two points $labels[0] apart",
            },
            'piece' => $reference->piece,
            'handles' => self::places($reference->handles),
            'fault' => $draft->fault(),
            'others' => $others,
            'leans' => $squared?->leans() ?? false,
            'isSmall' => $draft->table->isReferenceSmall(),
        ];
    }

    private static function path(FoundPiece $piece): string
    {
        $d = '';
        foreach ($piece->rings as $ring) {
            $spots = array_map(static fn (array $p): string => round($p[0], 1).' '.round($p[1], 1), Ring::simpler($ring, 0.4));
            $d .= 'M'.implode('L', $spots).'Z';
        }

        return $d;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<Place>
     */
    private static function places(array $points): array
    {
        return array_map(static fn (array $p): array => ['x' => round($p[0], 2), 'y' => round($p[1], 2)], $points);
    }

    private static function off(float $mm, Unit $unit): string
    {
        return $unit === Unit::Inch ? sprintf('± %.2f in', max(0.01, $mm / 25.4)) : sprintf('± %.1f mm', max(0.1, $mm));
    }
}
