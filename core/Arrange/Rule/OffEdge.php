<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;
use KeepShare\Core\Sketch\Edge;

/** Over an edge of a place, by a share of its own size. What hangs over is trimmed off. */
final class OffEdge implements SpotRule
{
    public function measures(array $options): array
    {
        $isUpright = Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false;
        [$out, $along] = $isUpright ? [Along::Across, Along::Down] : [Along::Down, Along::Across];

        return ['over' => [$out, true], 'along' => [$along, false]];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function middle(Setting $setting): array
    {
        [$left, $top, $width, $height] = $setting->of;
        [$over, $along] = [$setting->length('over'), $setting->length('along')];

        return match ($setting->edge()) {
            Edge::Left => [$left + intdiv($setting->width, 2) - $over, $top + $along],
            Edge::Right => [$left + $width - intdiv($setting->width, 2) + $over, $top + $along],
            Edge::Top => [$left + $along, $top + intdiv($setting->height, 2) - $over],
            Edge::Bottom => [$left + $along, $top + $height - intdiv($setting->height, 2) + $over],
        };
    }
}
