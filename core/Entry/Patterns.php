<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** Parts of regular expressions that several readers share. Inch marks have already become ″ (PlainLine). */
final class Patterns
{
    /** "8", "8.5", "8 1/2", "8½" */
    public const FIGURE = '(?:\d+(?:[ -]\d+\/\d+|\/\d+|[.]\d+|\s?[¼½¾⅛⅜⅝⅞])?|[¼½¾⅛⅜⅝⅞])';

    /** With or without a unit. */
    public const MEASURE = self::FIGURE.'\s*(?:in(?:ch(?:es)?)?\b|″|cm\b|mm\b)?';

    public const SIZE = self::MEASURE.'\s*(?:x|×|by)\s*'.self::MEASURE;

    /** What is sold by the yard or the metre always has its unit. */
    public const LENGTH = self::FIGURE.'\s?(?:(?:yds?|yards?|met(?:re|er)s?|m|cm|ft|feet|in)\b|″)\.?';

    public const NUMBER_WORDS = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';

    public const NUMBER = '(?:\d{1,4}|'.self::NUMBER_WORDS.')';
}
