<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;

/** Tells a heading from a line of the list, by its own words and those of the next line. */
final class HeadingSigns
{
    /** Words for what the list is of, and not for a thing in it. */
    public const TITLE = '/\b(kits?|contents?|packing list|inventory|checklist|what.s (inside|in)|in the box)\b/iu';

    private const GROUP = '/^(?:embellishments|ephemera|stickers|stamps|dies|die[ -]cuts|papers|tools|ribbons?|cards?|bases'
        .'|envelopes|trims?|card ?stock|card bases|(?:cards|bases|card bases) (?:and|&|\+) envelopes|sentiments|pre-?cuts)$/iu';

    /** Headings that name no kind. */
    private const GENERIC = '/^(?:extras?|odds and ends|bits(?: (?:and|&) (?:bobs|pieces))?|goodies|misc(?:ellaneous)?|embellies|others?'
        .'|bonus|also|basics|supplies|trimmings|bling|pretties|sparkle|fun stuff|everything else|and|plus|freebies?)\W*$/iu';

    /** Other words for cut-out pictures above a list of them. */
    public const PIECES = '/^(?:pieces|cut pieces|shapes|pictures|cut ?outs)\W*$/iu';

    /** "# Papers", "**Papers**", "-- PAPERS --", "Papers:", "Extras" */
    public static function isMarked(string $line, string $bare, string $plain): bool
    {
        $isMarked = preg_match('/^\s*#{1,4}\s|^\s*\*\*.*\*\*\s*:?\s*$|^\s*[-=~*_•]{2,}\s*\p{L}.*[-=~*_•]{2,}\s*$'
            .'|^\s*([*_])\p{L}.*\1\s*:?\s*$/u', $line) === 1;
        $isTitle = preg_match(self::TITLE, $bare) === 1 && ! self::counts($bare);
        $isGeneric = preg_match(self::GENERIC, $plain) === 1 || preg_match(self::PIECES, $plain) === 1;

        return $isMarked || $isTitle || $isGeneric || preg_match('/:\s*$/', $bare) === 1;
    }

    /** In capitals, or above lines that have bullets. */
    public static function isAbove(string $bare, string $next): bool
    {
        $isShort = count(preg_split('/\s+/', $bare) ?: []) <= 6;
        $isShouted = $bare === mb_strtoupper($bare) && preg_match('/\p{L}{3}/u', $bare) === 1;
        $isAbove = preg_match(PackingText::BULLET, $next) === 1 && preg_match('/^\s*[-=~*#_]{2,}/', $next) !== 1;

        return $isShort && ($isShouted || $isAbove) && ! self::counts($bare);
    }

    /** "Die cuts (28 pieces)", "Cardstock 8.5x11": only a kind, above lines that name none. */
    public static function isKindAlone(string $bare, string $next): bool
    {
        $below = PlainLine::of(trim((string) preg_replace(PackingText::BULLET, '', trim($next))));
        $named = $below === '' ? null : FindKind::named($bare);
        if ($named === null || ! ($named->isPlural || $named->phrase->kind->isSheets() || $named->phrase->kind === Kind::DieCut)) {
            return false;
        }
        $tier = FindKind::named($below)?->phrase->tier;
        // "Embellishments" is above all sorts of things. "pearls" above a ribbon is a line that lacks its number.
        $isGroup = preg_match(self::GROUP, $bare) === 1;
        if (! $isGroup && in_array($tier, [KindPhrase::SURE, KindPhrase::LIKELY], true)) {
            return false;
        }
        $isSure = $named->phrase->tier !== KindPhrase::MAYBE;
        $many = '/\(?\b\d+\s+(?:of\s+)?(?:each|ea)\b\)?|'.($isSure ? '\(\d+\)|' : '').'\(?\b\d+\s*(?:pieces?|pcs?|sheets?|total)\)?/iu';
        $left = (string) preg_replace($many, '', str_replace($named->said, '', $bare));
        try {
            $words = array_filter(Tokens::of($left), self::isTelling(...));
        } catch (BadLine) {
            return false;
        }

        return $words === [];
    }

    /** It says more than size, weight and whether there are two faces. */
    private static function isTelling(Token $token): bool
    {
        $quiet = [TokenKind::Size, TokenKind::Square, TokenKind::Weight, TokenKind::Break];
        $isIdle = $token->isWord() && (in_array($token->plain(), LineParser::IDLE, true)
            || preg_match('/(?:sided|faced)$/u', $token->lower()) === 1 || NamedSize::of($token->text, Kind::Cardstock) !== null);

        return ! in_array($token->kind, $quiet, true) && ! $isIdle;
    }

    /** It says a number, so it is a line of its own. */
    public static function counts(string $line): bool
    {
        try {
            $tokens = Tokens::of($line);
        } catch (BadLine) {
            return true;
        }
        $counting = [TokenKind::Number, TokenKind::Times, TokenKind::Length, TokenKind::Name];

        return array_filter($tokens, static fn (Token $token): bool => in_array($token->kind, $counting, true)) !== [];
    }
}
