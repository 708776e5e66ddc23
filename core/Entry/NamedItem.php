<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Motif;

/** One thing of a list by name: "ewe", "lamb x2", "12 hearts", "moss 3", "hello you" in quotation marks, "clover / stripe". */
final readonly class NamedItem
{
    private const NAME = '\p{L}[\p{L}\d\s\'’.!-]{0,40}';

    /** Words that count: "3 sheets", "6 designs". */
    private const COUNTING = '/\b(sheets?|pieces?|pcs?|packs?|rolls?|each|total|approx|designs?|patterns?|colou?rs?|sizes?|yards?|yds?)'
        .'\b/iu';

    /** Words that say how a thing is made; with a number before them they are names all the same: "30 clear". */
    private const MADE = '/\b(sided|scored|fold(?:ed)?|heavy|light|medium|plain|solid|textured|various|mixed|assorted|adhesive|printed|cut|'
        .'round|clear|small|large)\b/iu';

    /** What is between the names of the two faces of a paper. */
    private const BETWEEN_FACES = '/\s*\/\s*|\s+(?:&|\+|and)\s+|\s+[-–—]\s+/iu';

    /**
     * @param  string  $name  without its quotation marks
     * @param  int  $at  where it begins in the line, in characters
     */
    private function __construct(
        public string $name,
        public ?int $many,
        public bool $isQuoted,
        public int $at,
        public int $length,
    ) {
    }

    /** Null where it is no name with, at most, its number. */
    public static function in(string $text, int $at): ?self
    {
        $bare = trim($text);
        $at += mb_strlen($text) - mb_strlen(ltrim($text));
        $before = '(?:(?<many>\d{1,3})\s*(?:x\s+)?(?![x×*]\s?\d))?';
        $after = '(?:\s*[x×]\s*(?<times>\d{1,3})|\s*\((?<brackets>\d{1,3})\)|\s+(?<last>\d{1,3}))?';
        $name = self::NAME.'(?:(?:\s*\/\s*|\s[&+–—-]\s)'.self::NAME.')?';
        if (preg_match("/^$before(?:[\"“](?<quoted>[^\"“”]+)[\"”]|(?<name>$name))$after$/iuU", $bare, $found) !== 1) {
            return null;
        }
        $many = array_values(array_filter([$found['many'] ?? '', $found['times'] ?? '', $found['brackets'] ?? '', $found['last'] ?? '']));
        $name = trim(($found['quoted'] ?? '') !== '' ? $found['quoted'] : $found['name'] ?? '');
        $isQuoted = ($found['quoted'] ?? '') !== '';
        // "a bird" is one.
        $name = $isQuoted ? $name : (string) preg_replace('/^(?:an?|of)\s+(?=\p{L}{2})/iu', '', $name);
        $isFaces = str_contains($name, '/');
        $isMade = ($found['many'] ?? '') === '' && ! $isFaces && preg_match(self::MADE, $name) === 1;
        if (count($many) > 1 || (! $isQuoted && ($isMade || preg_match(self::COUNTING, $name) === 1))) {
            return null;
        }

        return new self($name, $many === [] ? null : (int) $many[0], $isQuoted, $at, mb_strlen($bare));
    }

    /**
     * The name of a paper with a stroke between those of its faces, where it has two.
     *
     * @param  bool  $areSaid  it is said that there are two; else a stroke parts them, or one of them is the name of a print
     */
    public static function faces(string $name, bool $areSaid): string
    {
        $sides = preg_split(self::BETWEEN_FACES, $name, 2) ?: [$name];
        $prints = array_filter($sides, static fn (string $side): bool => Motif::named($side) !== null);

        return $areSaid || $prints !== [] || str_contains($name, '/') ? implode(' / ', $sides) : $name;
    }
}
