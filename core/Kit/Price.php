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
     * As people type it: "34.50", "34,50", "1 234,50", "1,234.50". The last sign before one or two digits is the point; where
     * three digits follow a sign it parts thousands.
     *
     * @throws BadKit where it is no amount
     */
    public static function typed(string $amount, string $currency): self
    {
        $plain = (string) preg_replace('/[\s\x{00A0}\x{202F}\'’]+/u', '', trim($amount));
        if (preg_match('/^(\d{1,3}(?:[.,]\d{3})*|\d+)(?:[.,](\d{1,2}))?$/', $plain, $found) !== 1) {
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

    /** How many digits the currency has after the point, by CLDR. */
    private static function digits(string $currency): int
    {
        return (int) (new NumberFormatter('en@currency='.$currency, NumberFormatter::CURRENCY))->getAttribute(
            NumberFormatter::FRACTION_DIGITS,
        );
    }

    /** The price over a number of cards, rounded up so that the cards never seem to cost less than the kit. */
    public function over(int $cards): self
    {
        return new self(intdiv($this->minor + $cards - 1, $cards), $this->currency);
    }
}
