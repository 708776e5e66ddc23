<?php

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\SerializesCastableAttributes;
use Illuminate\Database\Eloquent\Model;
use KeepShare\Core\Kit\Occasion;

/**
 * An occasion in a column of text, by its key.
 *
 * @implements CastsAttributes<Occasion, Occasion|string>
 */
final class AsOccasion implements CastsAttributes, SerializesCastableAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Occasion
    {
        return Occasion::of(is_string($value) ? $value : '');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Occasion ? $value->value : (string) $value;
    }

    /** @param  array<string, mixed>  $attributes */
    public function serialize(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $this->set($model, $key, $value, $attributes);
    }
}
