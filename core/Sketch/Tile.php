<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** One of a row or grid of equal tiles with equal gaps between them, and gaps at both ends of a row. */
final class Tile implements Rule
{
    /** Tile $nth, from 0, of $count in one row. */
    public static function inRow(string $of, int $nth, int $count, Dim $gap): Relation
    {
        return self::inGrid($of, $nth, $count, 1, $gap);
    }

    /** Tile $nth, from 0, counted row by row. */
    public static function inGrid(string $of, int $nth, int $columns, int $rows, Dim $gap): Relation
    {
        return Relation::by(
            RelationKind::Tile,
            $of,
            ['gap' => $gap],
            ['nth' => (string) $nth, 'columns' => (string) $columns, 'rows' => (string) $rows],
        );
    }

    public function measures(array $options): array
    {
        return ['gap' => Along::Across];
    }

    public function options(): array
    {
        return ['nth' => [], 'columns' => [], 'rows' => []];
    }

    public function place(Placing $placing): Rect
    {
        $columns = max(1, $placing->number('columns', 1));
        $rows = max(1, $placing->number('rows', 1));
        $nth = $placing->number('nth', 0) % ($columns * $rows);
        [$x, $width] = self::share($placing, $placing->of->size->width, $nth % $columns, $columns, $columns + 1);
        // A single row fills the height of its part.
        [$y, $height] = self::share($placing, $placing->of->size->height, intdiv($nth, $columns), $rows, $rows - 1);

        return Rect::at($placing->of->x->plus($x), $placing->of->y->plus($y), Size::of($width, $height));
    }

    /** @return array{Length, Length} where the tile starts along a side, and its length */
    private static function share(Placing $placing, Length $side, int $nth, int $count, int $gaps): array
    {
        $gap = $placing->length('gap');
        if ($count === 1 && $gaps === 0) {
            return [Length::zero(), $side];
        }
        $all = $gap->times($gaps);
        $length = $side->isLongerThan($all) ? $side->minus($all)->share(1, $count, $placing->mark()) : Length::zero();
        if ($length->isZero()) {
            throw $placing->nothingLeft('gap');
        }
        // The rest of an uneven division goes half to each end, so that the row stays centred.
        $spare = $side->minus($all)->minus($length->times($count));
        $end = intdiv($spare->units, 2) + ($gaps > $count ? $gap->units : 0);

        return [Length::ofUnits($end + $nth * ($length->units + $gap->units)), $length];
    }
}
