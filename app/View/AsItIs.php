<?php

namespace App\View;

use JsonSerializable;

/** What a page is sent, to be written as it is. */
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
