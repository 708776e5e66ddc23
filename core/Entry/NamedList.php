<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;

/**
 * A line that says once what its things are, and then names them: "24 sheets 6x6 double-sided, 2 each of 12: clover/stripe,
 * sheep/dots …", "die cuts: ewe, lamb x2, "hello you"". It is read as one line a thing. Where it says how many there are in all,
 * how many designs, or both, the names must come to that.
 */
final readonly class NamedList
{
    private const HEAD = '/^(?<head>[^:"“]{3,90}?)(?<between>\s*:\s+|\s+[-–—]\s+)(?<items>.+)$/u';

    private const BRACKETS = '/^(?<head>[^:()"“]{3,80}?)\s*\((?<items>[^()]*[\p{L}][^()]*,[^()]+)\)(?<tail>[^,]{0,30})$/u';

    private const SIDED = '/\b(?:double|two|2|dual)[\s-]*(?:sided|faced)\b|\breversible\b/iu';

    /** Kinds whose things are pictures or words, and are often listed with nothing between kind and names. */
    private const PICTURED = [Kind::DieCut, Kind::Sticker, Kind::Stamp, Kind::LayeredPicture];

    private const TWO_FACED = [Kind::Paper, Kind::Panel];

    /**
     * @param  list<Token>  $said  of the head
     * @param  list<NamedItem>  $items
     * @param  string  $tail  what is said behind the names
     */
    private function __construct(
        private string $head,
        private array $said,
        private KindFound $kind,
        private array $items,
        private string $tail,
    ) {
    }

    /**
     * @return list<string>|null a line for each thing; null where the line is no such list
     *
     * @throws BadLine at a number that the names do not come to
     */
    public static function lines(string $line): ?array
    {
        $list = trim($line) === '' ? null : self::ofWords($line) ?? self::split($line);

        return $list?->each();
    }

    /**
     * The things of a line below a heading that says what they are: "ewe", "sun, moon and cloud", "hello you" in quotation marks.
     *
     * @return list<string>|null
     */
    public static function below(string $heading, string $line): ?array
    {
        $items = self::items($line, 0);
        $kind = FindKind::named($heading)?->phrase->kind;
        $isPaper = in_array($kind, self::TWO_FACED, true) && count($items ?? []) === 1;

        return $items !== null && ($isPaper || in_array($kind, self::PICTURED, true)) ? self::of($heading, $items, '', 1)?->each() : null;
    }

    /** It is said of a paper that it has two faces. */
    public static function isTwoFaced(string $text): bool
    {
        return preg_match(self::SIDED, $text) === 1;
    }

    /** '"happy birthday" x2, "with sympathy"': words alone are sentiments. */
    private static function ofWords(string $line): ?self
    {
        $items = self::items($line, 0);
        $isQuoted = static fn (NamedItem $item): bool => $item->isQuoted;

        return $items === null || array_filter($items, $isQuoted) !== $items ? null : self::of('sentiment', $items, '');
    }

    private static function split(string $line): ?self
    {
        if (preg_match(self::HEAD, $line, $found) === 1) {
            $at = mb_strlen($found['head'].$found['between']);
            [$items, $tail] = self::itemsAndTail($found['items'], $at);

            return $items === null ? null : self::of($found['head'], $items, $tail);
        }
        if (preg_match(self::BRACKETS, $line, $found) === 1) {
            $items = self::items($found['items'], mb_strlen($found['head']) + 1);

            return $items === null ? null : self::of($found['head'].' '.trim($found['tail']), $items, '');
        }

        return self::unparted($line);
    }

    /** "die cuts ewe, lamb x2, barn": nothing stands between the kind and its names. */
    private static function unparted(string $line): ?self
    {
        $kind = FindKind::named($line);
        if ($kind === null || $kind->phrase->tier === KindPhrase::MAYBE || ! in_array($kind->phrase->kind, self::PICTURED, true)) {
            return null;
        }
        $tokens = Tokens::of($line);
        $last = $tokens[$kind->end() - 1];
        $at = $last->at + $last->length;
        [$items, $tail] = self::itemsAndTail(mb_substr($line, $at), $at);

        return $items === null ? null : self::of(mb_substr($line, 0, $at), $items, $tail);
    }

    /** @param  list<NamedItem>  $items */
    private static function of(string $head, array $items, string $tail, int $least = 2): ?self
    {
        // Sheets with two faces are papers.
        $isPaper = FindKind::named($head) === null && preg_match('/\bsheets?\b/iu', $head) === 1 && self::isTwoFaced($head);
        $head = $isPaper ? (string) preg_replace('/\bsheets?\b/iu', 'papers', $head, 1) : $head;
        $kind = FindKind::named($head);
        try {
            return $kind === null || count($items) < $least ? null : new self($head, Tokens::of($head), $kind, $items, $tail);
        } catch (BadLine) {
            return null;
        }
    }

    /** @return list<NamedItem>|null */
    private static function items(string $text, int $at): ?array
    {
        $items = [];
        foreach (self::parts($text) as [$part, $from]) {
            $item = NamedItem::in($part, $at + $from);
            if ($item === null) {
                return null;
            }
            $items[] = $item;
        }

        return $items;
    }

    /** @return array{list<NamedItem>|null, string} the names, and what is said behind them in brackets or of each */
    private static function itemsAndTail(string $text, int $at): array
    {
        $tail = '/(?:,\s*(?<each>\d{1,3}\s+(?:of\s+)?(?:each|ea)\.?)|\s*\((?<all>\d{1,3}\s+[\p{L}\s]+)\))\s*$/iu';
        $names = (string) preg_replace($tail, '', $text);
        preg_match($tail, $text, $found);

        return [self::items($names, $at), trim(($found['each'] ?? '').($found['all'] ?? ''))];
    }

    /** @return list<array{string, int}> what commas and a last "and" part, with its place in characters */
    private static function parts(string $text): array
    {
        $quiet = (string) preg_replace_callback(
            '/["“][^"”]*["”]/u',
            static fn (array $one): string => str_repeat('q', mb_strlen($one[0])),
            $text,
        );
        $parts = [];
        foreach (preg_split('/\s*,\s*(?:and\s+|&\s+)?/u', $quiet, -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $offset]) {
            $from = mb_strlen(substr($quiet, 0, $offset));
            $parts[] = [mb_substr($text, $from, mb_strlen($part)), $from];
        }
        $last = array_pop($parts) ?? ['', 0];
        // "sun, moon and cloud": but in "wave and plank, sea and sand" each has two faces.
        $areFaces = str_contains($text, '/') || preg_match('/\s(?:and|&)\s.*,/u', $text) === 1;
        if ($parts !== [] && ! $areFaces && preg_match('/^([^"“]+?|["“][^"”]+["”])(\s+(?:and|&)\s+)(.+)$/u', $last[0], $found) === 1) {
            $parts[] = [$found[1], $last[1]];
            $last = [$found[3], $last[1] + mb_strlen($found[1].$found[2])];
        }

        return [...$parts, $last];
    }

    /**
     * @return list<string>|null
     *
     * @throws BadLine
     */
    private function each(): ?array
    {
        [$head, $lead, $each, $designs] = $this->counts();
        $tail = Tokens::of($this->tail);
        $number = $tail === [] ? null : Said::worth($tail[0]);
        $isEach = $number !== null && preg_match('/\b(each|ea)\b/iu', $this->tail) === 1;
        $eachWorth = $isEach ? $number : ($each === null ? null : Said::worth($each));
        $hasNumbers = array_filter($this->items, static fn (NamedItem $item): bool => $item->many !== null) !== [];
        if ($this->kind->phrase->kind->isByLength() || ($eachWorth !== null && $hasNumbers)) {
            return null;
        }
        $all = array_sum(array_map(static fn (NamedItem $item): int => $item->many ?? $eachWorth ?? 1, $this->items));
        $isPlain = ! $hasNumbers && $eachWorth === null && $lead === null && $number === null;
        $areSingle = $this->kind->phrase->kind === Kind::Tool || in_array($this->kind->phrase->kind, self::PICTURED, true);
        if ($isPlain && count($this->items) > 1 && ! $areSingle) {
            return null;
        }
        $are = count($this->items);
        if ($designs !== null && Said::worth($designs) !== $are) {
            throw $designs->wrong(self::disagree($designs->text, "there are $are names"));
        }
        // "1 stamp set: cake, candle": the one is the set.
        $isSet = $lead !== null && Said::worth($lead) === 1 && preg_match('/\bsets?\b/iu', $this->head) === 1;
        if ($lead !== null && ! $isSet && Said::worth($lead) !== $all && Said::worth($lead) !== count($this->items)) {
            throw $lead->wrong(self::disagree($lead->text, "the names come to $all"));
        }
        if ($number !== null && ! $isEach && $number !== $all) {
            $place = $this->items[count($this->items) - 1];

            throw BadLine::at($place->at, $place->length, self::disagree((string) $number, "the names come to $all"));
        }

        return array_map(
            fn (NamedItem $item): string => $this->lineOf($item, $head, $item->many ?? $eachWorth ?? 1),
            $this->items,
        );
    }

    private static function disagree(string $said, string $is): string
    {
        return "$said are said, and $is. Put right which of the two is wrong.";
    }

    private function lineOf(NamedItem $item, string $head, int $many): string
    {
        $kind = $this->kind->phrase->kind;
        $words = [Kind::DieCut->value => 'sentiment', Kind::Sticker->value => 'sentiment stickers'][$kind->value] ?? null;
        $isWords = $item->isQuoted && $words !== null && Shape::named($item->name) === null;
        // What a stamp of a set says stands in quotation marks, or is said on an occasion; the others are pictures.
        if ($kind === Kind::Stamp && ! $item->isQuoted && Words::asTheySay($item->name)->isForAny()) {
            return "picture stamp \"$item->name stamp\" x$many";
        }
        $isTwoFaced = in_array($kind, self::TWO_FACED, true);
        $name = $isTwoFaced ? NamedItem::faces($item->name, self::isTwoFaced($this->head)) : $item->name;
        $head = $isWords ? str_replace($this->kind->said, $words, $head) : $head;
        // "enamel dots: 3 red, 3 navy" are red enamel dots.
        $isTrimming = $kind === Kind::Tool || $kind->good()::group() === KindGroup::Trimmings;

        return trim($head).($isTrimming ? " $name" : " \"$name\"")." x$many";
    }

    /** @return array{string, Token|null, Token|null, Token|null} the head without its numbers; how many in all, of each, and designs */
    private function counts(): array
    {
        $said = Said::of($this->said);
        $lead = $each = $designs = null;
        $drop = [];
        foreach ($this->said as $i => $token) {
            if (Said::worth($token) === null) {
                continue;
            }
            $next = $said->after($i, ['sheet', 'piece', 'of', 'different']);
            $drop[] = $i;
            if ($token->kind === TokenKind::Times || $said->isWord($next, ['each', 'ea', 'ea.'])) {
                $each ??= $token;
            } elseif ($each !== null || $said->isWord($next, ['design', 'pattern', 'colour', 'color', 'print'])) {
                $designs ??= $token;
            } else {
                $lead ??= $token;
            }
        }
        $kept = '';
        foreach ($this->said as $i => $token) {
            $isIdle = $said->isWord($i, ['each', 'ea', 'ea.', 'of', 'sheet', 'design', 'pattern', 'colour', 'color', 'different', 'set'])
                && ($i < $this->kind->from || $i >= $this->kind->end());
            // What is said of a set of stamps is the size of its sheet.
            $isOfSet = $this->kind->phrase->kind === Kind::Stamp && in_array($token->kind, [TokenKind::Size, TokenKind::Square], true);
            $isKept = ! in_array($i, $drop, true) && ! $isIdle && ! $isOfSet && $token->kind !== TokenKind::Break;
            $kept .= $isKept ? ' '.mb_substr($this->head, $token->at, $token->length) : '';
        }

        return [trim($kept), $lead, $each, $designs];
    }
}
