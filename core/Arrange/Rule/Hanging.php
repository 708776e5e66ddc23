<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;

/** Its upper edge hangs at a distance below that of a place. Its middle lies at a share of the width. */
final class Hanging implements SpotRule
{
    public function measures(array $options): array
    {
        return ['across' => [Along::Across, false], 'drop' => [Along::Down, false]];
    }

    public function options(): array
    {
        return [];
    }

    public function middle(Setting $setting): array
    {
        [$left, $top] = $setting->of;

        return [$left + $setting->length('across'), $top + $setting->length('drop') + intdiv($setting->height, 2)];
    }
}
