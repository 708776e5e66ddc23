<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/** A line that lists several things: "10 bases and 10 envelopes", "12 brads, 10 eyelets, 6 buttons". */
final readonly class CommaList
{
    private const BETWEEN = '/\s*[,;]\s+(?:and\s+|&\s+)?|\s+(?:and|&|\+|plus)\s+/iu';

    /** What is in quotation marks or brackets belongs to one thing. */
    private const CLOSED = '/"[^"]*"|“[^”]*”|\([^)]*\)|\[[^\]]*\]/u';

    private const MATERIALS = [
        'paper', 'cardstock', 'card', 'kraft', 'vellum', 'acetate', 'shimmer', 'mirror', 'glitter', 'chipboard', 'fabric', 'puffy', 'epoxy',
        'lace', 'washi',
    ];

    private const DETAIL = '/^(?:with|for|in|from|incl|including|of|each|assorted)\b/iu';

    /** @param  list<array{string, int}>  $parts  the text of each, and where it begins, in characters */
    private function __construct(public array $parts)
    {
    }

    /** Null if only one of its parts names a kind. */
    public static function in(string $line): ?self
    {
        $hidden = preg_replace_callback(self::CLOSED, static fn (array $found): string => str_repeat('·', mb_strlen($found[0])), $line);
        $parts = [];
        foreach (preg_split(self::BETWEEN, (string) $hidden, -1, PREG_SPLIT_OFFSET_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [] as [$part, $at]) {
            $from = mb_strlen(substr((string) $hidden, 0, $at));
            $parts[] = [mb_substr($line, $from, mb_strlen($part)), $from];
        }
        $named = array_filter($parts, static fn (array $part): bool => self::kindOf($part[0]) !== null);
        $counted = array_filter($named, static fn (array $part): bool => preg_match('/\d/', $part[0]) === 1);
        $kinds = array_unique(array_map(static fn (array $part): string => self::kindOf($part[0])?->phrase->kind->value ?? '', $named));
        // "clear stamp set, 14 stamps" is one thing. For one kind, each part has its number or none has.
        $isOne = count($kinds) === 1 && $counted !== [] && count($counted) < count($named);

        return count($named) < 2 || $isOne ? null : new self($parts);
    }

    /** 'papers "wave", "plank" and "rope", 2 of each': each name with everything said of all of them. */
    public static function named(string $line): ?self
    {
        $name = '["“][^"“”]+["”]';
        if (preg_match("/^([^\"“]*)($name(?:\s*(?:,|;|&|and|,\s*and)?\s*$name)+)([^\"“”]*)$/iu", $line, $found) !== 1) {
            return null;
        }
        preg_match_all("/$name/u", $found[2], $names);
        $many = count($names[0]);
        // "3 sentiments "a", "b", "c"" are one of each.
        $isAsMany = preg_match("/^\s*$many\b(?!\s*[x×])/iu", $found[1]) === 1;
        $before = $isAsMany ? (string) preg_replace('/^\s*\d+\s*/', '', $found[1]) : $found[1];
        $isOfEach = preg_match('/\b(each|ea|apiece)\b/iu', $found[3]) === 1;
        if (self::numbers($before) !== [] || (self::numbers($found[3]) !== [] && ! $isOfEach) || ($isAsMany && $isOfEach)) {
            return null;
        }
        // Words and pictures that are named and not counted are one each.
        $isPictured = $isOfEach || in_array(self::kindRound($before, $found[3]), NamedList::PICTURED, true);
        $after = $isAsMany || ($isPictured && ! $isOfEach) ? "$found[3] x1" : $found[3];

        return new self(array_map(static fn (string $one): array => [rtrim($before, ' :').' '.$one.' '.$after, 0], $names[0]));
    }

    private static function kindRound(string $before, string $after): ?Kind
    {
        return trim("$before$after") === '' ? null : FindKind::named("$before $after")?->phrase->kind;
    }

    /** @return list<Token> */
    private static function numbers(string $text): array
    {
        try {
            $tokens = Tokens::of($text);
        } catch (BadLine) {
            return [];
        }

        return array_values(array_filter($tokens, static fn (Token $token): bool => Said::worth($token) !== null));
    }

    /** Where a kind is named that differs from the first. Null if none does. */
    public function other(): ?KindFound
    {
        $first = null;
        foreach ($this->parts as [$text]) {
            $found = self::kindOf($text);
            $first ??= $found;
            if ($found !== null && $first !== null && $found->phrase->kind !== $first->phrase->kind) {
                return $found;
            }
        }

        return null;
    }

    /** Where in the line that kind is, in characters. */
    public function placeOf(KindFound $kind): int
    {
        foreach ($this->parts as [$text, $from]) {
            if (self::kindOf($text) == $kind) {
                return $from + Tokens::of($text)[$kind->from]->at;
            }
        }

        return 0;
    }

    private static function kindOf(string $text): ?KindFound
    {
        if (preg_match(self::DETAIL, $text) === 1) {
            return null;
        }
        $found = FindKind::named($text);
        if ($found === null) {
            return null;
        }

        // A word for a kind can be a name too: "die cuts: bird, flower and bow". A material says what a thing is made
        // of.
        $isNamed = $found->phrase->tier === KindPhrase::SURE && ! in_array(mb_strtolower($found->said), self::MATERIALS, true);

        // "3 tags" by itself is three of a thing. Within a longer text, a word that could be a kind is a name.
        $isAlone = preg_match('/^\s*\d+\s+\p{L}+(\s\p{L}+)?\s*$/u', $text) === 1 && $found->end() === count(Tokens::of($text));
        $isCounted = ($found->phrase->tier !== KindPhrase::MAYBE && preg_match('/\d/', $text) === 1) || $isAlone;

        return $isNamed || $isCounted ? $found : null;
    }
}
