<?php

namespace App\Models;

use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Model;

/**
 * The photograph of a face, scaled down and without metadata; base64, so that the journal can keep it too.
 *
 * @property int $id
 * @property int $component_id
 * @property int $face
 * @property string $jpeg
 */
final class Photo extends Model
{
    use Journalled;

    protected $guarded = [];
}
