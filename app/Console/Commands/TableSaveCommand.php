<?php

namespace App\Console\Commands;

use App\Safe\SaveTable;
use Illuminate\Console\Command;
use RuntimeException;

final class TableSaveCommand extends Command
{
    protected $signature = 'table:save {file : where to write it}';

    protected $description = 'Save everything that is on the table as one file';

    public function handle(): int
    {
        try {
            $manifest = SaveTable::to((string) $this->argument('file'), TellsProgress::on($this->output));
        } catch (RuntimeException $wrong) {
            $this->error($wrong->getMessage());

            return 2;
        }
        $this->line("Saved {$manifest->all()} records in {$this->argument('file')}.");

        return 0;
    }
}
