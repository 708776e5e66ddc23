<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** Splits a typed line into tokens. */
final class Tokens
{
    private const MEASURE = '(?:\d+(?:[ -]\d+\/\d+|\/\d+|[.,]\d+|\s?[¼½¾⅛⅜⅝⅞])?|[¼½¾⅛⅜⅝⅞]|\.\d+)';

    /** A unit ends with its word, or where a size goes on: 210mmx297. */
    private const END = '(?=[x×*]\s?\d|[^\p{L}\d]|$)';

    private const UNIT = '(?:(?:inch(?:es)?|in\.?|feet|foot|ft\.?|yards?|yds?\.?|mm|cm|m|mtrs?\.?|(?:milli|centi)?met(?:re|er)s?)'
        .self::END.'|″|\'\'|’’|(?<=[\d½¼¾⅛⅜⅝⅞])["”]|(?<=[\d½¼¾⅛⅜⅝⅞])[\'’](?![\'’\w]))';

    /** The weight of a paper: 220 gsm, 80 lb. */
    private const WEIGHT = '(\d{2,3})\s*-?\s*(gsm\b|g\/m2\b|g\/m²|g\/sqm\b|lbs?\b|pounds?\b|#)';

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

    /** @return array{TokenKind|null, list<string>} null for what is between words */
    private static function next(string $line, int $offset): array
    {
        foreach (self::patterns() as [$kind, $pattern]) {
            if (preg_match("~\G(?:{$pattern})~ui", $line, $found, 0, $offset) === 1) {
                return [$kind, array_values($found)];
            }
        }
        $at = mb_strlen(substr($line, 0, $offset));

        throw BadLine::at($at, max(1, mb_strlen($line) - $at), 'This quotation mark is not closed.');
    }

    /** @return list<array{TokenKind|null, string}> the first that fits is taken */
    private static function patterns(): array
    {
        $measure = self::MEASURE;
        $side = "{$measure}\s*-?".self::UNIT;
        $perhaps = "{$measure}(?:\s*-?".self::UNIT.')?';

        return [
            // A dash by itself, and other signs that separate words.
            [TokenKind::Break, '\s*[,;:()\[\]]+(?=\s|$|[^\d])|\s+[-–—|•·]+(?=\s)|\s*[;()\[\]]|,(?=\s)'],
            [null, '\s+|,'],
            // Words are in quotation marks. The name that a list was divided into stands in these other marks.
            [TokenKind::Name, '["“]([^"“”]*)(["”])'],
            [TokenKind::Name, '«([^«»]*)»'],
            [TokenKind::Colour, '(#[0-9a-f]{6})\b'],
            // Equal spaces before and after the x mean a size. "12in x2" is a measure and a count.
            [TokenKind::Size, "({$perhaps})(?:\s+[x×*]\s+|\s*[×]\s*|[x*]|\s+by\s+)({$perhaps})(?![\w\/\"])(?![x×*]\s?\d)"],
            // "10 square cards" are ten, not 10 in square.
            [TokenKind::Square, "(?|({$side})\s*[- ]?sq(?:uare)?\b\.?|({$measure})\s*[- ]?sq(?:uare)?\b\.?(?!\s+\p{L}))"],
            [TokenKind::Weight, self::WEIGHT],
            [TokenKind::Amount, '(\d+(?:[.,]\d+)?\s?-?(?:g|gr|grams?|kg|ml|cl|oz|fl\.?\s?oz|ounces?))\b'],
            // "2-hole", "3D": part of a name, not a number. But a 24-piece set has 24.
            [TokenKind::Word, '(\d{1,2}-(?!(?:piece|pc|pack|count|ct|sheet|design|page)s?\b)\p{L}{2,}|[23]-?D\b)'],
            [null, '-(?=\p{L})'],
            [TokenKind::Times, '[x×*]\s*(\d+)(?!\w)'],
            [TokenKind::Times, '(\d+)\s?[x×](?=\s+[^\d\s])(?!\s+(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b)'],
            [TokenKind::Length, "({$side})(?!\w)"],
            [TokenKind::Times, '(\d+)\s?[x×](?=\s*$)'],
            [TokenKind::Number, '(\d+)(?=(?:pcs?|ct|pk|pieces?|sheets?)\b)'],
            [TokenKind::Number, '(\d+\s+dozen)\b'],
            [TokenKind::Number, '(?|(-?\d+)(?![\w\/.,½¼¾⅛⅜⅝⅞]|\s?[½¼¾⅛⅜⅝⅞])|(-?\d+)(?=[,.](?:\s|$)))'],
            [TokenKind::Word, '[^\s,;"“”()\[\]:]+'],
        ];
    }
}
