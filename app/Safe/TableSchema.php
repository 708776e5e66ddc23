<?php

namespace App\Safe;

/** The published schema of keepshare/table, made from the records in the database: docs/formats/table.schema.json. */
final class TableSchema
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    public static function written(): string
    {
        $kinds = RecordKinds::all();

        return json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => Manifest::FORMAT,
            'title' => Manifest::FORMAT.', version '.Manifest::VERSION.': table.json, and under $defs the records of each kind',
            'type' => 'object',
            'required' => ['format', 'version', 'saved', 'records', 'files'],
            'additionalProperties' => false,
            'properties' => [
                'format' => ['const' => Manifest::FORMAT],
                'version' => ['const' => Manifest::VERSION],
                'saved' => ['type' => 'string', 'format' => 'date-time'],
                'schema' => ['type' => ['string', 'null'], 'description' => 'the last migration of the database it was saved from'],
                'records' => [
                    'description' => 'how many records of each kind there are',
                    'type' => 'object',
                    'additionalProperties' => false,
                    'properties' => array_map(static fn (): array => ['type' => 'integer', 'minimum' => 0], $kinds),
                ],
                'files' => [
                    'description' => 'every file beside this one: records/KIND-N.json is a list of records, pictures/KIND-ID.jpg a JPEG',
                    'type' => 'object',
                    'additionalProperties' => [
                        'type' => 'object',
                        'required' => ['bytes', 'sha256'],
                        'properties' => ['bytes' => ['type' => 'integer'], 'sha256' => ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$']],
                    ],
                ],
            ],
            '$defs' => array_map(self::records(...), $kinds),
        ], self::FLAGS)."\n";
    }

    /** @return array<string, mixed> */
    private static function records(RecordKind $kind): array
    {
        return [
            'type' => 'array',
            'items' => [
                'type' => 'object',
                'required' => ['id'],
                'additionalProperties' => false,
                'properties' => array_map(static fn (Column $column): array => $column->schema(), $kind->columns()),
            ],
        ];
    }
}
