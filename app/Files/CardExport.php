<?php

namespace App\Files;

use App\Models\Card;

/** A file of a card. */
interface CardExport extends Export
{
    public function fileName(Card $card): string;

    public function write(Card $card): string;
}
