<?php

namespace App\Designs;

use Closure;
use KeepShare\Core\Refusal;

/** What is wrong in what was typed, by its field: one field that cannot be read does not keep the others from being worked out. */
final class Refused
{
    /** @var array<string, string> */
    public array $byField = [];

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T|null null where it is refused
     */
    public function unlessRead(string $field, Closure $read): mixed
    {
        try {
            return $read();
        } catch (Refusal $wrong) {
            $this->byField[$field] = $wrong->getMessage();

            return null;
        }
    }
}
