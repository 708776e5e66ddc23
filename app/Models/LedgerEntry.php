<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * @property int $id
 * @property int $component_id
 * @property int $delta
 * @property LedgerReason $reason
 * @property string $note
 */
final class LedgerEntry extends Record
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['reason' => LedgerReason::class];
}
