<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\ColourWords;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Shape;

/**
 * One thing of a list of names: "ewe", "lamb x2", "12 hearts", "moss 3", "hello you" in quotation marks, "clover /
 * stripe".
 */
final readonly class NamedItem
{
    private const NAME = '(?![xX×]\s)\p{L}[\p{L}\d\s\'’.!&+#\/–—-]{0,70}?';

    /** Words that count: "3 sheets", "6 designs". */
    private const COUNTING = '/\b(sheets?|pieces?|pcs?|packs?|pkg?s?|ct|count|pages?|rolls?|each|total|approx'
        .'|designs?|patterns?|colou?rs?|sizes?|yards?|yds?)'
        .'\b/iu';

    /** Words for how a thing is made. After a number they are names too: "30 clear". */
    private const MADE = '/^(?:(?:double|single|two|pre)?[\s-]*(?:sided|scored|fold(?:ed)?|heavy|light|medium|plain|solid|textured|'
        .'various|mixed|assorted|adhesive|printed|cut|'
        .'round|clear|small|large)[\s-]*)+$/iu';

    /** The sign between the names of the two faces of a paper. */
    private const BETWEEN_FACES = '/\s*\/\s*|\s+(?:&|\+|and)\s+|\s+[-–—]\s+/iu';

    /**
     * @param  string  $name  without its quotation marks
     * @param  string|null  $long  how long it is, as written
     * @param  int  $at  where it begins in the line, in characters
     */
    private function __construct(
        public string $name,
        public ?int $many,
        public bool $isQuoted,
        public ?string $long,
        public int $at,
        public int $length,
    ) {
    }

    /**
     * Null if it is not just a name with its number or its length.
     *
     * @param  bool  $mayBeMade  among many names "plain" is one too
     */
    public static function in(string $text, int $at, bool $mayBeMade = false): ?self
    {
        $bare = trim($text);
        $at += mb_strlen($text) - mb_strlen(ltrim($text));
        $long = Patterns::LENGTH;
        if (preg_match("/^(?:(?<before>$long)\s+(?:of\s+)?)?(?<name>.+?)(?:\s*\(?(?<after>$long)\)?)?$/iu", $bare, $found) !== 1) {
            return null;
        }
        $lengths = array_values(array_filter([$found['before'], $found['after'] ?? '']));
        $named = self::counted($found['name']);
        if ($named === null || count($lengths) > 1) {
            return null;
        }
        [$name, $many, $isQuoted] = $named;
        // "a bird" is one.
        $name = $isQuoted ? $name : (string) preg_replace('/^(?:an?|of)\s+(?=\p{L}{2})/iu', '', $name);
        $isMade = ! $mayBeMade && $many === null && $lengths === [] && ! str_contains($name, '/') && preg_match(self::MADE, $name) === 1;
        $isSized = preg_match('/\d\s*[x×]\s*\d|^[abc]\d\b|\d\s*(?:#|lbs?\b|gsm\b)/iu', $name) === 1;
        if (! $isQuoted && ($isMade || $isSized || preg_match(self::COUNTING, $name) === 1)) {
            return null;
        }

        return new self($name, $many, $isQuoted, $lengths[0] ?? null, $at, mb_strlen($bare));
    }

    /** @return array{string, int|null, bool}|null the name, how many there are, and whether it stands in quotation marks */
    private static function counted(string $text): ?array
    {
        $before = '(?:(?<many>\d{1,3}|'.Patterns::NUMBER_WORDS.')(?![\d\/.])\s*(?:[x×]\s+|(?:ea|each)\.?\s+(?:of\s+)?)?'
            .'|[x×]\s?(?<times>\d{1,3})\s+)?(?![x×*]\s?\d)';
        $pieces = '(?:\s*(?:pcs?|pieces?))?';
        $after = "(?:\s*[x×*]\s*(?<last>\d{1,3})|\s*[([]\s*[x×]?\s*(?<brackets>\d{1,3}|".Patterns::NUMBER_WORDS.")$pieces\s*[)\]]"
            ."|\s+(?:[-–—]\s*)?(?<bare>\d{1,3})$pieces)?";
        $name = self::NAME;
        if (preg_match("/^$before(?:[\"“](?<quoted>[^\"“”]+)[\"”]|(?<name>$name))$after$/iu", $text, $found) !== 1) {
            return null;
        }
        $numbers = [];
        foreach (['many', 'times', 'last', 'brackets', 'bare'] as $where) {
            array_push($numbers, ...($found[$where] ?? '') === '' ? [] : [$found[$where]]);
        }
        if (count($numbers) > 1) {
            return null;
        }
        $isQuoted = ($found['quoted'] ?? '') !== '';
        $many = $numbers === [] ? null : (is_numeric($numbers[0]) ? (int) $numbers[0] : Said::worth(Tokens::of($numbers[0])[0]));

        return [trim($isQuoted ? $found['quoted'] : $found['name'] ?? ''), $many, $isQuoted];
    }

    /** It only tells several apart: a colour, a size, a finish. */
    public function describes(): bool
    {
        $isColour = ColourWords::in($this->name) !== null && Shape::named($this->name) === null;
        $isSize = preg_match('/^(?:big|mini|tiny)$/iu', $this->name) === 1;

        return ! $this->isQuoted && ($isColour || $isSize || preg_match(self::MADE, $this->name) === 1);
    }

    /**
     * The name of a paper with a stroke between the names of its faces, if it has two.
     *
     * @param  bool  $areSaid  it is said that there are two; else a stroke parts them, or one of them is the name of a print
     */
    public static function faces(string $name, bool $areSaid): string
    {
        // "rope & anchor / coral gingham": a stroke separates the faces before any other sign.
        $between = str_contains($name, '/') ? '/\s*\/\s*/u' : self::BETWEEN_FACES;
        $sides = preg_split($between, $name, 2) ?: [$name];
        $prints = array_filter($sides, static fn (string $side): bool => Motif::named($side) !== null);

        return $areSaid || $prints !== [] || str_contains($name, '/') ? implode(' / ', $sides) : $name;
    }
}
