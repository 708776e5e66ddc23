<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/**
 * Dies and punches of several sizes: "stitched circles 1 1/2, 2, 2 1/2", "die: nested rectangles 2 x 3, 3 x 4". There
 * is one of each.
 */
final readonly class SizedList
{
    private const ROUND = '/\b(circle|scallop|round|square)s?\b/iu';

    /** @return list<string>|null a line for each size; null where the line is no such list */
    public static function lines(string $line): ?array
    {
        $measure = Patterns::MEASURE;
        $size = "$measure(?:\s*[x×]\s*$measure)?";
        $sizes = "$size(?:\s*(?:,|&|and)\s*(?:and\s+)?$size)+";
        if (preg_match("/^(?<thing>[^\d\"“]*\p{L})[\s:,]*(?<sizes>$sizes)$/iuU", trim($line), $found) !== 1) {
            return null;
        }
        if (FindKind::named($found['thing'])?->phrase->kind !== Kind::Tool) {
            return null;
        }
        $sizes = preg_split('/\s*(?:,|&|\band\b)\s*(?:and\s+)?/iu', $found['sizes'], -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $one): string => $found['thing'].' '.self::both($one, $found['thing']), $sizes);
    }

    /** Round things and squares are as high as they are wide. */
    private static function both(string $size, string $thing): string
    {
        return preg_match('/[x×]/u', $size) === 1 || preg_match(self::ROUND, $thing) !== 1 ? $size : "$size x $size";
    }
}
