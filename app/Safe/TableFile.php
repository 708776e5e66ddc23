<?php

namespace App\Safe;

use Generator;
use JsonException;
use ZipArchive;

/**
 * A file of the whole table, opened for reading. Names, sizes and versions are checked before anything is unpacked, and
 * every file against its checksum.
 */
final readonly class TableFile
{
    /** The most bytes of everything, unpacked. */
    private const MOST_BYTES = 2_000_000_000;

    private const MOST_FILES = 200_000;

    /** The most bytes of one file of records, and of one picture. */
    private const MOST_OF_ONE = 64_000_000;

    private const NAMES = '#^(records/[a-z_]+-\d{1,6}\.json|pictures/[a-z_]+-\d{1,12}\.jpg)$#D';

    private function __construct(private ZipArchive $zip, public Manifest $manifest)
    {
    }

    /** @throws BadTable */
    public static function open(string $path): self
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw BadTable::because('The file is not a complete zip file.');
        }
        $sizes = self::sizes($zip);
        $said = $zip->getFromName(Manifest::NAME, self::MOST_OF_ONE);
        if ($said === false) {
            throw BadTable::because('This is no saved table: there is no table.json in it.');
        }
        $manifest = Manifest::read($said);
        self::compare($sizes, $manifest);

        return new self($zip, $manifest);
    }

    /**
     * @return Generator<string, list<mixed>> the records of a kind, file by file, by its name
     *
     * @throws BadTable
     */
    public function records(string $table): Generator
    {
        for ($n = 1; isset($this->manifest->files["records/$table-$n.json"]); $n++) {
            $name = "records/$table-$n.json";
            try {
                $records = Json::read($this->contents($name));
            } catch (JsonException $wrong) {
                throw BadTable::at($name, "it is no JSON ({$wrong->getMessage()}).");
            }
            if (! is_array($records) || ! array_is_list($records)) {
                throw BadTable::at($name, 'expected a list of records.');
            }
            yield $name => $records;
        }
    }

    /** @throws BadTable */
    public function contents(string $name): string
    {
        $is = $this->manifest->files[$name] ?? throw BadTable::at($name, 'there is no such file in the table.');
        $contents = $this->zip->getFromName($name);
        if ($contents === false || strlen($contents) !== $is['bytes'] || ! hash_equals($is['sha256'], hash('sha256', $contents))) {
            throw BadTable::at($name, 'its checksum is not what table.json says: the file is damaged.');
        }

        return $contents;
    }

    /** @throws BadTable at the first file in it that is not as it was written */
    public function verify(): void
    {
        foreach (array_keys($this->manifest->files) as $name) {
            $this->contents($name);
        }
    }

    /** @return array<string, int> unpacked, by name */
    private static function sizes(ZipArchive $zip): array
    {
        if ($zip->numFiles > self::MOST_FILES) {
            throw BadTable::because('It holds too many files for a saved table.');
        }
        $sizes = [];
        $all = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i) ?: throw BadTable::because('The zip file is damaged.');
            $name = (string) $entry['name'];
            if ($name !== Manifest::NAME && preg_match(self::NAMES, $name) !== 1) {
                throw BadTable::because('It holds a file that does not belong in a saved table: "'.mb_substr(mb_scrub($name), 0, 80).'".');
            }
            if (isset($sizes[$name])) {
                throw BadTable::at($name, 'it is in the zip twice.');
            }
            $sizes[$name] = (int) $entry['size'];
            $all += $sizes[$name];
            if ($sizes[$name] > self::MOST_OF_ONE || $all > self::MOST_BYTES) {
                throw BadTable::at($name, 'it would unpack to more than any table has.');
            }
        }

        return $sizes;
    }

    /** @param  array<string, int>  $sizes */
    private static function compare(array $sizes, Manifest $manifest): void
    {
        unset($sizes[Manifest::NAME]);
        $missing = array_key_first(array_diff_key($manifest->files, $sizes));
        $beside = array_key_first(array_diff_key($sizes, $manifest->files));
        if ($missing !== null || $beside !== null) {
            throw BadTable::at((string) ($missing ?? $beside), $missing === null ? 'table.json does not know of it.' : 'it is missing.');
        }
        foreach ($manifest->files as $name => $file) {
            if ($sizes[$name] !== $file['bytes']) {
                throw BadTable::at($name, 'it is not as large as table.json says.');
            }
        }
    }
}
