<?php

namespace App\Journal;

use App\Database\Record;

/**
 * @property int $id
 * @property int|null $kit_id
 * @property string $name
 * @property bool $is_undone
 */
final class Act extends Record
{
    protected $guarded = [];

    protected $casts = ['is_undone' => 'boolean'];
}
