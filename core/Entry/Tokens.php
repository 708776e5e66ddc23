<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** Splits a typed line into tokens. */
final class Tokens
{
    private const MEASURE = '\d+(?:[ -]\d+\/\d+|\/\d+|[.,]\d+|[¼½¾⅛⅜⅝⅞])?';

    private const UNIT = '(?:in|mm|cm|″|(?<=[\d½¼¾⅛⅜⅝⅞])")';

    /**
     * @return list<Token>
     *
     * @throws BadLine where a quotation mark is not closed
     */
    public static function of(string $line): array
    {
        $tokens = [];
        $offset = 0;
        while ($offset < strlen($line)) {
            [$kind, $found] = self::next($line, $offset);
            $whole = $found[0];
            if ($kind !== null) {
                $tokens[] = Token::of($kind, $found[1] ?? $whole, $found[2] ?? '', mb_strlen(substr($line, 0, $offset)), mb_strlen($whole));
            }
            $offset += strlen($whole);
        }

        return $tokens;
    }

    /** @return array{TokenKind|null, array<int, string>} null for what is between words */
    private static function next(string $line, int $offset): array
    {
        $measure = self::MEASURE;
        $unit = self::UNIT;
        $patterns = [
            [null, '[\s,;]+'],
            [TokenKind::Name, '"([^"]*)"'],
            [TokenKind::Colour, '(#[0-9a-fA-F]{6})\b'],
            // As much space before the x as behind it: "12in x2" is a measure and a count.
            [TokenKind::Size, "({$measure}\s*{$unit}?)(?: +[x×] +|[x×])({$measure}\s*{$unit}?)(?![\w\/\"])"],
            [TokenKind::Times, '[x×]\s*(\d+)(?!\w)'],
            [TokenKind::Length, "({$measure}\s*{$unit})(?!\w)"],
            [TokenKind::Number, '(-?\d+)(?![\w\/.])'],
            [TokenKind::Word, '[^\s,;"]+'],
        ];
        foreach ($patterns as [$kind, $pattern]) {
            if (preg_match("~\G{$pattern}~u", $line, $found, 0, $offset) === 1) {
                return [$kind, $found];
            }
        }
        $at = mb_strlen(substr($line, 0, $offset));

        throw BadLine::at($at, max(1, mb_strlen($line) - $at), 'This quotation mark is not closed.');
    }
}
