<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;

/**
 * A finding that the maker has waved off on a card, and why.
 *
 * @property int $id
 * @property int $card_id
 * @property string $check
 * @property string $why
 */
final class Waiver extends Model
{
    use Journalled;

    protected $guarded = [];
}
