<?php

namespace App\Journal;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int|null $kit_id
 * @property string $name
 * @property bool $is_undone
 */
final class Act extends Model
{
    protected $guarded = [];

    protected $casts = ['is_undone' => 'boolean'];
}
