<?php

namespace App\Journal;

use App\Database\Record;

/**
 * @property int $id
 * @property int $act_id
 * @property string $table_name
 * @property int $row_id
 * @property array<string, mixed>|null $before
 * @property array<string, mixed>|null $after
 */
final class Change extends Record
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['before' => 'array', 'after' => 'array'];
}
