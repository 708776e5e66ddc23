<?php

namespace App\Console\Commands;

use Database\Demo\Years;
use Illuminate\Console\Command;

final class YearsCommand extends Command
{
    protected $signature = 'demo:years {--kits=120} {--components=250} {--offcuts=8000}';

    protected $description = 'Add years of made-up kits, put away, to see how the table bears them';

    public function handle(Years $years): int
    {
        $years->lay((int) $this->option('kits'), (int) $this->option('components'), (int) $this->option('offcuts'));
        $this->line('The years are on the shelf.');

        return 0;
    }
}
