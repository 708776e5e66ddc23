<?php

namespace Tools\Commands;

use App\Safe\TableSchema;
use Illuminate\Console\Command;

final class TableSchemaCommand extends Command
{
    protected $signature = 'table:schema';

    protected $description = 'Write down what a saved table has: docs/formats/table.schema.json';

    public static function path(): string
    {
        return base_path('docs/formats/table.schema.json');
    }

    public function handle(): int
    {
        file_put_contents(self::path(), TableSchema::written());
        $this->line('Written: '.self::path());

        return 0;
    }
}
