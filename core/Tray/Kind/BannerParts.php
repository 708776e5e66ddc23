<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray\Kind;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Measures;
use KeepShare\Core\Tray\PartKind;
use KeepShare\Core\Tray\StandardPart;

/** Banners in three lengths, hung from a line. The fishtail is cut afterwards. */
final class BannerParts implements PartKind
{
    private const LENGTHS = [['2', '50'], ['2 3/4', '70'], ['3 1/2', '90']];

    public function on(Table $table): array
    {
        $width = Measures::length($table->unit, '1', '25');

        return array_map(
            static fn (array $length): StandardPart => StandardPart::of(
                'banner',
                Size::of($width, Measures::length($table->unit, ...$length)),
                how: 'with a fishtail',
            ),
            self::LENGTHS,
        );
    }
}
