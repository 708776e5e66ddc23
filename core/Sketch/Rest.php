<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;

/** What a strip along an edge leaves of a part, less a gap between the two. */
final class Rest implements Rule
{
    public function measures(array $options): array
    {
        $in = (Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false) ? Along::Across : Along::Down;

        return ['from' => $in, 'gap' => $in];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function place(Placing $placing): Rect
    {
        $edge = $placing->edge();
        $left = $placing->left($edge->isUpright() ? $placing->of->size->width : $placing->of->size->height, 'from', 'gap');

        return Slice::cut($placing->of, $edge, $placing->length('from')->plus($placing->length('gap')), $left);
    }
}
