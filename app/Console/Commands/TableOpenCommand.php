<?php

namespace App\Console\Commands;

use App\Safe\BadTable;
use App\Safe\Copies;
use App\Safe\CopyKind;
use App\Safe\OpenTable;
use Illuminate\Console\Command;

final class TableOpenCommand extends Command
{
    protected $signature = 'table:open {file : a saved table} {--instead : in place of what is on the table, of which a copy is kept}';

    protected $description = 'Open a saved table beside what is here, or in its place';

    public function handle(OpenTable $open): int
    {
        $file = (string) $this->argument('file');
        $progress = TellsProgress::on($this->output);
        try {
            if ($this->option('instead')) {
                Copies::kept()?->keep(CopyKind::BeforeOpening);
            }
            $manifest = $this->option('instead') ? $open->instead($file, $progress) : $open->beside($file, $progress);
        } catch (BadTable $wrong) {
            $this->error("Nothing was opened. {$wrong->getMessage()}");

            return 2;
        }
        $this->line("Opened {$manifest->all()} records of $file.");

        return 0;
    }
}
