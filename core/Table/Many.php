<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

/** How many pieces a card should have, with the words and without gems and dots. */
enum Many: string
{
    case Few = 'few';
    case Some = 'some';
    case Lots = 'many';

    public function least(): int
    {
        return match ($this) {
            self::Few => 1,
            self::Some => 3,
            self::Lots => 5,
        };
    }

    public function most(): int
    {
        return match ($this) {
            self::Few => 2,
            self::Some => 5,
            self::Lots => 9,
        };
    }

    /** Gems and dots, an odd number of them. */
    public function trimmings(): int
    {
        return $this === self::Lots ? 5 : 3;
    }

    /** The text that the maker sees. */
    public function says(): string
    {
        return match ($this) {
            self::Few => 'few pieces: the picture and the words',
            self::Some => 'some: three to five',
            self::Lots => 'many: five to nine',
        };
    }
}
