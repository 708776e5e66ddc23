<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;
use KeepShare\Core\Sketch\Anchor;
use KeepShare\Core\Sketch\Edge;

/**
 * Over or under an edge or a corner of another piece, by a share of its own width and height. The order of the pieces
 * says which is on top. $along says where along the edge its middle lies.
 */
final class Lapped implements SpotRule
{
    public function measures(array $options): array
    {
        $isUpright = in_array($options['side'] ?? '', ['left', 'right'], true);

        return [
            'by' => [$isUpright ? Along::Across : Along::Down, true],
            'along' => [$isUpright ? Along::Down : Along::Across, false],
        ];
    }

    public function options(): array
    {
        $sides = array_filter(Anchor::cases(), static fn (Anchor $one): bool => $one !== Anchor::Middle);

        return ['side' => array_column($sides, 'value')];
    }

    public function middle(Setting $setting): array
    {
        $side = $setting->anchor();
        [$left, $top, $width, $height] = $setting->of;
        $by = $setting->length('by');
        // At a corner it overlaps by the same share of both sides.
        $isUpright = $side === Anchor::Left || $side === Anchor::Right;
        $byX = $isUpright ? $by : intdiv($by * $setting->width, max(1, $setting->height));
        $byY = $by;
        $x = match (true) {
            $side->touches(Edge::Left) => $left - intdiv($setting->width, 2) + $byX,
            $side->touches(Edge::Right) => $left + $width + intdiv($setting->width, 2) - $byX,
            default => $left + $setting->length('along'),
        };
        $y = match (true) {
            $side->touches(Edge::Top) => $top - intdiv($setting->height, 2) + $byY,
            $side->touches(Edge::Bottom) => $top + $height + intdiv($setting->height, 2) - $byY,
            default => $top + $setting->length('along'),
        };

        return [$x, $y];
    }
}
