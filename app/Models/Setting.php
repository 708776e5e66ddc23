<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;

/**
 * What the maker has said once for all kits.
 *
 * @property int $id
 * @property string $name
 * @property string $value
 */
final class Setting extends Record
{
    use Journalled;

    public const POST_DAYS = 'post-days';

    /** The paper in the printer. */
    public const PAPER = 'paper';

    /** Whether the table still holds the samples of the demo. */
    public const SAMPLES = 'samples';

    private const USUAL_POST_DAYS = 4;

    protected $guarded = [];

    /** How many days before the day a card must be sent. */
    public static function postDays(): int
    {
        $value = self::named(self::POST_DAYS);

        return is_numeric($value) ? (int) $value : self::USUAL_POST_DAYS;
    }

    public static function named(string $name): ?string
    {
        $value = self::query()->where('name', $name)->value('value');

        return is_string($value) ? $value : null;
    }

    public static function areSamples(): bool
    {
        return self::named(self::SAMPLES) === '1';
    }

    public static function put(string $name, string $value): void
    {
        self::query()->updateOrCreate(['name' => $name], ['value' => $value]);
    }
}
