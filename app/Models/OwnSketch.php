<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchReader;

/**
 * A sketch the maker has written. Changes are in the journal of the kit where it was written, and every kit may use it.
 *
 * Cards store a copy, so a sketch may be changed or deleted at any time.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property array<string, mixed> $definition as SketchWriter writes it
 */
final class OwnSketch extends Record implements OfKit
{
    use Journalled;

    protected $table = 'sketches';

    protected $guarded = [];

    protected $casts = ['definition' => 'array'];

    public function toCore(): Sketch
    {
        // Stored measures have their units, so the one given here is never used.
        return SketchReader::read($this->definition, Unit::Inch)->named("own-$this->id", $this->name);
    }

    /** @return array<string, Sketch> those that ship and the maker's own, by key */
    public static function shelf(): array
    {
        $all = Sketches::all();
        foreach (self::query()->orderBy('id')->get() as $own) {
            $all["own-$own->id"] = $own->toCore();
        }

        return $all;
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
