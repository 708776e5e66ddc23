<?php

namespace App\Database;

use Illuminate\Database\Eloquent\Model;

/**
 * A record of the table.
 *
 * A kit may have thousands of sheets, each a record: what the framework works out for each anew is worked out once for each
 * kind. Nobody listens for a record being read, so nobody is told.
 */
abstract class Record extends Model
{
    /** @var array<class-string, static> a record of each kind with nothing in it */
    private static array $blanks = [];

    /** @var array<class-string, array<string, string>> what each kind of record casts, which is asked whenever a field is read */
    private static array $castsOf = [];

    /** @return array<string, string> */
    final public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** A field that is kept as it is read, or a relation that is loaded, needs nothing worked out; that of a time does. */
    final public function getAttribute($key): mixed
    {
        if (array_key_exists($key, $this->relations)) {
            return $this->relations[$key];
        }
        $isPlain = ! isset($this->getCasts()[$key]) && ! str_ends_with($key, '_at');

        return $isPlain && array_key_exists($key, $this->attributes) ? $this->attributes[$key] : parent::getAttribute($key);
    }

    /** @return static */
    final public function newFromBuilder($attributes = [], $connection = null)
    {
        $record = clone (self::$blanks[static::class] ??= $this->newInstance([], true));
        $record->setRawAttributes((array) $attributes, true);

        return $record->setConnection($connection ?? $this->getConnectionName());
    }
}
