<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;

/**
 * The photograph of a card that is made, scaled down and without metadata; base64, so that the journal can keep it too.
 *
 * @property int $id
 * @property int $card_id
 * @property string $jpeg
 */
final class CardPhoto extends Model
{
    use Journalled;

    protected $guarded = [];
}
