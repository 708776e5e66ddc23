<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/**
 * Where a line divides that first describes things and then names them. "die cuts: ewe, lamb x2 (2 x 3 in)" has a head,
 * names, and a measure of all of them, which belongs to the head.
 */
final readonly class ListParts
{
    private const QUOTED = '["“][^"“”]*["”]';

    /** "2 each", "3 of each", "2 yds each" after the names. */
    private const EACH = '/(?:,\s*|\s+[-–—]\s+|\s*\()(?:all\s+)?('.Patterns::NUMBER.'\s+(?:\p{L}+\s+)?(?:of\s+)?(?:each|ea)\.?)\)?'
        .'\s*$/iu';

    private const IN_ALL = '/\s*\((\d{1,3}\s+(?!each|ea\b)[\p{L}\s]+)\)\s*$/iu';

    /**
     * @param  int  $at  where the names begin in the line, in characters
     * @param  string  $tail  what is said behind the names: how many there are of each, or in all
     * @param  int  $tailAt  where that begins in the line
     * @param  bool  $isParted  by a colon, a dash or brackets
     * @param  bool  $isLoose  by a semicolon, behind which another thing may begin
     */
    private function __construct(
        public string $head,
        public string $names,
        public int $at,
        public string $tail,
        public int $tailAt,
        public bool $isParted,
        public bool $isLoose,
    ) {
    }

    /** @return iterable<self> the ways in which it may come apart, the likeliest first */
    public static function ways(string $line): iterable
    {
        $quoted = self::QUOTED;
        $ways = [
            "/^(?<head>(?:[^:\"“(]|$quoted|\([^():]*\)){2,120}?)(?<between>\s*:\s+)(?<names>.+)$/u",
            // "Cardstock: five sheets: rust, olive, cream"
            '/^(?<head>[^"“]{2,140})(?<between>\s*:\s+)(?<names>[^:]+)$/u',
            // "36 sheets 6x6 (double-sided; 3 each of 12: clover/stripe, …)"
            "/^(?<head>(?:[^:\"“(]|$quoted){2,90}?\s*\([^():]{2,60})(?<between>:\s+)(?<names>[^()]+)\)$/u",
            "/^(?<head>(?:[^:\"“]|$quoted){3,90}?)(?<between>\s+[-–—]\s+)(?<names>.+)$/u",
            // "Cardstock pack - 8.5x11 - 10 sheets - 2 each of slate, grass"
            '/^(?<head>[^"“:]{3,120})(?<between>\s+[-–—]\s+)(?<names>[^–—]+)$/u',
            '/^(?<head>[^()"“]{3,80}?)(?<between>\s*\()(?<names>[^()]*[\p{L}][^()]*,[^()]+)\)(?<rest>[^,]{0,30})$/u',
        ];
        foreach ($ways as $way) {
            if (preg_match($way, $line, $found) === 1) {
                $head = trim(str_replace('(', ', ', $found['head']).' '.trim($found['rest'] ?? ''));
                yield self::behind($head, $found['names'], mb_strlen($found['head'].$found['between']), true);
            }
        }
        if (preg_match('/^(?<head>[^:;"“]{3,60}?)(?<between>;\s+)(?<names>.+)$/u', $line, $found) === 1) {
            // If commas follow the only semicolon, they separate names. Otherwise each part is a thing of its own.
            $isLoose = str_contains($found['names'], ';') || ! str_contains($found['names'], ',');
            yield self::behind($found['head'], $found['names'], mb_strlen($found['head'].$found['between']), ! $isLoose, $isLoose);
        }
        // '6 "a boy" 6 "a girl" die cut sentiments'
        if (preg_match("/^(?<names>(?:\d{1,3}\s*[x×]?\s*(?:{$quoted})[\s,]*){2,})(?<head>\p{L}.+)$/u", $line, $found) === 1) {
            yield self::behind($found['head'], (string) preg_replace("/($quoted)\s+(?=\d)/u", '$1, ', trim($found['names'])), 0, true);
        }
        $kind = FindKind::named($line);
        if ($kind !== null && $kind->phrase->tier !== KindPhrase::MAYBE) {
            $last = Tokens::of($line)[$kind->end() - 1];
            $at = $last->at + $last->length;
            $rest = mb_substr($line, $at);
            // A size after the kind is that of all.
            preg_match('/^(?:\s*,?\s*'.self::size().')?(?:\s*\((?:\d{1,3}\s*)?[\p{L}\s-]*\))?(?:\s*,)?\s*/iu', $rest, $size);
            $long = mb_strlen($size[0] ?? '');
            yield self::behind(rtrim(mb_substr($line, 0, $at + $long), ', '), mb_substr($rest, $long), $at + $long, false);
        }
    }

    private static function behind(string $head, string $names, int $at, bool $isParted, bool $isLoose = false): self
    {
        // "8 sheets, 3 red, 3 green, 2 white": the first number is the total.
        if (preg_match('/^\d{1,3}\s+(?:sheets?|pieces?|pcs?)\s*[,:;]\s*/iu', $names, $found) === 1) {
            [$head, $at] = ["$head, ".rtrim($found[0], ',:; '), $at + mb_strlen($found[0])];
            $names = mb_substr($names, mb_strlen($found[0]));
        }
        [$tail, $tailAt] = ['', 0];
        if (preg_match('/^('.Patterns::NUMBER.'\s+(?:each|ea))\s+of\s+/iu', $names, $found) === 1) {
            [$tail, $tailAt, $at] = [$found[1], $at, $at + mb_strlen($found[0])];
            $names = mb_substr($names, mb_strlen($found[0]));
        }
        foreach ([self::EACH, self::IN_ALL] as $pattern) {
            if ($tail === '' && preg_match($pattern, $names, $found, PREG_OFFSET_CAPTURE) === 1) {
                [$tail, $tailAt] = [$found[1][0], $at + mb_strlen(substr($names, 0, $found[1][1]))];
                $names = substr($names, 0, $found[0][1]);
            }
        }
        $ofAll = '/(?:,\s*|\s*\(|\s+[-–—]\s+)(?:all\s+|each\s+)?(?<of>'.self::size().'|[AC]\d)\s*(?<wide>wide)?\)?\s*$/iu';
        if (preg_match($ofAll, $names, $found) === 1 && preg_match('/\p{L}.*,|"|\d\s+\p{L}/u', $names) === 1) {
            $isWide = ($found['wide'] ?? '') !== '' || preg_match('/x|×|^[AC]\d$/iu', $found['of']) !== 1;
            $head .= ', '.trim($found['of']).($isWide ? ' wide' : '');
            $names = (string) preg_replace($ofAll, '', $names);
        }

        return new self($head, trim($names), $at + mb_strlen($names) - mb_strlen(ltrim($names)), $tail, $tailAt, $isParted, $isLoose);
    }

    /** A size, or one measure with a unit. */
    private static function size(): string
    {
        return '(?:'.Patterns::SIZE.'|'.Patterns::FIGURE.'\s?(?:in\b|″|cm\b|mm\b))';
    }
}
