<?php

namespace App\Shelf;

use KeepShare\Core\Entry\CsvList;
use KeepShare\Core\Kit\BadKit;

/** The cells of a CSV file, with any encoding and any separator. */
final readonly class Csv
{
    /**
     * @param  list<string>  $header
     * @param  list<list<string>>  $rows
     */
    private function __construct(public array $header, public array $rows)
    {
    }

    /** @throws BadKit when it is no table or has too many lines */
    public static function parse(string $bytes): self
    {
        $text = self::text($bytes);
        $first = strtok($text, "\r\n");
        if ($first === false || trim($first) === '') {
            throw BadKit::at('', 'The file is empty.');
        }
        if (substr_count($text, "\n") > CsvList::MOST_LINES + 10) {
            throw BadKit::at(
                '',
                sprintf(
                    'The file has more than %s lines. A packing list has one for each component.',
                    number_format(CsvList::MOST_LINES, 0, '.', ' '),
                ),
            );
        }
        $counts = array_map(static fn (string $mark): int => substr_count($first, $mark), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);
        $stream = fopen('php://memory', 'r+') ?: throw BadKit::at('', 'The file cannot be read.');
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (($cells = fgetcsv($stream, null, (string) array_key_first($counts), '"', '')) !== false) {
            if ($cells !== [null]) {
                $rows[] = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            }
        }
        fclose($stream);
        $header = array_shift($rows) ?? [];

        return count($header) < 2
            ? throw BadKit::at('', 'This is not a table: its first line has one cell only.')
            : new self($header, $rows);
    }

    /** A table of things and their numbers, turned into lines of a packing list. Anything else stays as it is. */
    public static function asList(string $text): string
    {
        try {
            $csv = self::parse($text);
        } catch (BadKit) {
            return $text;
        }
        $many = $csv->called('qty|quantity|count|how many|number|amount|pcs|pieces');
        $thing = $csv->called('item|items|what|thing|description|contents|name|product');
        if ($many === null || $thing === null || array_key_exists('kind', $csv->known())) {
            return $text;
        }
        $lines = array_map(static function (array $row) use ($many, $thing): string {
            $others = array_diff_key($row, [$many => true, $thing => true]);
            $count = trim($row[$many] ?? '');

            $is = implode(', ', array_filter([$row[$thing] ?? '', ...$others]));

            return preg_match('/^\d+$/', $count) === 1 ? "$is x$count" : trim("$is $count");
        }, $csv->rows);

        return implode("\n", $lines);
    }

    /** The position of a column with one of these names. */
    private function called(string $words): ?int
    {
        foreach ($this->header as $at => $name) {
            if (preg_match("/^(?:$words)$/i", $name) === 1) {
                return $at;
            }
        }

        return null;
    }

    /** A key that tells this header from any other, so that an answer about it can be remembered. */
    public function hash(): string
    {
        return hash('sha256', implode("\n", array_map(mb_strtolower(...), $this->header)));
    }

    /** @return array<string, int> our columns by position in the file, as far as the header has their names */
    public function known(): array
    {
        $known = [];
        foreach ($this->header as $i => $cell) {
            $column = mb_strtolower(strtr($cell, '_', ' '));
            if (in_array($column, CsvList::COLUMNS, true)) {
                $known[$column] = $i;
            }
        }

        return $known;
    }

    /**
     * @param  array<string, int>  $columns
     * @return list<array<string, string>>
     */
    public function by(array $columns): array
    {
        return array_map(static fn (array $row): array => array_map(static fn (int $i): string => $row[$i] ?? '', $columns), $this->rows);
    }

    private static function text(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };

        return str_contains($text, "\0") ? throw BadKit::at('', 'This is not a text.') : $text;
    }
}
