<?php

namespace App\Shelf\Arrivals;

use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Fold\StandardFront;

/** What a new kit is by its list, with fields that change it. */
final readonly class About
{
    private function __construct(public string $name, public string $cards, public string $front, public string $price)
    {
    }

    public static function of(TitleLine $title): self
    {
        $price = $title->price;

        return new self(
            $title->name,
            (string) $title->cards,
            StandardFront::nameOf($title->front, $title->unit),
            $price === null ? '' : "{$price->amount()} $price->currency",
        );
    }
}
