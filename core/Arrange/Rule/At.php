<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;

/** The middle of the piece lies at a share of the width and height of a place. */
final class At implements SpotRule
{
    public function measures(array $options): array
    {
        return ['across' => [Along::Across, false], 'down' => [Along::Down, false]];
    }

    public function options(): array
    {
        return [];
    }

    public function middle(Setting $setting): array
    {
        return [$setting->of[0] + $setting->length('across'), $setting->of[1] + $setting->length('down')];
    }
}
