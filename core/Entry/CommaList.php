<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/** A line that lists several things: "10 bases and 10 envelopes", "12 brads, 10 eyelets, 6 buttons". */
final readonly class CommaList
{
    private const BETWEEN = '/\s*[,;]\s+(?:and\s+|&\s+)?|\s+(?:and|&|\+|plus)\s+/iu';

    /** What is in quotation marks or brackets is of one thing. */
    private const CLOSED = '/"[^"]*"|“[^”]*”|\([^)]*\)|\[[^\]]*\]/u';

    private const MATERIALS = [
        'paper', 'cardstock', 'card', 'kraft', 'vellum', 'acetate', 'shimmer', 'mirror', 'glitter', 'chipboard', 'fabric', 'puffy', 'epoxy',
        'lace', 'washi',
    ];

    private const MADE = '/\b(sided|scored|folded|fold|heavy|plain|textured|various|mixed|assorted|adhesive|printed|cut|'
        .'sizes?|colou?rs?|designs?)\b/iu';

    private const DETAIL = '/^(?:with|for|in|from|incl|including|of|each|assorted)\b/iu';

    /** @param  list<array{string, int}>  $parts  the text of each, and where it begins, in characters */
    private function __construct(public array $parts)
    {
    }

    /** Null where only one of its parts names a kind. */
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
        // "clear stamp set, 14 stamps" is one thing: of one kind each has its number, or none has.
        $isOne = count($kinds) === 1 && $counted !== [] && count($counted) < count($named);

        return count($named) < 2 || $isOne ? null : new self($parts);
    }

    /**
     * "Die cuts: 12 flowers, 8 leaves": the kind before the colon is that of each.
     *
     * @throws BadLine where it is not said how many there are of each
     */
    public static function below(string $line): ?self
    {
        // "3 cardstock sheets (coral, mint, navy)" are one of each as well.
        if (preg_match('/^([^:()]{3,60}?)\s*\(([^()]+,[^()]+)\)$/u', $line, $found) === 1 && self::kindOf($found[1]) !== null) {
            $names = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+/u', $found[2]) ?: [];

            return array_filter($names, self::isBare(...)) === $names ? self::bare($found[1], $names) : null;
        }
        if (preg_match('/^([^:]{3,60}?)(?::\s+|\s[-–—]\s+)(.+,.+)$/u', $line, $found) !== 1 || self::kindOf($found[1]) === null) {
            return null;
        }
        $parts = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+/u', $found[2]) ?: [];
        if (array_filter($parts, self::isBare(...)) === $parts) {
            return self::bare($found[1], $parts);
        }
        $pattern = '/^\d+\s+\p{L}|\bx\s?\d+$|^\p{L}+\s+\d+$/u';
        $counted = array_filter($parts, static fn (string $part): bool => preg_match($pattern, $part) === 1);

        return count($counted) < count($parts) || self::numbers($found[1]) !== [] ? null : self::each($found[1], $parts);
    }

    /**
     * "5 cardstock sheets: coral, mint, navy, white, cream" are one of each.
     *
     * @param  list<string>  $names
     *
     * @throws BadLine
     */
    private static function bare(string $kind, array $names): ?self
    {
        $numbers = self::numbers($kind);
        if (preg_match('/\b(each|ea)\b/iu', $kind) === 1 || ($numbers === [] && self::kindOf($kind)?->isPlural === true)) {
            return self::each($kind, $names);
        }
        if (count($numbers) !== 1 || Said::worth($numbers[0]) === 1) {
            return null;
        }
        $many = count($names);
        if (Said::worth($numbers[0]) !== $many) {
            throw $numbers[0]->wrong("{$numbers[0]->text} are not one each of $many. Say how many there are of each: 2 navy, 3 blush.");
        }
        $rest = mb_substr($kind, 0, $numbers[0]->at).mb_substr($kind, $numbers[0]->at + $numbers[0]->length);

        return self::each(trim($rest), array_map(static fn (string $name): string => "$name x1", $names));
    }

    /** @param  list<string>  $parts */
    private static function each(string $kind, array $parts): self
    {
        return new self(array_map(static fn (string $part): array => ["$kind, $part", 0], $parts));
    }

    /** A name and nothing else: no number, and no word of how a thing is made. */
    private static function isBare(string $part): bool
    {
        return preg_match('/^\p{L}[\p{L}\s\'’-]{0,40}$/u', $part) === 1
            && preg_match(self::MADE, $part) !== 1
            && self::kindOf($part) === null;
    }

    /** 'papers "wave", "plank" and "rope", 2 of each': each name with all that is said round them. */
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
        $after = $isAsMany ? "$found[3] x1" : $found[3];

        return new self(array_map(static fn (string $one): array => [rtrim($before, ' :').' '.$one.' '.$after, 0], $names[0]));
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

    /** Where a second kind is named, that is another than the first; null where there is none. */
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

    /** Where in the line that kind stands, in characters. */
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

        // What may be a kind is a name as well: "die cuts: bird, flower and bow"; a material says what a thing is made of.
        $isNamed = $found->phrase->tier === KindPhrase::SURE && ! in_array(mb_strtolower($found->said), self::MATERIALS, true);

        // "3 tags" by itself is three of a thing; within a longer text a word that may be a kind is a name.
        $isAlone = preg_match('/^\s*\d+\s+\p{L}+(\s\p{L}+)?\s*$/u', $text) === 1 && $found->end() === count(Tokens::of($text));
        $isCounted = ($found->phrase->tier !== KindPhrase::MAYBE && preg_match('/\d/', $text) === 1) || $isAlone;

        return $isNamed || $isCounted ? $found : null;
    }
}
