<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use KeepShare\Core\Giving\Post;
use KeepShare\Core\Measure\Length;

/**
 * How thick something may be for a post size. The maker types it as the post says it.
 *
 * @property int $id
 * @property string $name "a thick letter"
 * @property int $thickness
 * @property bool $is_example it ships, so that there is something to change
 */
final class PostLimit extends Record
{
    use Journalled;

    protected $guarded = [];

    protected $casts = ['is_example' => 'boolean'];

    /** What the post takes, as the maker has typed it. */
    public static function post(): Post
    {
        $limits = self::query()->get()->map(static fn (self $one): array => [$one->name, Length::ofUnits($one->thickness)])->all();

        return Post::taking(array_values($limits));
    }
}
