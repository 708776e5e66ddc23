<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * The photograph of a face, scaled down and without metadata; base64, so that the journal can keep it too.
 *
 * @property int $id
 * @property int $component_id
 * @property int $face
 * @property string $jpeg
 */
final class Photo extends Record
{
    use Journalled;

    protected $guarded = [];
}
