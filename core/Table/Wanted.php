<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

/** How willingly a component is used. */
enum Wanted: string
{
    case UseUp = 'use up';
    case AsItComes = 'as it comes';
    case Save = 'save';
    case Never = 'never';

    /** What using it is worth, beside how well it matches the rest. */
    public function worth(): int
    {
        return match ($this) {
            self::UseUp => 30,
            self::AsItComes => 0,
            self::Save, self::Never => -40,
        };
    }
}
