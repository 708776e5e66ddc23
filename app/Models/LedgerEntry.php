<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $component_id
 * @property int $delta
 * @property LedgerReason $reason
 * @property string $note
 */
final class LedgerEntry extends Model
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['reason' => LedgerReason::class];
}
