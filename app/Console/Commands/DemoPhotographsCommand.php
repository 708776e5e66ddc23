<?php

namespace App\Console\Commands;

use Database\Demo\Photographs;
use Illuminate\Console\Command;

final class DemoPhotographsCommand extends Command
{
    protected $signature = 'demo:photographs
        {folder : where they are to be written}';

    protected $description = 'Render photographs of pieces and papers from the project\'s own drawings, to try reading them';

    public function handle(Photographs $photographs): int
    {
        $folder = rtrim((string) $this->argument('folder'), '/');
        if (! is_dir($folder)) {
            $this->error("There is no folder $folder.");

            return 2;
        }
        foreach ($photographs->take($folder) as $file) {
            $this->line($file);
        }

        return 0;
    }
}
