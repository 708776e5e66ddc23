<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * An occasion in the maker's list: an added one, or one that ships, with its name here.
 *
 * @property int $id
 * @property string $key
 * @property string $name
 * @property int $share
 * @property bool $is_usual
 * @property int $position
 */
final class OwnOccasion extends Record
{
    use Journalled;

    protected $table = 'occasions';

    protected $guarded = [];

    protected $casts = ['is_usual' => 'boolean'];

    /** @return array{key: string, name: string, share: int, usual: bool} as the core has it */
    public function fields(): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'share' => $this->share, 'usual' => $this->is_usual];
    }
}
