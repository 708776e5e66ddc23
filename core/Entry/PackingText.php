<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Component;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * A pasted packing list with bullets, numbers and headings. A heading that names a kind applies to lines below that
 * name none: "Cardstock, 8.5 x 11:" above "2 kelp". Every line is read or refused by itself.
 */
final class PackingText
{
    public const MOST_LINES = 500;

    /** A number in brackets is a count, unless the lines are numbered that way. */
    public const BULLET = '/^\s*(?:(?:[-*•·‣◦–—▪●○☐☑✓✔+>♥★]+|\[[ xX]?\]|\d{1,2}[.)](?=\s)|#{1,4})\s+)+/u';

    private const NUMBERED = '/^\s*\((\d{1,2})\)\s+/u';

    /** "Makes ten cards", "enough for 12 cards": what the kit is for. */
    private const MAKES = '/^(?:it |this kit )?(?:makes|creates|yields|is enough for|enough for|for (?=.*\bcards\b))/iu';

    /** "no. 14", "March 2026", "issue 3": a number that counts nothing. */
    private const NUMBER_OF_TITLE = '/(?:\b(?:no|nr|vol|volume|issue|edition|part|number|week|day)\.?|#)\s*\d+|\b(?:19|20)\d\d\b/iu';

    private const PRICE = '/(?:[$£€]|\b(?:usd|gbp|eur)\b)\s?\d|\d\s?(?:[£€]|(?:usd|gbp|eur)\b)'
        .'|\b\d{1,3}[.,]\d{2}\b(?!\s*(?:in|x|×|"|″|cm|mm))/iu';

    /** "All 12 x 12" below the lines that it applies to. */
    private const OF_ALL = '/^\W*(?:all|each)\s+(?:(?:are|is|sheets?|papers?|measure)\s+)*(?<size>'.Patterns::SIZE
        .'|a4|a5|letter)\W*$/iu';

    /** "-- PAPERS --", "=== Cardstock ===", "**Die cuts**", and small pictures beside the words. */
    private const ORNAMENTS = '/\*\*|__|^[*_](?=\p{L})|(?<=[\p{L})])[*_](?=:?$)|^[\p{So}\x{FE0F}\x{200D}\s]+|[\p{So}\x{FE0F}\x{200D}\s]+$'
        .'|^[-=~*#_•·]{2,}\s*|\s*[-=~*#_•·]{2,}$/u';

    private const RULE = '/^[\s\p{Pd}_=*~.#|]*$/u';

    /** @var list<ReadLine> */
    private array $lines = [];

    /** @var list<string> ids that are used already */
    private array $taken;

    /** The heading above, as far as it still applies. */
    private Heading $heading;

    /**
     * Whether the lines below the heading have bullets. A kind without a bullet then ends them. Null before the first
     * line.
     */
    private ?bool $isBulleted = null;

    /** The line above is empty. */
    private bool $isAfterGap = false;

    /** The size that a later line gives for all lines up to it. */
    private string $ofAll = '';

    /** @param  list<string>  $taken */
    private function __construct(private readonly Unit $unit, private readonly Size $front, array $taken)
    {
        $this->taken = $taken;
        $this->heading = Heading::none();
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
        $lines = self::unnumbered(preg_split('/\r\n|\r|\n/', PlainLine::spaced($plain)) ?: []);
        $sizes = self::sizesBelow($lines);
        foreach (array_slice($lines, 0, self::MOST_LINES) as $i => $line) {
            $reading->ofAll = $sizes[$i] ?? '';
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
     * Without (1), (2), (3) … before the lines, if they only number them.
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
     * @param  list<string>  $lines
     * @return array<int, string> by line, the size that is said below it of all up to there; empty where a paragraph ends before
     */
    private static function sizesBelow(array $lines): array
    {
        $below = '';
        $sizes = [];
        foreach (array_reverse($lines, preserve_keys: true) as $i => $line) {
            $sizes[$i] = $below;
            $isSaid = preg_match(self::OF_ALL, (string) preg_replace(self::BULLET, '', trim($line)), $found) === 1;
            $below = match (true) {
                trim($line) === '' => '',
                $isSaid => trim($found['size']),
                default => $below,
            };
        }

        return $sizes;
    }

    private function line(int $number, string $line, string $next): void
    {
        if (preg_match(self::RULE, $line) === 1) {
            $this->isAfterGap = true;

            return;
        }
        $bare = (string) preg_replace(self::BULLET, '', trim($line));
        if (preg_match(self::OF_ALL, $bare) === 1) {
            $this->lines[] = ReadLine::heading($number, $bare);

            return;
        }
        $bare = trim((string) preg_replace(self::ORNAMENTS, '', $bare));
        $isBulleted = preg_match(self::BULLET, $line) === 1;
        $plain = PlainLine::of($bare);
        $isHeading = $this->isHeading($line, $bare, $plain, $next);
        $isAfterGap = $this->isAfterGap;
        $this->isAfterGap = false;
        if ($isHeading) {
            $isOfAll = preg_match(HeadingSigns::TITLE, $bare) === 1 || $this->isOfKit($bare);
            $this->heading = $isOfAll ? Heading::none() : Heading::of($plain, $this->ofAll);
            $this->isBulleted = null;
            $this->lines[] = ReadLine::heading($number, $bare);

            return;
        }
        $isUnbulleted = $this->isBulleted === true && ! $isBulleted && FindKind::named($bare) !== null;
        if ($isUnbulleted || ($isAfterGap && $this->isBulleted !== null && ! $this->heading->speaksFor($plain))) {
            $this->heading = Heading::none();
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
        if (! $this->heading->speaksFor($plain)) {
            return LineParser::parse($line, $this->unit, $this->front, $this->taken);
        }
        $named = LineParser::eachBelow($this->heading->says, $plain, $this->unit, $this->front, $this->taken);
        if ($named !== null) {
            return $named;
        }
        try {
            return LineParser::parse("{$this->heading->says}, $line", $this->unit, $this->front, $this->taken);
        } catch (BadLine $wrong) {
            $at = $wrong->at - mb_strlen($this->heading->says) - 2;

            throw BadLine::at(max(0, $at), $at < 0 ? max(1, mb_strlen($line)) : $wrong->length, $wrong->getMessage());
        }
    }

    /** "Papers:", "CARDSTOCK", "Embellishments" with a list below it. */
    private function isHeading(string $line, string $bare, string $plain, string $next): bool
    {
        if (HeadingSigns::isMarked($line, $bare, $plain) || $this->isOfKit($bare)) {
            return true;
        }
        $isAlone = $this->isAfterGap && trim($next) !== '' && ! HeadingSigns::counts($bare) && FindKind::named($plain) === null
            && substr_count($bare, ' ') < 4;

        return preg_match(self::BULLET, $line) !== 1
            && ($isAlone || HeadingSigns::isKindAlone($plain, $next) || HeadingSigns::isAbove($bare, $next));
    }

    /** The first line may say what the kit is: "Cloud Pasture, February box, 28.00, about ten cards". */
    private function isOfKit(string $bare): bool
    {
        if (preg_match(self::MAKES, $bare) === 1) {
            return true;
        }
        $things = array_filter($this->lines, static fn (ReadLine $line): bool => ! $line->isHeading);
        $plain = (string) preg_replace(self::NUMBER_OF_TITLE, '', $bare);
        $isBox = preg_match('/\b(?:box|club|parcel|bundle|subscription|crate|cards\))/iu', $bare) === 1
            && preg_match('/^\d/u', $bare) !== 1;
        $isNumbered = preg_match('/\d/', $plain) === 1;
        // "April Showers by Puddle Paper Co": a line without a count is a title.
        $isTitle = ! $isNumbered && substr_count(trim($bare), ' ') > 3;
        // A second title, such as the theme, may stand between the title and the list.
        $isNamed = ($this->lines === [] && ($isBox || $isTitle)) || ($this->heading->says === '' && ! $isNumbered
            && FindKind::named($plain) === null && preg_match(self::BULLET, $bare) !== 1);

        return $things === [] && ($isNamed || preg_match(self::PRICE, $bare) === 1 || preg_match(HeadingSigns::TITLE, $bare) === 1);
    }
}
