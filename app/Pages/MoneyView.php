<?php

namespace App\Pages;

use KeepShare\Core\Kit\Price;

/** An amount that the interface writes by the reader's locale. */
final class MoneyView
{
    /** @return array{amount: string, currency: string} */
    public static function of(Price $price): array
    {
        return ['amount' => $price->amount(), 'currency' => $price->currency];
    }
}
