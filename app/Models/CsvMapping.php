<?php

namespace App\Models;

use App\Database\Record;

/**
 * Which column is which in a table with an unknown header.
 *
 * @property string $header_hash
 * @property array<string, int> $columns
 */
final class CsvMapping extends Record
{
    protected $guarded = [];

    protected $casts = ['columns' => 'array'];
}
