<?php

namespace App\Designs;

use Closure;
use KeepShare\Core\Refusal;

/** The faults of typed fields. One unreadable field does not stop the others from being computed. */
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
