<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** Pieces of regular expressions that several readers of a line share. Inch marks are ″ by then (PlainLine). */
final class Patterns
{
    /** "8", "8.5", "8 1/2", "8½" */
    public const FIGURE = '(?:\d+(?:[ -]\d+\/\d+|\/\d+|[.]\d+|\s?[¼½¾⅛⅜⅝⅞])?|[¼½¾⅛⅜⅝⅞])';

    /** With its unit or without. */
    public const MEASURE = self::FIGURE.'\s*(?:in(?:ch(?:es)?)?\b|″|cm\b|mm\b)?';

    public const SIZE = self::MEASURE.'\s*(?:x|×|by)\s*'.self::MEASURE;

    /** What comes by the yard or the metre has always its unit. */
    public const LENGTH = self::FIGURE.'\s?(?:(?:yds?|yards?|met(?:re|er)s?|m|cm|ft|feet|in)\b|″)\.?';

    public const NUMBER_WORDS = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';

    public const NUMBER = '(?:\d{1,4}|'.self::NUMBER_WORDS.')';
}
