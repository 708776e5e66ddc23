<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use NumberFormatter;

/** What a kit cost: a whole number of the currency's smallest coin. */
final readonly class Price
{
    private function __construct(public int $minor, public string $currency)
    {
    }

    /** @param  string  $currency three capital letters by ISO 4217 */
    public static function of(int $minor, string $currency): self
    {
        return new self($minor, $currency);
    }

    /** @throws BadKit unless $amount is a plain decimal, such as "34.50", no finer than the currency's smallest coin */
    public static function parse(string $amount, string $currency, string $place = ''): self
    {
        if (preg_match('/^[A-Z]{3}$/', $currency) !== 1) {
            throw BadKit::at($place.'currency', 'expected three capital letters, such as USD.');
        }
        $digits = self::digits($currency);
        if (preg_match('/^(\d{1,9})(?:\.(\d{1,'.max(1, $digits).'}))?$/', $amount, $found) !== 1 || ($digits === 0 && isset($found[2]))) {
            throw BadKit::at($place.'amount', sprintf('"%s" is not a price in %s.', mb_strimwidth($amount, 0, 20, '…'), $currency));
        }

        return new self((int) $found[1] * 10 ** $digits + (int) str_pad($found[2] ?? '', $digits, '0'), $currency);
    }

    /**
     * As people type it: "34.50", "34,50", "1 234,50", "1,234.50". The last sign before one or two digits is the
     * decimal point. A sign before three digits separates thousands. In a currency with three digits, the last such
     * sign is the point, as amount() writes it.
     *
     * @throws BadKit where it is no amount
     */
    public static function typed(string $amount, string $currency): self
    {
        $plain = (string) preg_replace('/[\s\x{00A0}\x{202F}\'’]+/u', '', trim($amount));
        $digits = self::digits($currency) > 2 ? '1,3' : '1,2';
        $isOne = preg_match('/^(\d{1,3}(?:[.,]\d{3})*?|\d+)(?:[.,](\d{'.$digits.'}))?$/', $plain, $found) === 1;
        if (! $isOne) {
            throw BadKit::at('amount', sprintf('"%s" is not a price in %s.', mb_strimwidth($amount, 0, 20, '…'), $currency));
        }
        $whole = str_replace(['.', ','], '', $found[1]);

        return self::parse(isset($found[2]) ? "$whole.$found[2]" : $whole, $currency);
    }

    /** The plain decimal that parse() reads. */
    public function amount(): string
    {
        $digits = self::digits($this->currency);
        $one = 10 ** $digits;

        return intdiv($this->minor, $one).($digits === 0 ? '' : sprintf('.%0'.$digits.'d', $this->minor % $one));
    }

    /** The number of digits after the point in a currency, by CLDR. */
    private static function digits(string $currency): int
    {
        return (int) (new NumberFormatter('en@currency='.$currency, NumberFormatter::CURRENCY))->getAttribute(
            NumberFormatter::FRACTION_DIGITS,
        );
    }

    /** The price divided by a number of cards, to the nearest coin. */
    public function over(int $cards): self
    {
        return new self(self::share($this->minor, 1, $cards), $this->currency);
    }

    /** A share of a whole price, to the nearest coin, with half a coin rounded up. Every share is rounded here. */
    public static function share(int $minor, int $parts, int $whole): int
    {
        return intdiv(2 * $minor * $parts + $whole, 2 * $whole);
    }
}
