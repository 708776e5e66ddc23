<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * A finding that the maker has waved off on a card, and why.
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
