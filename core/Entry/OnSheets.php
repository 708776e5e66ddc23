<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/**
 * Things that come on a sheet or in a pack and are counted: "1 sheet foam squares (60)", "alphabet stickers, 3 sheets,
 * 180 pcs".
 */
final class OnSheets
{
    private const CARRIER = '(?:sheet|pack|packet|package|pkg|pk|set|bag|tube|card|strip)s?\.?';

    private const PIECES = '(?:pcs?|pieces?|ct|count|stickers?|total)';

    /** @return list<string>|null the line with how many there are in all; null where the line is no such one */
    public static function lines(string $line): ?array
    {
        $plain = self::inBrackets($line) ?? self::inAll($line) ?? self::held($line) ?? self::cutApart($line);
        $kind = $plain === null ? null : FindKind::named($plain)?->phrase->kind;

        return $plain === null || $kind === null || ($kind->isSheets() && $kind !== Kind::Panel) ? null : [$plain];
    }

    private static function inBrackets(string $line): ?string
    {
        $pattern = '/^(?<before>.*?)\b(?<packs>'.Patterns::NUMBER.')\s+'.self::CARRIER
            .'\s*(?:of\s+)?(?<thing>[^()]*?)\s*\((?<many>\d{1,4})\s*'.self::PIECES.'?\)$/iu';
        if (preg_match($pattern, trim($line), $found) !== 1) {
            return null;
        }
        $thing = self::withSheet(trim(trim($found['before'], ', ').' '.trim($found['thing'], ', ')));

        return "$thing x".(Said::worth(Tokens::of($found['packs'])[0]) ?? 1) * (int) $found['many'];
    }

    private static function inAll(string $line): ?string
    {
        $pattern = '/^(?<thing>.*?)[,;]?\s*\(?\b\d{1,2}\s+'.self::CARRIER.',?\s+\(?(?<many>\d{1,4})\s*'.self::PIECES
            .'(?:\s+in all|\s+total)?\)?$/iu';

        if (preg_match($pattern, trim($line), $found) === 1) {
            return self::withSheet(trim($found['thing']))." x{$found['many']}";
        }
        // "1 sentiment sticker sheet, 24 stickers"
        $named = '/^(?:1\s+)?(?<thing>.*\b(?:sheet|book|pack)),?\s+\(?(?<many>\d{1,4})\s*(?:stickers|pieces|pcs|die cuts)\)?$/iu';

        return preg_match($named, trim($line), $found) === 1 ? self::withSheet($found['thing'])." x{$found['many']}" : null;
    }

    /** "stickers: 1 sheet 6x8 with 38 stickers", "pearl strip - 1 (100 pearls)" */
    private static function held(string $line): ?string
    {
        $size = Patterns::SIZE;
        $with = '/^(?<thing>.*?)[,:;]?\s*\b1\s+'.self::CARRIER."\s*(?:$size)?\s*(?:with|of)\s+(?<many>\d{1,4})\s*".'\p{L}+$/iu';
        $behind = '/^(?<thing>.*?)\s+'.self::CARRIER.'\s*(?:[-–x×]\s*)?1\s*\((?<many>\d{1,4})\s*\p{L}*\)$/iu';

        return preg_match($with, trim($line), $found) === 1 || preg_match($behind, trim($line), $found) === 1
            ? trim($found['thing'], ' :,')." x{$found['many']}"
            : null;
    }

    /** "cut-apart sheet, 30x30cm, 12 cards 7.5x10cm": the last size is that of one card. */
    private static function cutApart(string $line): ?string
    {
        $size = Patterns::SIZE;
        $pattern = "/^(?<thing>.*?\bcut-?\s?aparts?)(?:\s+sheets?)?,?\s*$size\s*,?\s*(?:with\s+)?(?<many>\d{1,3})\s+"
            ."(?:cards?|panels?|pieces?)?\s*(?<size>$size)$/iu";

        return preg_match($pattern, trim($line), $found) === 1 ? "{$found['thing']} cards {$found['size']} x{$found['many']}" : null;
    }

    /** The size of a sheet is kept with the name. It is not the size of one piece. */
    private static function withSheet(string $thing): string
    {
        return (string) preg_replace('/,?\s*('.Patterns::SIZE.')\s*(?:sheet)?/iu', '', $thing);
    }
}
