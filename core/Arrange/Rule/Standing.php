<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Rule;

use KeepShare\Core\Arrange\Setting;
use KeepShare\Core\Arrange\SpotRule;
use KeepShare\Core\Sketch\Along;

/** Standing on the upper edge of another piece, sunk into it by a little. Its middle lies at a share of the width. */
final class Standing implements SpotRule
{
    public function measures(array $options): array
    {
        return ['across' => [Along::Across, false], 'sunk' => [Along::Down, true]];
    }

    public function options(): array
    {
        return [];
    }

    public function middle(Setting $setting): array
    {
        [$left, $top] = $setting->of;

        return [$left + $setting->length('across'), $top + $setting->length('sunk') - intdiv($setting->height, 2)];
    }
}
