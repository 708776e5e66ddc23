<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Price;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/**
 * What the lines above a pasted list say of the kit: "Cloud Pasture, February box, 28.00, about ten cards, A2". What they do not
 * say is as is usual: ten cards, on the front most cards have where lengths are measured so.
 */
final readonly class TitleLine
{
    private const USUAL_CARDS = 10;

    private const MOST_CARDS = 1_000;

    private const LONGEST = 120;

    private const SIGNS = ['$' => 'USD', 'us$' => 'USD', '£' => 'GBP', '€' => 'EUR'];

    private const PRICE = '/^(?<before>(?:us)?[$£€]|[a-z]{3}\b)?\s*(?<amount>\d{1,6}(?:[.,]\d{1,3})?)\s*(?<after>[$£€]|[a-z]{3}\b)?$/iu';

    private function __construct(public string $name, public ?Price $price, public int $cards, public Unit $unit, public Size $front)
    {
    }

    /**
     * @param  string  $currency  of a price that names none
     */
    public static function above(string $list, string $currency): self
    {
        $lines = array_values(array_filter(array_map(trim(...), preg_split('/\R/u', $list) ?: [])));
        $isMetric = preg_match('/\d\s?(?:mm|cm)\b/iu', $list) === 1 && preg_match('/\d\s?(?:"|″|in\b|inch)/iu', $list) !== 1;
        $unit = $isMetric ? Unit::Millimetre : Unit::Inch;
        $title = PackingText::read($lines[0] ?? '', $unit, StandardFront::A2->size())[0] ?? null;
        $parts = $title?->isHeading === true ? preg_split('/\s*[,;|]\s*/u', rtrim($title->text, ': ')) ?: [] : [];
        $name = [];
        $price = $cards = $front = null;
        foreach ($parts as $part) {
            $found = $price === null ? self::price($part, $currency) : null;
            $many = $cards === null ? self::cards($part) : null;
            $size = $front === null ? NamedSize::of($part, Kind::Base) : null;
            if ($found === null && $many === null && $size === null) {
                $name[] = $part;
            }
            [$price, $cards, $front] = [$price ?? $found, $cards ?? $many, $front ?? $size];
        }
        $usual = $isMetric ? StandardFront::A6 : StandardFront::A2;
        $said = mb_substr(implode(', ', $name), 0, self::LONGEST);

        return new self($said === '' ? 'A new kit' : $said, $price, $cards ?? self::USUAL_CARDS, $unit, $front ?? $usual->size());
    }

    private static function price(string $part, string $currency): ?Price
    {
        if (preg_match(self::PRICE, $part, $found) !== 1) {
            return null;
        }
        $sign = mb_strtolower($found['before'] !== '' ? $found['before'] : $found['after'] ?? '');
        // A number alone may be anything; a price has a sign or cents.
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
