<?php

namespace App\View;

use KeepShare\Core\Kit\Price;

/**
 * An amount that the interface writes in the reader's locale.
 *
 * @phpstan-type Money array{amount: string, currency: string}
 */
final class MoneyView
{
    /** @return ($price is null ? null : Money) */
    public static function of(?Price $price): ?array
    {
        return $price === null ? null : ['amount' => $price->amount(), 'currency' => $price->currency];
    }
}
