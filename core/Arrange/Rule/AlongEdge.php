<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;
use KeepShare\Core\Sketch\Edge;

/** Along the middle of an edge of a place, at a distance from that edge. It is glued on long and trimmed flush. */
final class AlongEdge implements SpotRule
{
    public function measures(array $options): array
    {
        return ['in' => [(Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false) ? Along::Across : Along::Down, false]];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function middle(Setting $setting): array
    {
        [$left, $top, $width, $height] = $setting->of;
        $in = $setting->length('in');

        return match ($setting->edge()) {
            Edge::Left => [$left + $in + intdiv($setting->width, 2), $top + intdiv($height, 2)],
            Edge::Right => [$left + $width - $in - intdiv($setting->width, 2), $top + intdiv($height, 2)],
            Edge::Top => [$left + intdiv($width, 2), $top + $in + intdiv($setting->height, 2)],
            Edge::Bottom => [$left + intdiv($width, 2), $top + $height - $in - intdiv($setting->height, 2)],
        };
    }
}
