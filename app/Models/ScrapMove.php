<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * What came into the scrap box of the stash and what went out.
 *
 * @property int $id
 * @property int $component_id
 * @property string $what one of the constants
 * @property int $area in square millimetres
 */
final class ScrapMove extends Record
{
    use Journalled;

    public const IN = 'in';

    public const USED = 'used';

    public const THROWN = 'thrown away';

    protected $guarded = [];

    public static function record(Sheet $sheet, string $what): void
    {
        self::query()->create(['component_id' => $sheet->component_id, 'what' => $what, 'area' => $sheet->size()->area()]);
    }
}
