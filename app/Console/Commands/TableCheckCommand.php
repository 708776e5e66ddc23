<?php

namespace App\Console\Commands;

use App\Safe\Copies;
use App\Safe\Replacement;
use Illuminate\Console\Command;

/** Asked at every start, before anything is written. */
final class TableCheckCommand extends Command
{
    protected $signature = 'table:check';

    protected $description = 'Check that the table can be read; exit code 2, and what to do, where it is damaged';

    public function handle(): int
    {
        if (! Replacement::ofTheTable()->isNeeded()) {
            return 0;
        }
        $this->error('The table is damaged and cannot be read. Nothing was changed.');
        $this->line('Its file is '.config('database.connections.sqlite.database').'.');
        $copies = Copies::kept();
        if ($copies === null || $copies->all() === []) {
            $this->line('There are no copies of it here. If you saved the table elsewhere, open that file in its place:');
            $this->line('    php artisan table:open FILE --instead');

            return 2;
        }
        $this->line('One of these copies can take its place, the newest first:');
        foreach ($copies->all() as $copy) {
            $this->line("    php artisan table:open '$copies->folder/$copy->name' --instead");
        }
        $this->line('The damaged file is then put aside, and not deleted.');

        return 2;
    }
}
