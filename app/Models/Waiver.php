<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * A finding that the maker ignores on a card, with the reason.
 *
 * @property int $id
 * @property int $card_id
 * @property string $check
 * @property string $why
 */
final class Waiver extends Record
{
    use Journalled;

    protected $guarded = [];
}
