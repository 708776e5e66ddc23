<?php

namespace App\Database;

use BackedEnum;
use Illuminate\Database\Eloquent\Casts\Json;
use Illuminate\Database\Eloquent\Model;

/**
 * A record of the table.
 *
 * A kit may have thousands of sheets, each a record. What the framework works out for each one is worked out once for
 * each kind here. No one listens to reads of records, so no events are sent.
 */
abstract class Record extends Model
{
    private const PLAIN = '';

    private const BOOLEAN = 'boolean';

    private const LIST = 'array';

    private const OTHER = 'other';

    /** @var array<class-string, array<string, self::*|class-string<BackedEnum>>> what is made of each field when it is read */
    private static array $means = [];

    /** @var array<class-string, static> a record of each kind with nothing in it */
    private static array $blanks = [];

    /** @var array<class-string, array<string, string>> what each kind of record casts, which is asked whenever a field is read */
    private static array $castsOf = [];

    /** @return array<string, string> */
    final public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** Loaded relations, plain fields, booleans, lists and enumerations are read directly. */
    final public function getAttribute($key): mixed
    {
        if (array_key_exists($key, $this->relations)) {
            return $this->relations[$key];
        }
        if (! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        $value = $this->attributes[$key];
        $means = self::$means[static::class][$key] ??= $this->means($key);

        return match (true) {
            $means === self::OTHER => parent::getAttribute($key),
            $means === self::PLAIN, $value === null => $value,
            $means === self::BOOLEAN => (bool) $value,
            $means === self::LIST => Json::decode($value),
            default => $means::from($value),
        };
    }

    final public function __get($key): mixed
    {
        return $this->getAttribute($key);
    }

    /** @return self::*|class-string<BackedEnum> */
    private function means(string $key): string
    {
        $cast = $this->getCasts()[$key] ?? (str_ends_with($key, '_at') ? self::OTHER : self::PLAIN);

        return match (true) {
            in_array($cast, [self::PLAIN, self::BOOLEAN, self::LIST], true), is_subclass_of($cast, BackedEnum::class) => $cast,
            default => self::OTHER,
        };
    }

    /** @return static */
    final public function newFromBuilder($attributes = [], $connection = null)
    {
        $record = clone (self::$blanks[static::class] ??= $this->newInstance([], true));
        $record->setRawAttributes((array) $attributes, true);

        return $record->setConnection($connection ?? $this->getConnectionName());
    }
}
