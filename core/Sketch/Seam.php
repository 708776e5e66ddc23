<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A strip over the join at an edge of a part, half of it on either side. */
final class Seam implements Rule
{
    public static function under(string $of, Dim $wide): Relation
    {
        return self::over(Edge::Bottom, $of, $wide);
    }

    public static function over(Edge $edge, string $of, Dim $wide): Relation
    {
        return Relation::by(RelationKind::Seam, $of, ['wide' => $wide], ['edge' => $edge->value]);
    }

    public function measures(array $options): array
    {
        return ['wide' => (Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false) ? Along::Across : Along::Down];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function place(Placing $placing): Rect
    {
        $of = $placing->of;
        $edge = $placing->edge();
        $wide = $placing->within('wide', $edge->isUpright() ? $of->size->width : $of->size->height);
        $start = static fn (int $join) => $placing->at($join - intdiv($wide->units, 2), 'wide');

        return match ($edge) {
            Edge::Bottom => Rect::at($of->x, $start($of->bottom()->units), Size::of($of->size->width, $wide)),
            Edge::Top => Rect::at($of->x, $start($of->y->units), Size::of($of->size->width, $wide)),
            Edge::Right => Rect::at($start($of->right()->units), $of->y, Size::of($wide, $of->size->height)),
            Edge::Left => Rect::at($start($of->x->units), $of->y, Size::of($wide, $of->size->height)),
        };
    }
}
