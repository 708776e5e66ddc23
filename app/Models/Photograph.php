<?php

namespace App\Models;

use App\Database\Record;
use App\Journal\Journalled;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Photographs from which goods are read: a table of pieces, or a pad of papers sheet by sheet. The files and what was
 * found are stored beside the database. The maker's corrections are stored here, act by act, until the goods are saved.
 *
 * @phpstan-type PhotographEdit array{do: string, on?: int, by?: int, text?: string, with?: array<mixed>}
 *
 * @property int $id
 * @property int $kit_id
 * @property string $folder where its files are, by a name no other table has
 * @property PhotographKind $what
 * @property int $files how many there are
 * @property array<string, mixed> $asked what it is measured by, or the size of the sheets
 * @property list<PhotographEdit> $edits
 * @property SolveState $state
 * @property int $done of a hundred
 * @property string $says
 * @property string|null $worker
 * @property bool $is_kept
 * @property Carbon|null $created_at
 * @property Kit $kit
 */
final class Photograph extends Record implements OfKit
{
    use InBackground;
    use Journalled;

    public const MOST_BYTES = 20_000_000;

    public const MOST_FILES = 60;

    protected $guarded = [];

    protected $casts = [
        'what' => PhotographKind::class,
        'asked' => 'array',
        'edits' => 'array',
        'state' => SolveState::class,
        'is_kept' => 'boolean',
    ];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    public function isOf(Kit $kit): bool
    {
        return $this->kit_id === $kit->id;
    }

    public static function place(string $folder): string
    {
        return storage_path("app/photographs/$folder");
    }

    /** @param  int  $n  from 0 */
    public function file(int $n): string
    {
        return self::place($this->folder)."/$n.jpg";
    }

    /** Scaled down for viewing. */
    public function smallFile(int $n): string
    {
        return self::place($this->folder)."/$n-small.jpg";
    }

    /**
     * A face straightened by its corners. Other corners make another file.
     *
     * @param  array<mixed>  $corners
     */
    public function faceFile(int $n, array $corners): string
    {
        return self::place($this->folder)."/$n-".hash('crc32b', (string) json_encode($corners)).'.jpg';
    }

    public function foundFile(): string
    {
        return self::place($this->folder).'/found.json';
    }

    /** What was found on them. Null while the search runs, and if the files are gone. */
    public function found(): mixed
    {
        return is_file($this->foundFile()) ? json_decode((string) file_get_contents($this->foundFile()), true) : null;
    }
}
