<?php

namespace App\Photographs;

use KeepShare\Core\Look\Reference;
use KeepShare\Core\Look\ReferenceKind;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What a photograph is measured by, as the maker types it. */
final class SaidReference
{
    /** @throws BadMeasure */
    public static function read(ReferenceKind $by, string $lengths, Unit $unit): Reference
    {
        if ($by === ReferenceKind::Sheet) {
            $size = Size::said($lengths, $unit);
            self::refuseNothing($size->shorter());

            return Reference::sheet($size->width, $size->height);
        }
        $length = Length::parse($lengths, $unit);
        self::refuseNothing($length);

        return $by === ReferenceKind::Coin ? Reference::coin($length) : Reference::points($length);
    }

    private static function refuseNothing(Length $length): void
    {
        if ($length->isZero()) {
            throw BadMeasure::unreadable('0');
        }
    }
}
