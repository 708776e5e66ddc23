<?php

namespace App\View;

use JsonSerializable;

/** Data for a page that is written as it is. */
final readonly class AsItIs implements JsonSerializable
{
    public function __construct(private mixed $sent)
    {
    }

    public function jsonSerialize(): mixed
    {
        return $this->sent;
    }
}
