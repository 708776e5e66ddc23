<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementReader;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\BadArrangement;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Fields;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\BadSketch;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\SketchReader;

/** What every file says of a card in the same way: its sides, and the sketch and arrangement it brings along. */
final class WrittenCard
{
    private const LONGEST = 24;

    /** @throws BadKit with the place and the reason */
    public static function size(Fields $fields): Size
    {
        foreach (['width', 'height'] as $side) {
            $length = $fields->length($side);
            if ($length->isZero() || $length->isLongerThan(Length::inches(self::LONGEST))) {
                throw BadKit::at($fields->place($side), 'a card cannot be that small or that large.');
            }
        }

        return Size::of($fields->length('width'), $fields->length('height'));
    }

    /**
     * A sketch that does not ship as it is. Null if it is only named.
     *
     * @throws BadKit with the place and the reason
     */
    public static function design(Fields $fields, Unit $unit): ?Sketch
    {
        if (! $fields->has('design')) {
            return null;
        }
        $design = $fields->value('design');
        try {
            return SketchReader::read(is_array($design) ? $design : [], $unit);
        } catch (BadSketch $wrong) {
            throw BadKit::at($fields->place('design'), $wrong->getMessage());
        }
    }

    /**
     * An arrangement by its key, or in full. Old files have none.
     *
     * @throws BadKit with the place and the reason
     */
    public static function arrangement(Fields $fields, Unit $unit): ?Arrangement
    {
        $key = $fields->has('arrangement') ? $fields->text('arrangement') : null;
        $written = $fields->has('arranged') ? $fields->value('arranged') : null;
        if ($written !== null) {
            try {
                return ArrangementReader::read(is_array($written) ? $written : [], $unit);
            } catch (BadArrangement $wrong) {
                throw BadKit::at($fields->place('arranged'), $wrong->getMessage());
            }
        }

        return $key === null
            ? null
            : Arrangements::all()[$key] ?? throw BadKit::at($fields->place('arrangement'), 'there is no such arrangement.');
    }
}
