<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * The photograph of a finished card, scaled down and without metadata. It is base64, so that the journal covers it.
 *
 * @property int $id
 * @property int $card_id
 * @property string $jpeg
 */
final class CardPhoto extends Record
{
    use Journalled;

    protected $guarded = [];
}
