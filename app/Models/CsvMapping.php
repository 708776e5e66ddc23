<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which column is which under a header that is not ours.
 *
 * @property string $header_hash
 * @property array<string, int> $columns
 */
final class CsvMapping extends Model
{
    protected $guarded = [];

    protected $casts = ['columns' => 'array'];
}
