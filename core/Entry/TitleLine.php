<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What the lines above a pasted list say of the kit: "Cloud Pasture, February box, 28.00, about ten cards, A2". What
 * they do not say is assumed: ten cards, on the usual front for the unit.
 */
final readonly class TitleLine
{
    private const USUAL_CARDS = 10;

    /** How many lines are searched for what the kit is. */
    private const LINES_ABOVE = 12;

    private const LARGEST_FRONT = 9;

    private const MOST_CARDS = 1_000;

    private const LONGEST = 120;

    private const SIGNS = ['$' => 'USD', 'us$' => 'USD', '£' => 'GBP', '€' => 'EUR'];

    private const PRICE = '/^(?:cost|price)?:?\s*(?<before>(?:us)?[$£€]|[a-z]{3}\b)?\s*(?<amount>\d{1,6}(?:[.,]\d{1,3})?)\s*'
        .'(?<after>[$£€]|[a-z]{3}\b)?$/iu';

    /** A line with the price or the number of cards, whatever else it names. */
    private const OF_KIT = '/\b(?:kit|box|makes|cost|price|cards)\b|\b(?:usd|gbp|eur)\b|[$£€]\s?\d/iu';

    private const WORDS_ABOVE = '/^(?:(?:kit contents|kit(?=\s*:)|packing list|contents|inventory|what.?s (?:inside|in (?:it|the box))'
        .'|in the box|inside)\b(?:\s+(?:of|for))?(?:\s+the)?|(?:cost|price)\b|hello\b.*|hi\b.*|(?:item|qty|quantity)\b.*'
        .'|here(?:.?s| is| are)\b.*|from the maker)\s*:?\s*/iu';

    private function __construct(public string $name, public ?Price $price, public int $cards, public Unit $unit, public Size $front)
    {
    }

    /**
     * @param  string  $currency  of a price that names none
     */
    public static function above(string $list, string $currency): self
    {
        // Sheets of 6 x 6 are inches, even if the ribbon is in millimetres.
        $hasInches = preg_match('/\d\s?(?:"|″|in\b|inch|lbs?\b|#)|(?<![\d.])(?:\d|1[0-2])(?:\.\d+)?\s?[x×]\s?(?:\d|1[0-2])(?:\.\d+)?'
            .'(?![\d.]|\s?[cm]m|\s?[x×])|\bA2\b/iu', $list) === 1;
        $isMetric = ! $hasInches && preg_match('/\d\s?(?:mm|cm)\b|\bA[46]\b/u', $list) === 1;
        $unit = $isMetric ? Unit::Millimetre : Unit::Inch;
        $usual = $isMetric ? StandardFront::A6 : StandardFront::A2;
        $name = [];
        $price = $cards = $front = null;
        foreach (self::parts($list, $unit, $usual->size()) as $part) {
            $found = $price === null ? self::price($part, $currency) : null;
            $many = $cards === null ? self::cards($part) : null;
            $size = $front === null ? self::front($part, $unit) : null;
            if ($found === null && $many === null && $size === null && $part !== '') {
                $name[] = $part;
            }
            [$price, $cards, $front] = [$price ?? $found, $cards ?? $many, $front ?? $size];
        }
        $said = mb_substr(implode(', ', array_slice($name, 0, 2)), 0, self::LONGEST);

        return new self($said === '' ? 'A new kit' : $said, $price, $cards ?? self::USUAL_CARDS, $unit, $front ?? $usual->size());
    }

    /**
     * The same with one thing that the maker has said instead.
     *
     * @param  string  $what  name, cards, front or price
     *
     * @throws BadKit where it is no price or no number of cards
     * @throws BadMeasure where it is no size
     */
    public function with(string $what, string $said, string $currency): self
    {
        $price = $what === 'price' ? self::price($said, $currency) ?? Price::typed($said, $currency) : $this->price;
        $cards = $what === 'cards' ? (int) $said : $this->cards;
        $front = $what === 'front' ? NamedSize::of($said, Kind::Base) ?? Size::said($said, $this->unit) : $this->front;

        return new self($what === 'name' ? $said : $this->name, $price, $cards, $this->unit, $front);
    }

    /** @return list<string> what stands above the list, each by itself */
    private static function parts(string $list, Unit $unit, Size $front): array
    {
        $parts = [];
        $top = implode("\n", array_slice(preg_split('/\R/u', $list) ?: [], 0, self::LINES_ABOVE));
        foreach (PackingText::read($top, $unit, $front) as $line) {
            $isNamed = FindKind::named(PlainLine::of($line->text)) === null || preg_match(self::OF_KIT, $line->text) === 1;
            if (! $line->isHeading || ! $isNamed) {
                break;
            }
            $plain = (string) preg_replace([self::WORDS_ABOVE, '/[\p{So}\x{FE0F}]+/u'], '', $line->text);
            // "My kit US$27": a price stands by itself.
            $plain = (string) preg_replace('/(?:us)?[$£€]\s?\d+(?:[.,]\d{2})?/iu', ', $0, ', $plain);
            $between = '/\s*(?:[;|()]|\s\/\s|:\s|(?<!\d),|,(?!\d{2}\b))\s*|\s+[-–—]\s+/u';
            foreach (preg_split($between, rtrim($plain, ': !'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
                $parts[] = (string) preg_replace('/^[\s:–—-]+|[\s:–—-]+$/u', '', $part);
            }
        }

        return $parts;
    }

    private static function front(string $part, Unit $unit): ?Size
    {
        try {
            foreach (Tokens::of(PlainLine::of($part)) as $token) {
                $size = match (true) {
                    $token->kind === TokenKind::Size => Size::parse($token->text, $token->more, $unit),
                    $token->isWord() => NamedSize::of($token->text, Kind::Base),
                    default => null,
                };
                if ($size !== null && ! $size->longer()->isLongerThan(Length::inches(self::LARGEST_FRONT))) {
                    return $size;
                }
            }
        } catch (BadLine|BadMeasure) {
            return null;
        }

        return null;
    }

    private static function price(string $part, string $currency): ?Price
    {
        if (preg_match(self::PRICE, $part, $found) !== 1) {
            return null;
        }
        $sign = mb_strtolower($found['before'] !== '' ? $found['before'] : $found['after'] ?? '');
        // A number alone may be anything. A price has a sign or cents.
        if ($sign === '' && preg_match('/[.,]\d{2}$/', $found['amount']) !== 1) {
            return null;
        }
        try {
            return Price::typed($found['amount'], $sign === '' ? $currency : self::SIGNS[$sign] ?? mb_strtoupper($sign));
        } catch (BadKit) {
            return null;
        }
    }

    /** "ten cards", "about 12 handmade cards" */
    private static function cards(string $part): ?int
    {
        try {
            $tokens = Tokens::of($part);
        } catch (BadLine) {
            return null;
        }
        foreach ($tokens as $i => $token) {
            $next = array_slice($tokens, $i + 1, 2);
            $areCards = array_filter($next, static fn (Token $one): bool => $one->isWord() && $one->plain() === 'card') !== [];
            $many = $areCards ? Said::worth($token) : null;
            if ($many !== null && $many > 0 && $many <= self::MOST_CARDS) {
                return $many;
            }
        }

        return null;
    }
}
