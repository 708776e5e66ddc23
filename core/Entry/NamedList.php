<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\KindGroup;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Words;

/**
 * A line that first describes things and then names them: "24 sheets 6x6 double-sided, 2 each of 12: clover/stripe,
 * sheep/dots …", "die cuts: ewe, lamb x2, "hello you"". It is read as one line for each thing. If it says how many
 * there are in all, or how many designs, the names must match that.
 */
final readonly class NamedList
{
    private const SIDED = '/\b(?:double|two|2|dual)[\s-]*(?:sided|faced)\b|\breversible\b/iu';

    /** Kinds that are pictures or words. They are often listed with nothing between the kind and the names. */
    public const PICTURED = [Kind::DieCut, Kind::Sticker, Kind::Stamp, Kind::LayeredPicture];

    private const TWO_FACED = [Kind::Paper, Kind::Panel];

    /**
     * @param  list<Token>  $said  of the head
     * @param  string  $tail  what is said behind the names
     * @param  int  $tailAt  where that stands in the line
     * @param  bool  $isParted  a colon, a dash or brackets stand between the head and the names
     */
    private function __construct(
        private string $head,
        private array $said,
        private KindFound $kind,
        private NamedItems $items,
        private string $tail,
        private int $tailAt,
        public bool $isParted,
    ) {
    }

    /** Null if the line is not a list of this form. */
    public static function in(string $line): ?self
    {
        return trim($line) === '' ? null : self::ofWords($line) ?? self::split($line);
    }

    /**
     * The things of a line below a heading that says what they are: "ewe", "sun, moon and cloud", "hello you" in
     * quotation marks.
     */
    public static function below(string $heading, string $line): ?self
    {
        // "Sunny Side (yellow floral/white stripe)": the brackets name the faces.
        $items = NamedItems::in((string) preg_replace('/\(([^()]*\/[^()]*)\)/u', '$1', $line), 0);
        if ($items === null) {
            return null;
        }
        $kind = FindKind::named($heading)?->phrase->kind;
        $isOne = count($items) === 1 && $kind?->isSheets() === true;
        $areMany = count($items) > 1 && $items->areCounted();

        return $isOne || $areMany || in_array($kind, self::PICTURED, true) ? self::of($heading, $items, least: 1) : null;
    }

    /** The line says that a paper has two faces. */
    public static function isTwoFaced(string $text): bool
    {
        return preg_match(self::SIDED, $text) === 1;
    }

    /** '"happy birthday" x2, "with sympathy"': words alone are sentiments. */
    private static function ofWords(string $line): ?self
    {
        $items = NamedItems::in($line, 0);

        return $items?->areQuoted() === true ? self::of('sentiment', $items, least: 1) : null;
    }

    private static function split(string $line): ?self
    {
        foreach (ListParts::ways($line) as $parts) {
            $items = NamedItems::in($parts->names, $parts->at);
            $list = $items === null ? null : self::of($parts->head, $items, $parts->tail, $parts->tailAt, isParted: $parts->isParted);
            if ($list !== null && ($parts->isParted || $list->isList($parts->isLoose))) {
                return $list;
            }
        }

        return null;
    }

    /** Nothing separates the kind from its names: "die cuts ewe, lamb x2, barn" or "gems teal (24), plum (24)". */
    private function isList(bool $isLoose): bool
    {
        $areThings = array_filter($this->items->all, fn (NamedItem $item): bool => ! $item->isQuoted && $this->isThing($item->name));

        return match (true) {
            $areThings === [] => $this->items->areCounted() || ($this->areStock() && count($this->items) > 2)
                || in_array($this->kind->phrase->kind, self::PICTURED, true),
            // After a semicolon comes another thing.
            $isLoose => false,
            default => in_array($this->kind->phrase->kind, self::PICTURED, true),
        };
    }

    /** It names a kind, and not only the stock of the list: "cardstock red, pink, kraft". */
    private function isThing(string $name): bool
    {
        $kind = FindKind::named($name);
        $isStock = $kind?->phrase->kind === $this->kind->phrase->kind && $kind->phrase->kind->isSheets() && $kind->said === $name;

        return $kind !== null && $kind->phrase->tier !== KindPhrase::MAYBE && ! $isStock;
    }

    private static function of(
        string $head,
        NamedItems $items,
        string $tail = '',
        int $tailAt = 0,
        int $least = 2,
        bool $isParted = true,
    ): ?self {
        // Sheets with two faces are papers.
        $isPaper = FindKind::named($head) === null && self::isTwoFaced($head);
        $hasSheets = preg_match('/\bsheets?\b/iu', $head) === 1;
        $head = match (true) {
            ! $isPaper => $head,
            $hasSheets => (string) preg_replace('/\bsheets?\b/iu', 'papers', $head, 1),
            default => "$head papers",
        };
        $kind = FindKind::named($head);
        try {
            return $kind === null || count($items) < $least
                ? null
                : new self($head, Tokens::of($head), $kind, $items, $tail, $tailAt, $isParted);
        } catch (BadLine) {
            return null;
        }
    }

    /**
     * A line for each thing. Null if its names cannot be read that way.
     *
     * @return list<string>|null
     *
     * @throws BadLine at a number that the names do not come to
     */
    public function lines(): ?array
    {
        $said = ListCounts::in($this->head, $this->said, $this->kind);
        $kind = $this->kind->phrase->kind;
        $lengths = array_filter($this->items->all, static fn (NamedItem $item): bool => $item->long !== null);
        if ($kind->isByLength() || $lengths !== []) {
            return $kind->isByLength() ? $this->byLength($said) : null;
        }
        $tail = $this->tail === '' ? null : Tokens::of($this->tail)[0];
        $isEach = $tail !== null && preg_match('/\b(each|ea)\b/iu', $this->tail) === 1;
        $of = $isEach ? $tail : $said->each;
        $each = $of === null ? $this->share($said) : Said::worth($of);
        // "Fish x12 (4 orange, 8 green)", "papers x6: waves, scales …": the number is the total.
        $isOfAll = $of?->kind === TokenKind::Times && in_array(Said::worth($of), [$this->items->sum(), count($this->items)], true);
        [$of, $each] = $isOfAll ? [null, 1] : [$of, $each];
        // Either all have a number or none has: "cardstock: white, textured x3" is one thing.
        $isMixed = $this->items->hasNumbers() && ! $this->items->areCounted() && ! $this->areSingle()
            && ! ($this->areOfEach() && count($this->items) > 2);
        // "1 each red, pink, 2 white": for sheets a number of its own counts instead.
        $isTwice = $of !== null && ($kind->isSheets() ? $this->items->areCounted() : $this->items->hasNumbers());
        if ($each === null || $isMixed || $isTwice || $this->items->isOneWithColours()) {
            return null;
        }
        $all = array_sum(array_map(static fn (NamedItem $item): int => $item->many ?? $each, $this->items->all));
        $said->agree($all, count($this->items));
        if ($tail !== null && ! $isEach && Said::worth($tail) !== $all) {
            throw BadLine::at($this->tailAt, $tail->length, ListCounts::disagree($tail->text, "the names come to $all"));
        }

        return array_map(fn (NamedItem $item): string => $this->lineOf($item, $said->head, $item->many ?? $each), $this->items->all);
    }

    /** @return list<string> what is assumed, if the line does not say it */
    public function guesses(): array
    {
        $said = ListCounts::in($this->head, $this->said, $this->kind);
        $isSaid = $this->tail !== '' || $said->each !== null || $said->all !== null || $this->items->hasNumbers();

        return $isSaid || $this->areSingle() || count($this->items) < 2 ? [] : [Guesses::ONE_EACH];
    }

    /** How many of each, if no "each" is said: the total divided by the names, or one if that is usual. */
    private function share(ListCounts $said): ?int
    {
        $are = count($this->items);
        $all = $said->all === null ? null : Said::worth($said->all);
        $isShared = $all !== null && ! $this->items->hasNumbers() && $all % $are === 0
            && ($this->kind->phrase->kind->isSheets() || $this->areSingle())
            && $are >= NamedItems::FEW && $all <= $are * NamedItems::FEW;
        $isPlain = $all === null && ! $this->items->hasNumbers() && $this->tail === '';

        // "36 enamel dots; red, yellow, blue" come in one bag.
        $isOneBag = $this->kind->phrase->kind === Kind::Embellishment && ! $this->items->hasNumbers() && $all !== $are;

        return match (true) {
            $isOneBag => null,
            $isShared, $all === $are => intdiv($all, $are),
            $isPlain && $are > 1 && ! $this->areSingle() && ! $this->areOfEach() => null,
            default => 1,
        };
    }

    /** "cardstock: white, kraft, black" are three sheets, as with colours. Two words may describe one sheet. */
    private function areOfEach(): bool
    {
        return $this->areStock() || ($this->kind->phrase->kind->isSheets() && count($this->items) > 2);
    }

    /** Whether all names are colours of cardstock. */
    private function areStock(): bool
    {
        return $this->kind->phrase->kind === Kind::Cardstock && $this->items->areColours();
    }

    private function areSingle(): bool
    {
        return $this->kind->phrase->kind === Kind::Tool || in_array($this->kind->phrase->kind, self::PICTURED, true);
    }

    /**
     * "ribbon: 1 yd pink, 1 yd mint"
     *
     * @return list<string>|null null where the length of one is not said
     */
    private function byLength(ListCounts $said): ?array
    {
        $each = preg_match('/^('.Patterns::LENGTH.')\s+(?:each|ea)/iu', $this->tail, $found) === 1 ? $found[1] : null;
        $lines = [];
        foreach ($this->items->all as $item) {
            $long = $item->long ?? $each;
            if ($long === null) {
                return null;
            }
            $lines[] = "$said->head $item->name, $long";
        }

        return $lines;
    }

    /** What the head calls them beside their kind. */
    private function calledBefore(): string
    {
        $words = [];
        foreach ($this->said as $i => $token) {
            $isKind = $i >= $this->kind->from && $i < $this->kind->end();
            $isName = $token->isWord() && ! in_array($token->plain(), LineParser::IDLE, true) && Said::worth($token) === null;
            array_push($words, ...! $isKind && $isName ? [$token->text] : []);
        }

        return implode(' ', $words);
    }

    /** "fox" in quotation marks is a picture. "for fox sake" is a text. */
    public static function isPicture(string $name): bool
    {
        return preg_match('/^\p{L}+$/u', trim($name)) === 1 && Shape::named($name) !== null;
    }

    private function lineOf(NamedItem $item, string $head, int $many): string
    {
        $kind = $this->kind->phrase->kind;
        $words = [Kind::DieCut->value => 'sentiment', Kind::Sticker->value => 'sentiment stickers'][$kind->value] ?? null;
        $isWords = $item->isQuoted && $words !== null && ! self::isPicture($item->name);
        // The texts of a stamp set stand in quotation marks or fit an occasion. The others are pictures.
        if ($kind === Kind::Stamp && ! $item->isQuoted && Words::asTheySay($item->name)->isForAny()) {
            return "picture stamp «$item->name stamp» x$many";
        }
        $isTwoFaced = in_array($kind, self::TWO_FACED, true);
        // "die cut trains (5), die cut trees (10)": a repeated kind is not a name.
        $own = trim((string) preg_replace('/^'.preg_quote($this->kind->said, '/').'\s+/iu', '', $item->name));
        $name = $isTwoFaced ? NamedItem::faces($own, self::isTwoFaced($this->head)) : $own;
        // "robots die cuts: 3 big, 6 small" are big robots.
        $name = $item->describes() && in_array($kind, self::PICTURED, true) ? trim("$name {$this->calledBefore()}") : $name;
        $head = $isWords ? str_replace($this->kind->said, $words, $head) : $head;
        // "enamel dots: 3 red, 3 navy" are red enamel dots.
        $isTrimming = $kind === Kind::Tool || $kind->good()::group() === KindGroup::Trimmings;

        return trim($head).($isTrimming ? " $name" : ($isWords ? " \"$name\"" : " «{$name}»"))." x$many";
    }
}
