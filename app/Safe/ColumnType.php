<?php

namespace App\Safe;

enum ColumnType
{
    case Whole;
    case Boolean;
    case Text;
    case Json;

    /** @return list<string> */
    public function inSchema(): array
    {
        return match ($this) {
            self::Whole => ['integer'],
            self::Boolean => ['boolean'],
            self::Text => ['string'],
            self::Json => ['object', 'array'],
        };
    }
}
