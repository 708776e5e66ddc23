<?php

declare(strict_types=1);

namespace KeepShare\Core\Json;

use KeepShare\Core\Refusal;

/** A text that is not JSON, with the line and the column of the first fault. */
final class BadJson extends Refusal
{
    public static function at(int $line, int $column, string $expected): self
    {
        return new self("This is not a JSON file: in line $line, column $column, expected $expected.");
    }

    public static function tooDeep(int $deepest): self
    {
        return new self("This is not such a file: more than $deepest brackets lie in one another.");
    }
}
