<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * The photograph of a face, scaled down and without metadata. It is base64, so that the journal covers it.
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
