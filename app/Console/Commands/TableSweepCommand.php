<?php

namespace App\Console\Commands;

use App\Safe\Sweep;
use Illuminate\Console\Command;

final class TableSweepCommand extends Command
{
    protected $signature = 'table:sweep';

    protected $description = 'Delete what was left lying about by uploads, saves and prints that were broken off';

    public function handle(): int
    {
        Sweep::leftovers();

        return 0;
    }
}
