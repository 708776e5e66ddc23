<?php

namespace App\Safe;

use stdClass;

/** One column of a record: what a file may say there, and how it is stored. */
final readonly class Column
{
    private function __construct(
        public string $name,
        public ColumnType $type,
        public bool $isNullable,
        public ?string $parent,
    ) {
    }

    /**
     * @param  string  $declared  its type, as the database says it
     * @param  string  $cast  its cast in the model
     * @param  string|null  $parent  the table whose record it names
     */
    public static function of(string $name, string $declared, bool $isNullable, string $cast, ?string $parent): self
    {
        $type = match (true) {
            $cast === 'array' => ColumnType::Json,
            $cast === 'boolean' => ColumnType::Boolean,
            in_array($declared, ['integer', 'tinyint', 'bigint'], true) => ColumnType::Whole,
            default => ColumnType::Text,
        };

        return new self($name, $type, $isNullable, $parent);
    }

    /** The file's value for what the database holds. */
    public function said(mixed $held): mixed
    {
        return match (true) {
            $held === null => null,
            $this->type === ColumnType::Json => Json::read(is_string($held) ? $held : ''),
            $this->type === ColumnType::Boolean => (bool) $held,
            default => $held,
        };
    }

    /** The database's value for what the file says. */
    public function held(mixed $said): mixed
    {
        return match (true) {
            $said === null => null,
            $this->type === ColumnType::Json => json_encode($said, JSON_THROW_ON_ERROR),
            $this->type === ColumnType::Boolean => $said === true ? 1 : 0,
            default => $said,
        };
    }

    public function takes(mixed $said): bool
    {
        return match (true) {
            $said === null => $this->isNullable,
            $this->type === ColumnType::Whole => is_int($said),
            $this->type === ColumnType::Boolean => is_bool($said),
            $this->type === ColumnType::Json => is_array($said) || $said instanceof stdClass,
            default => is_string($said),
        };
    }

    /** @return array<string, mixed> as the published schema has it */
    public function schema(): array
    {
        $types = [...$this->type->inSchema(), ...$this->isNullable ? ['null'] : []];

        return [
            'type' => count($types) === 1 ? $types[0] : $types,
            ...$this->parent === null ? [] : ['description' => "the id of a record of $this->parent"],
        ];
    }
}
