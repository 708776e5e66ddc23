<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * A strip, band or column along one edge of another part, with its width and its distance from that edge. It goes the
 * full length or has a gap at both ends.
 */
final class Slice implements Rule
{
    /** $wide along its edge, beginning $from in from the edge. */
    public static function along(Edge $edge, string $of, Dim $wide, ?Dim $from = null, ?Dim $ends = null): Relation
    {
        return Relation::by(
            RelationKind::Strip,
            $of,
            ['wide' => $wide, 'from' => $from ?? Dim::none(), 'ends' => $ends ?? Dim::none()],
            ['edge' => $edge->value],
        );
    }

    /** What a slice of $from along the edge leaves, less a gap between the two. */
    public static function restFrom(Edge $edge, string $of, Dim $from, ?Dim $gap = null): Relation
    {
        return Relation::by(RelationKind::Rest, $of, ['from' => $from, 'gap' => $gap ?? Dim::none()], ['edge' => $edge->value]);
    }

    public function measures(array $options): array
    {
        $isUpright = Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false;
        $in = $isUpright ? Along::Across : Along::Down;

        return ['wide' => $in, 'from' => $in, 'ends' => $isUpright ? Along::Down : Along::Across];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function place(Placing $placing): Rect
    {
        $edge = $placing->edge();
        $room = $placing->left($edge->isUpright() ? $placing->of->size->width : $placing->of->size->height, 'from');
        $strip = self::cut($placing->of, $edge, $placing->length('from'), $placing->within('wide', $room));
        $long = $placing->left($edge->isUpright() ? $strip->size->height : $strip->size->width, 'ends', 'ends');

        return $edge->isUpright()
            ? Rect::at($strip->x, $strip->y->plus($placing->length('ends')), Size::of($strip->size->width, $long))
            : Rect::at($strip->x->plus($placing->length('ends')), $strip->y, Size::of($long, $strip->size->height));
    }

    /** The stripe of width $wide that lies $from in from an edge of a rectangle. */
    public static function cut(Rect $of, Edge $edge, Length $from, Length $wide): Rect
    {
        $size = $edge->isUpright() ? Size::of($wide, $of->size->height) : Size::of($of->size->width, $wide);

        return match ($edge) {
            Edge::Left => Rect::at($of->x->plus($from), $of->y, $size),
            Edge::Top => Rect::at($of->x, $of->y->plus($from), $size),
            Edge::Right => Rect::at($of->right()->minus($from)->minus($wide), $of->y, $size),
            Edge::Bottom => Rect::at($of->x, $of->bottom()->minus($from)->minus($wide), $size),
        };
    }
}
