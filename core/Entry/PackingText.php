<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A packing list as it is pasted: bullets, numbers and headings and all. A heading that names a kind says what the lines below it
 * are that name none: "Cardstock, 8.5 x 11:" above "2 kelp". Every line is read or refused by itself.
 */
final class PackingText
{
    public const MOST_LINES = 500;

    /** A number in brackets is how many there are, unless the lines are numbered so. */
    private const BULLET = '/^\s*(?:(?:[-*•·‣◦–—▪●○☐☑✓✔+>♥★]+|\[[ xX]?\]|\d{1,2}[.)](?=\s)|#{1,4})\s+)+/u';

    private const NUMBERED = '/^\s*\((\d{1,2})\)\s+/u';

    /** "Makes ten cards", "enough for 12 cards": what the kit is for. */
    private const MAKES = '/^(?:it |this kit )?(?:makes|creates|yields|is enough for|enough for|for (?=.*\bcards\b))/iu';

    /** "no. 14", "March 2026", "issue 3": a number that counts nothing. */
    private const NUMBER_OF_TITLE = '/(?:\b(?:no|nr|vol|volume|issue|edition|part|number|week|day)\.?|#)\s*\d+|\b(?:19|20)\d\d\b/iu';

    /** What the list is of, and not a thing in it. */
    private const TITLE = '/\b(kits?|contents?|packing list|inventory|checklist|what.s (inside|in)|in the box)\b/iu';

    /** Things that die cuts and stickers show, beside what is sold by the piece. */
    private const PICTURES = '/\b(bow|button|clip|charm|token|peg|drop|jewel|crystal|rosette|tassel|bottle)s?\b/iu';

    private const PRICE = '/(?:[$£€]|\b(?:usd|gbp|eur)\b)\s?\d|\d\s?(?:[£€]|(?:usd|gbp|eur)\b)'
        .'|\b\d{1,3}[.,]\d{2}\b(?!\s*(?:in|x|×|"|″|cm|mm))/iu';

    private const GROUP = '/^(?:embellishments|ephemera|stickers|stamps|dies|die[ -]cuts|papers|tools|ribbons?|cards?|bases'
        .'|envelopes|trims?|card ?stock|card bases|(?:cards|bases|card bases) (?:and|&|\+) envelopes|sentiments|pre-?cuts)$/iu';

    /** "All 12 x 12" below the lines it is said of. */
    private const OF_ALL = '/^\W*(?:all|each)\s+(?:(?:are|is|sheets?|papers?|measure)\s+)*(?<size>'.Patterns::SIZE
        .'|a4|a5|letter)\W*$/iu';

    private const RULE = '/^[\s\p{Pd}_=*~.#|]*$/u';

    /** @var list<ReadLine> */
    private array $lines = [];

    /** @var list<string> ids that are used already */
    private array $taken;

    /** What the heading above says of a line that names no kind. */
    private string $heading = '';

    private ?Kind $headingKind = null;

    /** Whether the lines below the heading have bullets: a kind without one ends them. Null before the first of them. */
    private ?bool $isBulleted = null;

    /** The size that a line further down says of all up to it. */
    private string $ofAll = '';

    /** @param  list<string>  $taken */
    private function __construct(private readonly Unit $unit, private readonly Size $front, array $taken)
    {
        $this->taken = $taken;
    }

    /**
     * @param  list<string>  $taken  ids that are used already
     * @return list<ReadLine>
     */
    public static function read(string $text, Unit $unit, Size $front, array $taken = []): array
    {
        $reading = new self($unit, $front, $taken);
        $plain = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $plain = mb_check_encoding($plain, 'UTF-8') ? $plain : mb_convert_encoding($plain, 'UTF-8', 'ISO-8859-1');
        $lines = self::unnumbered(preg_split('/\r\n|\r|\n/', $plain) ?: []);
        foreach (array_slice($lines, 0, self::MOST_LINES) as $i => $line) {
            $reading->ofAll = self::sizeBelow(array_slice($lines, $i + 1, self::MOST_LINES));
            $reading->line($i + 1, $line, $lines[$i + 1] ?? '');
        }
        if (count($lines) > self::MOST_LINES) {
            $wrong = BadLine::at(0, 1, 'There are more than '.self::MOST_LINES.' lines.');
            $reading->lines[] = ReadLine::bad(self::MOST_LINES + 1, '', $wrong);
        }

        return $reading->summed();
    }

    /** @return list<ReadLine> with how many come below each heading that says a number */
    private function summed(): array
    {
        $below = [];
        $lines = [];
        foreach (array_reverse($this->lines) as $line) {
            $lines[] = $line->isHeading ? $line->summing($below) : $line;
            $below = $line->isHeading ? [] : [$line, ...$below];
        }

        return array_reverse($lines);
    }

    /**
     * Without (1), (2), (3) … before the lines, where they only number them.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function unnumbered(array $lines): array
    {
        $numbers = [];
        foreach ($lines as $line) {
            if (preg_match(self::NUMBERED, $line, $found) === 1) {
                $numbers[] = (int) $found[1];
            }
        }

        return count($numbers) > 2 && $numbers === range(1, count($numbers))
            ? array_map(static fn (string $line): string => (string) preg_replace(self::NUMBERED, '', $line), $lines)
            : $lines;
    }

    /**
     * @param  list<string>  $lines  below a heading
     * @return string the size said of all of them; empty where a paragraph ends before one is
     */
    private static function sizeBelow(array $lines): string
    {
        foreach ($lines as $line) {
            if (trim($line) === '') {
                return '';
            }
            if (preg_match(self::OF_ALL, (string) preg_replace(self::BULLET, '', trim($line)), $found) === 1) {
                return trim($found['size']);
            }
        }

        return '';
    }

    private function line(int $number, string $line, string $next): void
    {
        if (preg_match(self::RULE, $line) === 1) {
            return;
        }
        $bare = (string) preg_replace(self::BULLET, '', trim($line));
        if (preg_match(self::OF_ALL, $bare) === 1) {
            $this->lines[] = ReadLine::heading($number, $bare);

            return;
        }
        // "-- PAPERS --", "=== Cardstock ===", "**Die cuts**"
        $bare = trim((string) preg_replace('/\*\*|__|^[-=~*#_•·]{2,}\s*|\s*[-=~*#_•·]{2,}$/u', '', $bare));
        $isBulleted = preg_match(self::BULLET, $line) === 1;
        $plain = PlainLine::of($bare);
        if ($this->isHeading($line, $bare, $plain, $next)) {
            $this->heading = preg_match(self::TITLE, $bare) === 1 || $this->isOfKit($bare) ? '' : trim($this->said($plain)." $this->ofAll");
            $this->isBulleted = null;
            $this->lines[] = ReadLine::heading($number, $bare);

            return;
        }
        if ($this->isBulleted === true && ! $isBulleted && FindKind::named($bare) !== null) {
            $this->heading = '';
        }
        $this->isBulleted ??= $isBulleted;
        try {
            $components = $this->components($bare, $plain);
            array_push($this->taken, ...array_map(static fn (Component $one): string => $one->id, $components));
            $this->lines[] = ReadLine::good($number, $bare, $components, LeftOver::of($bare, $components, $this->unit));
        } catch (BadLine $wrong) {
            $this->lines[] = ReadLine::bad($number, $bare, $wrong);
        }
    }

    /**
     * @return non-empty-list<Component>
     *
     * @throws BadLine
     */
    private function components(string $line, string $plain): array
    {
        if (! $this->isOfHeading($plain)) {
            return LineParser::parse($line, $this->unit, $this->front, $this->taken);
        }
        $named = LineParser::eachBelow($this->heading, $line, $this->unit, $this->front, $this->taken);
        if ($named !== null) {
            return $named;
        }
        try {
            return LineParser::parse("$this->heading, $line", $this->unit, $this->front, $this->taken);
        } catch (BadLine $wrong) {
            $at = $wrong->at - mb_strlen($this->heading) - 2;

            throw BadLine::at(max(0, $at), $at < 0 ? max(1, mb_strlen($line)) : $wrong->length, $wrong->getMessage());
        }
    }

    /** Names no kind of its own, or only what may be a name: under "Die cuts" bows and flowers are die cuts. */
    private function isOfHeading(string $line): bool
    {
        if ($this->heading === '') {
            return false;
        }
        // "Tags: 4 white, 4 kraft" says itself what they are.
        $own = preg_match('/^([^:"“]{2,40}):\s/u', $line, $head) === 1 ? FindKind::named($head[1]) : null;
        $tier = $own === null ? FindKind::named($line)?->phrase->tier : KindPhrase::SURE;
        $isPictured = in_array($this->headingKind, [Kind::DieCut, Kind::Sticker, Kind::LayeredPicture, Kind::Stamp, Kind::Tool], true);
        $mayBePicture = $isPictured && preg_match(self::PICTURES, $line) === 1;

        // A paper may be called after anything: "Postcards / kraft" below "Papers" has two faces.
        $isPaper = $this->headingKind === Kind::Paper && preg_match('/\p{L}\s*\/\s*\p{L}/u', $line) === 1
            && preg_match('/\b(?:paper|card ?stock|pad)s?\b/iu', $line) !== 1;

        // "Lace - 12x12 - 1 sheet" below "Papers" is a sheet; a tag below "Embellishments" is a tag.
        $isSheet = $this->headingKind?->isSheets() === true && $own === null && self::isOfSheet($line);
        $isMaybe = $tier === KindPhrase::MAYBE && $this->headingKind !== Kind::Embellishment;

        return $isPaper || $isSheet || $tier === null || $isMaybe || ($mayBePicture && $tier === KindPhrase::LIKELY);
    }

    private static function isOfSheet(string $line): bool
    {
        try {
            $sized = array_filter(
                Tokens::of($line),
                static fn (Token $one): bool => $one->kind === TokenKind::Size && Unnamed::isSheet($one),
            );
        } catch (BadLine) {
            return false;
        }

        return $sized !== [] && FindKind::named($line)?->phrase->kind->isSheets() !== true
            && preg_match('/\b(?:sticker|die|stamp|stencil|folder|base|card|envelope|panel|mat)s?\b/iu', $line) !== 1;
    }

    /** "Papers:", "CARDSTOCK", "Embellishments" with a list below it. */
    private function isHeading(string $line, string $bare, string $plain, string $next): bool
    {
        $isMarked = preg_match('/^\s*#{1,4}\s|^\s*\*\*.*\*\*\s*:?\s*$|^\s*[-=~*_•]{2,}\s*\p{L}.*[-=~*_•]{2,}\s*$/u', $line) === 1;
        $isTitle = preg_match(self::TITLE, $bare) === 1 && ! self::counts($bare);
        $isBulleted = preg_match(self::BULLET, $line) === 1;
        if ($isMarked || $isTitle || preg_match('/:\s*$/', $bare) === 1 || $this->isOfKit($bare)) {
            return true;
        }
        if (! $isBulleted && self::isKindAlone($plain, $next)) {
            return true;
        }
        $isShort = count(preg_split('/\s+/', $bare) ?: []) <= 6;
        $isShouted = $bare === mb_strtoupper($bare) && preg_match('/\p{L}{3}/u', $bare) === 1;
        $isAbove = $isShouted || (preg_match(self::BULLET, $next) === 1 && preg_match('/^\s*[-=~*#_]{2,}/', $next) !== 1);

        return $isShort && ! $isBulleted && $isAbove && ! self::counts($bare);
    }

    /** The first line may say what the kit is: "Cloud Pasture, February box, 28.00, about ten cards". */
    private function isOfKit(string $bare): bool
    {
        if (preg_match(self::MAKES, $bare) === 1) {
            return true;
        }
        $things = array_filter($this->lines, static fn (ReadLine $line): bool => ! $line->isHeading);
        $plain = (string) preg_replace(self::NUMBER_OF_TITLE, '', $bare);
        $isBox = $this->lines === [] && preg_match('/\b(?:box|club|parcel|bundle|subscription|crate|cards\))/iu', $bare) === 1
            && preg_match('/^\d/u', $bare) !== 1;
        $isNamed = $isBox || $this->lines === [] && preg_match('/\d/', $plain) !== 1 && FindKind::named($plain) === null;

        return $things === [] && ($isNamed || preg_match(self::PRICE, $bare) === 1 || preg_match(self::TITLE, $bare) === 1);
    }

    /** "Die cuts (28 pieces)", "Cardstock 8.5x11": a kind and nothing else, above what names none. */
    private static function isKindAlone(string $bare, string $next): bool
    {
        $below = PlainLine::of(trim((string) preg_replace(self::BULLET, '', trim($next))));
        $named = $below === '' ? null : FindKind::named($bare);
        if ($named === null || ! ($named->isPlural || $named->phrase->kind->isSheets() || $named->phrase->kind === Kind::DieCut)) {
            return false;
        }
        $tier = FindKind::named($below)?->phrase->tier;
        // "Embellishments" is above all sorts of things; "pearls" above a ribbon is a line that lacks its number.
        $isGroup = preg_match(self::GROUP, $bare) === 1;
        if (! $isGroup && in_array($tier, [KindPhrase::SURE, KindPhrase::LIKELY], true)) {
            return false;
        }
        $isSure = $named->phrase->tier !== KindPhrase::MAYBE;
        $many = '/'.($isSure ? '\(\d+\)|' : '').'\(?\b\d+\s*(?:pieces?|pcs?|sheets?|total)\)?/iu';
        $left = (string) preg_replace($many, '', str_replace($named->said, '', $bare));
        try {
            $words = array_filter(Tokens::of($left), self::isTelling(...));
        } catch (BadLine) {
            return false;
        }

        return $words === [];
    }

    /** More than how large or heavy something is, and whether it has two faces. */
    private static function isTelling(Token $token): bool
    {
        $quiet = [TokenKind::Size, TokenKind::Square, TokenKind::Weight, TokenKind::Break];
        $isIdle = $token->isWord() && (in_array($token->plain(), LineParser::IDLE, true) || str_ends_with($token->lower(), 'sided')
            || NamedSize::of($token->text, Kind::Cardstock) !== null);

        return ! in_array($token->kind, $quiet, true) && ! $isIdle;
    }

    /** Says how many: then it is a line of its own. */
    private static function counts(string $line): bool
    {
        try {
            $tokens = Tokens::of($line);
        } catch (BadLine) {
            return true;
        }
        $counting = [TokenKind::Number, TokenKind::Times, TokenKind::Length, TokenKind::Name];

        return array_filter($tokens, static fn (Token $token): bool => in_array($token->kind, $counting, true)) !== [];
    }

    /** The kind a heading names, with its size and "2 of each"; empty where it names none. */
    private function said(string $heading): string
    {
        $bare = rtrim($heading, ': ');
        try {
            $tokens = Tokens::of($bare);
            $found = FindKind::in($tokens);
        } catch (BadLine) {
            return '';
        }
        $this->headingKind = $found->phrase->kind;
        $said = [];
        foreach ($tokens as $i => $token) {
            $isKind = $i >= $found->from && $i < $found->end();
            $isMeasure = in_array($token->kind, [TokenKind::Size, TokenKind::Square, TokenKind::Weight], true)
                || ($token->isWord() && NamedSize::of($token->text, $found->phrase->kind) !== null);
            if ($isKind || $isMeasure) {
                $said[] = mb_substr($bare, $token->at, $token->length);
            }
        }
        // Each is each line below, whatever commas it has.
        $isEach = preg_match('/\b(\d+|one|two|three|four)\s+(?:sheets?\s+)?(?:of\s+)?each\b/iu', $bare, $of) === 1;
        $each = $isEach ? ' x'.Said::worth(Tokens::of($of[1])[0]) : '';

        $sided = NamedList::isTwoFaced($bare) && $found->phrase->kind === Kind::Paper ? ' double-sided' : '';

        return implode(' ', $said).$sided.$each;
    }
}
