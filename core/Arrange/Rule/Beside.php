<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;
use KeepShare\Core\Sketch\Edge;

/**
 * Beside another piece with a gap between them. Its middle lies at a share of that edge. If the front ends there, it
 * goes to the other side.
 */
final class Beside implements SpotRule
{
    public function measures(array $options): array
    {
        $isUpright = Edge::tryFrom($options['edge'] ?? '')?->isUpright() ?? false;
        $along = $isUpright ? Along::Down : Along::Across;

        return ['gap' => [$isUpright ? Along::Across : Along::Down, false], 'along' => [$along, false]];
    }

    public function options(): array
    {
        return ['edge' => array_column(Edge::cases(), 'value')];
    }

    public function middle(Setting $setting): array
    {
        $edge = $setting->edge();

        return $this->at($this->hasRoom($edge, $setting) ? $edge : $edge->opposite(), $setting);
    }

    /** Whether the front has room on that side. */
    private function hasRoom(Edge $edge, Setting $setting): bool
    {
        [$x, $y] = $this->at($edge, $setting);
        [$half, $high] = [intdiv($setting->width, 2), intdiv($setting->height, 2)];

        return match ($edge) {
            Edge::Left => $x - $half >= Group::RIM,
            Edge::Right => $x + $half <= $setting->front->width->units - Group::RIM,
            Edge::Top => $y - $high >= Group::RIM,
            Edge::Bottom => $y + $high <= $setting->front->height->units - Group::RIM,
        };
    }

    /** @return array{int, int} */
    private function at(Edge $edge, Setting $setting): array
    {
        [$left, $top, $width, $height] = $setting->of;
        [$gap, $along] = [$setting->length('gap'), $setting->length('along')];

        return match ($edge) {
            Edge::Left => [$left - $gap - intdiv($setting->width, 2), $top + $along],
            Edge::Right => [$left + $width + $gap + intdiv($setting->width, 2), $top + $along],
            Edge::Top => [$left + $along, $top - $gap - intdiv($setting->height, 2)],
            Edge::Bottom => [$left + $along, $top + $height + $gap + intdiv($setting->height, 2)],
        };
    }
}
