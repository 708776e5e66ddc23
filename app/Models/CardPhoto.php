<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * The photograph of a card that is made, scaled down and without metadata; base64, so that the journal can keep it too.
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
