<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * Papers, cardstock and metals that go together, under a name.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property list<string> $surfaces keys of surfaces: component/face
 */
final class Palette extends Record implements OfKit
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['surfaces' => 'array'];

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }
}
