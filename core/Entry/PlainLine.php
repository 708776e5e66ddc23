<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

/**
 * A line in the one form that the parser reads: inch marks as ″, short forms written out, a count at the end as "x2".
 */
final class PlainLine
{
    private const INCHES = ['"', '”', '″'];

    /** Usual short forms. */
    private const SHORT = [
        'cs' => 'cardstock', 'pp' => 'patterned paper', 'pkts?' => 'packet', 'dcs?' => 'die cuts',
        'pop\s?dots?' => 'foam dots', 'dsp' => 'double-sided paper', 'envs?' => 'envelopes', 'dbl' => 'double',
        'ds' => 'double-sided', 'asstd?' => 'assorted', 'emb' => 'embossing', 'w\/' => 'with ', 'no\.(?=\s*\d)' => '',
    ];

    /** "blanks + envelopes: 10 of each, A6, kraft" */
    private const BASES_AND_ENVELOPES = '/^(?:blanks|bases|cards)\s*(?:\+|&|and)\s*envelopes:\s*(\d{1,3}) (?:of )?each\b,?(.*)$/iu';

    private const AMOUNT = '\d+(?:\.\d+)?\s?(?:ml|g|m|yds?|yards?|met(?:re|er)s?)\b';

    private const SPACES = '/[\x{00A0}\x{2000}-\x{200A}\x{202F}\x{205F}\x{3000}]/u';

    private const UNSEEN = '/[\x{00AD}\x{200B}-\x{200D}\x{2060}\x{FEFF}]/u';

    /** Spaces and strokes of web pages and word processors, replaced by those of the keyboard. */
    public static function spaced(string $text): string
    {
        return str_replace('⁄', '/', (string) preg_replace([self::SPACES, self::UNSEEN], [' ', ''], $text));
    }

    /** @var array<string, string>|null what is written instead of what */
    private static ?array $rules = null;

    public static function of(string $line): string
    {
        $line = self::spaced($line);
        $quoted = [];
        $plain = (string) preg_replace_callback('/"[^"]*"|“[^”]*”/u', static function (array $found) use (&$quoted): string {
            $quoted[] = $found[0];

            return '“'.(count($quoted) - 1).'”';
        }, self::inches($line));
        foreach (self::$rules ??= self::rules() as $pattern => $instead) {
            $plain = (string) preg_replace($pattern, $instead, $plain);
        }

        return (string) preg_replace_callback(
            '/“(\d+)”/u',
            static fn (array $found): string => $quoted[(int) $found[1]] ?? $found[0],
            trim($plain),
        );
    }

    /** Where the fault is in the line as it was written. */
    public static function found(BadLine $wrong, string $line, string $plain): BadLine
    {
        if ($line === $plain) {
            return $wrong;
        }
        $word = mb_substr($plain, $wrong->at, $wrong->length);
        $written = self::inches($line);
        $near = max(0, min($wrong->at - 3, mb_strlen($written)));
        $at = $word === '' ? false : mb_strpos($written, $word, $near);
        $at = $at === false && $word !== '' ? mb_strpos($written, $word) : $at;

        return $at === false
            ? BadLine::at(0, max(1, mb_strlen($line)), $wrong->getMessage())
            : BadLine::at($at, $wrong->length, $wrong->getMessage());
    }

    /** A mark after a figure is an inch mark, unless it closes a quotation. */
    private static function inches(string $line): string
    {
        $single = (string) preg_replace('/(?<=^|[\s(,])[\'‘]([^\'‘’]{2,60})[\'’](?=$|[\s),.;:])/u', '"$1"', $line);
        $plain = $last = '';
        $isOpen = false;
        foreach (mb_str_split($single) as $letter) {
            $isInch = ! $isOpen && in_array($letter, self::INCHES, true) && preg_match('/[\d¼½¾⅛⅜⅝⅞]/u', $last) === 1;
            $isOpen = match (true) {
                $isInch, ! in_array($letter, ['"', '“', '”'], true) => $isOpen,
                $letter === '"' => ! $isOpen,
                default => $letter === '“',
            };
            $plain .= $isInch ? '″' : $letter;
            $last = $letter;
        }

        return $plain;
    }

    /** @return array<string, string> */
    private static function rules(): array
    {
        $size = Patterns::SIZE;
        $rules = [];
        foreach (self::SHORT as $short => $long) {
            $rules['/(?<![\p{L}\d])(?:'.$short.')'.(str_ends_with($short, '\/') ? '' : '(?![\p{L}\d])').'\.?/iu'] = $long;
        }

        return [
            ...$rules,
            // Hearts, ticks and stars beside the words.
            '/[\p{So}\x{FE0F}\x{200D}]+/u' => '',
            // One upright stroke separates two faces. Several separate columns.
            '/^([^|]*\p{L})\s*\|\s*(?=\p{L}[^|]*$)/u' => '$1 / ',
            '/\s+(?:[-–—]{2,}|\|)\s+/u' => ' – ',
            '/^qty\s*:?\s*1\s*[-–:]?\s+(?=\p{L}.*\b\d+\s*(?:ct|pcs?|pieces|yds?|yards?|m|cm)\b)/iu' => '',
            '/^qty\s*:?\s*(\d{1,4})\s*[-–:]?\s+(\p{L}.*)$/iu' => '$2 x$1',
            // The last column of a table is the count.
            '/\t+\s*(\d{1,4})\s*$/u' => ' x$1',
            '/\t+/u' => ', ',
            '/\b(\d+)\s*[x×]\s*(\d+)\s*[x×]\s*(\d+)\s*mm\b/iu' => '$1 x $2 mm, $3 mm thick',
            '/^\((\d{1,4})\)\s+/u' => '$1 ',
            // "4,12x12 cardstock" in a table is four sheets, not 4.12 in.
            '/^(\d{1,3}),(?=\p{L}|\d+(?![\d.]*\s*(?:m|cm|mm|yds?|in)\b)[\s\d.\/]*[x×]\s*\d+(?!,\d)\b)/iu' => '$1 ',
            '/^[x×]\s?(\d{1,3})\s+(?=(?:m|cm|yds?|yards?|ft|met(?:re|er)s?)\b)/iu' => '$1 ',
            // "24 x 6in x 6in", "5 x A4", "3 x 2 m": a count of that size.
            "/^(\d{1,3})\s*[x×]\s+(?=$size|[AC]\d\b|".self::AMOUNT.')/iu' => '$1 ',
            '/(?<!\p{L})qty\s*:?(?!\p{L})/iu' => '',
            '/^(\d{1,3})(?:\s?[x×]|\s+[-–—])\s+(?=\p{L})/iu' => '$1 ',
            '/^(\d{1,3})\s+[-–—]\s+(?=\d)/iu' => '$1 ',
            '/\b(\d{1,3})\s+sheets?,?\s+all different\b/iu' => '$1 designs x1',
            self::BASES_AND_ENVELOPES => '$1$2 card bases with envelopes',
            '/^1\s+(?=\p{L}.*:\s*\d+\s+sheets)/iu' => '',
            '/(?<=\p{L}{3})(?<!inch)\s+[x×]\s+(\d+(?:\.\d+)?\s*(?:yds?|yards?|m|cm|ft|in)\b)/iu' => ' $1',
            '/\s+to (?:fit|match)(?=\s*(?:,|$))/iu' => '',
            '/\s+[-–—:]\s+(?=[x×]\s?\d)/u' => ' ',
            // "2 yellow / 2 sky": with a number each is a thing, not a face.
            '/(?<=\p{L})\s*\/\s*(?=\d{1,3}\s+\p{L})/u' => ', ',
            '/\s+[-–—]+\s*(\d{1,4})\s*(?:pcs?|pieces|off)?$/iu' => ' x$1',
            '/(?<=[\p{L}\d)”])[.!]+$/u' => '',
            '/\b(single|double|two|dual)\s+(sided|faced)\b/iu' => '$1-$2',
            '/,?\s+(?:including|consisting of|made up of|featuring)\s+(?=\d|“)/iu' => ': ',
            // The two faces of a paper.
            '/[\s,(]+(?:side\s+)?A(?:\s+side)?\s*[:=-]\s*(.+?)[\s,;\/]+(?:side\s+)?B(?:\s+side)?\s*[:=-]\s*([^)]+)\)?/u' => ' $1 / $2',
            '/[\s,(:]+front\s*[:=-]?\s+(.+?)[\s,;\/]+back\s*[:=-]?\s+([^)]+)\)?$/iu' => ' $1 / $2',
            '/\b(cards?|bases?|blanks?)\s*\/\s*(envelopes?)\b/iu' => '$1 & $2',
        ];
    }
}
