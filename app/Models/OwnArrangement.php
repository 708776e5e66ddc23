<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementReader;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Measure\Unit;

/**
 * An arrangement the maker has written. Changes are in the journal of the kit where it was written. Every kit may use
 * it, and cards store a copy.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property array<string, mixed> $definition as ArrangementWriter writes it
 */
final class OwnArrangement extends Record implements OfKit
{
    use Journalled;

    protected $table = 'arrangements';

    protected $guarded = [];

    protected $casts = ['definition' => 'array'];

    public function toCore(): Arrangement
    {
        // Stored measures have their units, so the one given here is never used.
        return ArrangementReader::read($this->definition, Unit::Inch)->named("own-$this->id", $this->name);
    }

    /** @return array<string, Arrangement> the maker's own and those that ship, by key */
    public static function shelf(): array
    {
        $own = [];
        foreach (self::query()->orderBy('id')->get() as $one) {
            $own["own-$one->id"] = $one->toCore();
        }

        return [...$own, ...Arrangements::all()];
    }

    public static function findByKey(string $key): ?self
    {
        return str_starts_with($key, 'own-') ? self::query()->find((int) substr($key, 4)) : null;
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
