<?php

namespace Tools\Words;

use KeepShare\Core\Measure\Unit;

/** The texts of a page in the state of its kit, with everything filled in. */
final class PropTexts
{
    private const IS_TEXT = '/\p{L}{2,}[,;:.]?\s+[\p{L}\d“"]/u';

    /** Recipes keep their own unit, and some measures are given for both rulers. */
    private const IN_EITHER = '~/recipes|: Letter|in; [\d. /]+ mm~';

    /** A number with the other unit. */
    private const UNITS = ['in' => '/\d ?(?:mm|cm)\b/', 'mm' => '/\d ?in(?:\.|,|;|\)|$| (?:all|from|at|wide|high|long|of|thick|in))/'];

    /**
     * @param  array<array-key, mixed>  $props
     * @return list<Text>
     */
    public static function of(array $props, string $page): array
    {
        $texts = [];
        array_walk_recursive($props, static function (mixed $value, int|string $key) use (&$texts, $page): void {
            if (is_string($value) && preg_match(self::IS_TEXT, $value) === 1) {
                $texts[$value] = new Text($value, "$page, $key", 0);
            }
        });

        return array_values($texts);
    }

    /** @return list<string> what is wrong with a text on a page of a kit that is measured in a unit */
    public static function faults(Text $text, Unit $unit): array
    {
        $faults = Style::faults($text);
        $isInEither = preg_match(self::IN_EITHER, "$text->from: $text->says") === 1;
        if (! $isInEither && preg_match(self::UNITS[$unit->value], $text->says) === 1) {
            $faults[] = "another unit than the kit's: $text->says";
        }

        return array_map(static fn (string $fault): string => "$text->from: $fault", $faults);
    }
}
