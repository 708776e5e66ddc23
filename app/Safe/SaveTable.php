<?php

namespace App\Safe;

use App\Files\Scratch;
use Closure;
use Generator;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/**
 * Writes everything on the table as one file: a zip of JSON and pictures, docs/formats/table.md.
 *
 * It is read as it is at one moment, without stopping others from writing. The file is complete or not there at all.
 */
final class SaveTable
{
    private const EACH_FILE = 2_000;

    private const FLAGS = JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    /** @var array<string, int> */
    private array $records = [];

    /** @var array<string, array{bytes: int, sha256: string}> */
    private array $files = [];

    private function __construct(private readonly string $folder, private readonly ZipArchive $zip, private readonly Progress $progress)
    {
    }

    /**
     * @throws Stopped
     * @throws RuntimeException where the file cannot be written
     */
    public static function to(string $path, ?Progress $progress = null): Manifest
    {
        $unfinished = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $progress ??= Progress::toNobody();
        try {
            $manifest = Scratch::in(static fn (string $folder): Manifest => self::whole($folder, $unfinished, $progress));
            TableFile::open($unfinished)->verify();
            if (! @rename($unfinished, $path)) {
                throw new RuntimeException("The file $path cannot be written.");
            }
        } finally {
            @unlink($unfinished);
        }

        return $manifest;
    }

    private static function whole(string $folder, string $path, Progress $progress): Manifest
    {
        $zip = new ZipArchive;
        if (@$zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException("The file $path cannot be written.");
        }
        $saving = new self($folder, $zip, $progress);
        $manifest = self::atOneMoment($saving->all(...));
        $zip->addFromString(Manifest::NAME, $manifest->write());
        if (! @$zip->close()) {
            throw new RuntimeException("The file $path cannot be written: {$zip->getStatusString()}.");
        }

        return $manifest;
    }

    /**
     * What others write meanwhile is not seen.
     *
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    private static function atOneMoment(Closure $read): mixed
    {
        if (DB::transactionLevel() > 0) {
            return $read();
        }
        $pdo = DB::connection()->getPdo();
        $pdo->exec('BEGIN DEFERRED TRANSACTION');
        try {
            return $read();
        } finally {
            $pdo->exec('COMMIT');
        }
    }

    private function all(): Manifest
    {
        $kinds = RecordKinds::here();
        foreach ($kinds as $table => $kind) {
            $this->records[$table] = DB::table($table)->count();
        }
        $this->progress->begins(array_sum($this->records));
        foreach ($kinds as $kind) {
            $this->records($kind);
        }

        $schema = DB::table('migrations')->max('migration');

        return Manifest::of(now()->toIso8601ZuluString(), is_string($schema) ? $schema : null, $this->records, $this->files);
    }

    private function records(RecordKind $kind): void
    {
        $columns = $kind->columns();
        $n = 0;
        foreach ($this->chunks($kind) as $rows) {
            $records = [];
            foreach ($rows as $row) {
                $records[] = $this->record($kind, $columns, (array) $row);
            }
            $this->add("records/$kind->table-".++$n.'.json', json_encode($records, self::FLAGS));
            $this->progress->more(count($records));
        }
    }

    /** @return Generator<list<object>> */
    private function chunks(RecordKind $kind): Generator
    {
        $after = 0;
        $many = $kind->picture === null ? self::EACH_FILE : 50;
        do {
            $rows = DB::table($kind->table)->where('id', '>', $after)->orderBy('id')->limit($many)->get()->all();
            if ($rows !== []) {
                yield array_values($rows);
                $after = $rows[count($rows) - 1]->id;
            }
        } while (count($rows) === $many);
    }

    /**
     * @param  array<string, Column>  $columns
     * @param  array<mixed>  $row
     * @return array<string, mixed>
     */
    private function record(RecordKind $kind, array $columns, array $row): array
    {
        $record = [];
        foreach ($columns as $name => $column) {
            $record[$name] = $column->said($row[$name]);
        }
        $picture = $record[$kind->picture ?? ''] ?? null;
        if ($kind->picture !== null && is_string($picture)) {
            $name = "pictures/$kind->table-{$record['id']}.jpg";
            $this->add($name, (string) base64_decode($picture, true));
            $record[$kind->picture] = $name;
        }

        return $record;
    }

    private function add(string $name, string $contents): void
    {
        $kept = $this->folder.'/'.str_replace('/', '-', $name);
        if (@file_put_contents($kept, $contents) === false) {
            throw new RuntimeException('There is no room to write the table down.');
        }
        $this->zip->addFile($kept, $name);
        $this->files[$name] = ['bytes' => strlen($contents), 'sha256' => hash('sha256', $contents)];
    }
}
