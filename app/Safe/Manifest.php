<?php

namespace App\Safe;

use JsonException;

/**
 * What a file of the whole table says about itself: format, version, when it was saved, how many records of each kind,
 * and the size and checksum of every file in it. docs/formats/table.md.
 */
final readonly class Manifest
{
    public const NAME = 'table.json';

    public const FORMAT = 'keepshare/table';

    public const VERSION = 1;

    /**
     * @param  string|null  $schema  the last migration of the database it was saved from; null where it is older than that word
     * @param  array<string, int>  $records  how many, by table
     * @param  array<string, array{bytes: int, sha256: string}>  $files  by name
     */
    private function __construct(
        public string $saved,
        public ?string $schema,
        public array $records,
        public array $files,
    ) {
    }

    /**
     * @param  array<string, int>  $records  how many, by table
     * @param  array<string, array{bytes: int, sha256: string}>  $files  by name
     */
    public static function of(string $saved, ?string $schema, array $records, array $files): self
    {
        return new self($saved, $schema, $records, $files);
    }

    /** @throws BadTable */
    public static function read(string $json): self
    {
        try {
            $said = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException $wrong) {
            throw BadTable::at(self::NAME, "it is no JSON ({$wrong->getMessage()}).");
        }
        if (! is_array($said) || ($said['format'] ?? null) !== self::FORMAT) {
            throw BadTable::because('This is no saved table: table.json does not say "format": "keepshare/table".');
        }
        $version = $said['version'] ?? null;
        if ($version !== self::VERSION) {
            $is = is_int($version) ? "of version $version" : 'of a version that cannot be read';
            throw BadTable::because("The table is $is; this Keep Share reads version ".self::VERSION.'.');
        }

        return new self(
            is_string($said['saved'] ?? null) ? $said['saved'] : throw BadTable::at(self::NAME, 'it does not say when it was saved.'),
            is_string($said['schema'] ?? null) ? $said['schema'] : null,
            self::counts($said['records'] ?? null),
            self::listed($said['files'] ?? null),
        );
    }

    public function write(): string
    {
        $says = ['format' => self::FORMAT, 'version' => self::VERSION, 'saved' => $this->saved, 'schema' => $this->schema];

        return json_encode(
            [...$says, 'records' => (object) $this->records, 'files' => (object) $this->files],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    public function all(): int
    {
        return array_sum($this->records);
    }

    /** @return array<string, int> */
    private static function counts(mixed $records): array
    {
        $kinds = RecordKinds::all();
        $counts = [];
        foreach (is_array($records) ? $records : [] as $table => $many) {
            if (! isset($kinds[$table]) || ! is_int($many) || $many < 0) {
                throw BadTable::at(self::NAME, "of \"$table\" it says what cannot be read.");
            }
            $counts[(string) $table] = $many;
        }

        return $counts;
    }

    /** @return array<string, array{bytes: int, sha256: string}> */
    private static function listed(mixed $files): array
    {
        $listed = [];
        foreach (is_array($files) ? $files : [] as $name => $file) {
            $bytes = is_array($file) ? $file['bytes'] ?? null : null;
            $sum = is_array($file) ? $file['sha256'] ?? null : null;
            if (! is_int($bytes) || ! is_string($sum)) {
                throw BadTable::at(self::NAME, "of the file \"$name\" it says no size or no checksum.");
            }
            $listed[(string) $name] = ['bytes' => $bytes, 'sha256' => $sum];
        }

        return $listed;
    }
}
