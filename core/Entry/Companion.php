<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;

/** What comes with a thing and is another thing: "10 card bases with envelopes", "stamp set with matching dies". */
final readonly class Companion
{
    private const LINE = '/^(?<thing>.+?)[,(]?\s+\(?\s*(?:with|w\/|incl(?:\.|uding|udes)?|and|&|\+|plus)\s+(?:(?<many>\d+)\s+)?'
        .'(?:(?:matching|coordinating|co-ordinating|coordinated|their|its)\s+)*(?<own>\p{L}+\s+)?(?<word>envelopes?|dies|die set)'
        .'\s*\)?(?<rest>.*)$/iu';

    private const MEASURE = '\d[\d.,\/½¼¾⅛ ]*(?:in|cm|mm|")?';

    private const SIZE = '(?:[AC]\d\b|'.self::MEASURE.'\s*(?:x|×|by)\s*'.self::MEASURE.')';

    /** After it only a size or a count may follow, since a colour could belong to either. */
    private const REST = '/^[\s,)-]*(?:\((?!\d+\))[\p{L}\d][\p{L}\d\s.×x]*\))?[\s,]*(?:[x×]\s?\d+\b)?[\s,]*'
        .self::SIZE.'?[\s,)]*(?:[x×]\s?\d+)?\s*$/iu';

    /** After a comma, everything belongs to both: ", C6, white, x 8". */
    private const OF_BOTH = '/^,(?:[\s,]|[AC]\d\b|\p{L}{3,}|[x×]\s?\d+\b)+$/u';

    private function __construct(public string $thing, private Kind $kind, private string $own, private string $many)
    {
    }

    /** Null if nothing comes with it. */
    public static function in(string $line): ?self
    {
        $isOfBoth = preg_match(self::LINE, $line, $found) === 1 && preg_match(self::OF_BOTH, $found['rest']) === 1;
        if ($found === [] || (! $isOfBoth && preg_match(self::REST, $found['rest']) !== 1)) {
            return null;
        }
        $isEnvelope = mb_strtolower($found['word'][0]) === 'e';
        // In "card blanks + envelopes (white)" both are white.
        $said = preg_match('/\(([^)]*)\)/u', $found['rest'], $in) === 1 ? "$in[1] " : '';
        $said = $isOfBoth ? trim((string) preg_replace('/[,]|[AC]\d\b|[x×]\s?\d+/u', ' ', $found['rest'])).' ' : $said;
        // With a number of their own, only the envelopes are.
        $rest = $found['many'] === '' ? $found['rest'] : (string) preg_replace('/\([^)]*\)/u', '', $found['rest']);
        $thing = $found['thing'].' '.trim(str_replace(['(', ')'], ' ', $rest), " ,\t");
        $kind = FindKind::named($thing)?->phrase->kind;
        if ($isEnvelope && $kind !== Kind::Base) {
            // Cards that come with envelopes are card bases, not sheets.
            $thing = (string) preg_replace('/\bcards?\b(?!\s*(?:base|blank|stock|front))/iu', 'card bases', $thing);
            $kind = FindKind::named($thing)?->phrase->kind;
        }
        $isFor = $isEnvelope ? Kind::Base : Kind::Stamp;

        return $kind === $isFor ? new self(trim($thing), $kind, trim($said.$found['own']), $found['many']) : null;
    }

    /** The line for what comes with it: an envelope for each base, a set of dies for the stamps. */
    public function lineFor(Component $thing): string
    {
        if ($this->kind === Kind::Base) {
            return "$this->own envelopes x".($this->many === '' ? $thing->count : $this->many);
        }
        $name = str_replace('"', '', $thing->name);

        return "$this->own dies \"$name dies\"".($this->many === '' ? '' : " x$this->many");
    }
}
