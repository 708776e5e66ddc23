<?php

namespace App\Console\Commands;

use App\Models\Kit;
use Database\Demo\Begun;
use Database\Demo\Demo;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'demo:lay
        {--begun : the first kit is shared out, some of its cards are made, one is drying}';

    protected $description = 'Lay the demo kits and the stash on an empty table';

    public function handle(Demo $demo, Begun $begun): int
    {
        if (Kit::query()->exists()) {
            $this->line('There are kits on the table already; the demo is left as it is.');

            return 0;
        }
        $demo->lay();
        if ($this->option('begun')) {
            $begun->lay(Kit::query()->orderBy('id')->firstOrFail());
        }
        $this->line('The demo kits are on the table.');

        return 0;
    }
}
