<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Tools\Docs\ArrowsDocument;

final class ArrowsCommand extends Command
{
    protected $signature = 'docs:arrows';

    protected $description = 'Writes into docs/arrows.md which folders need which others';

    public function handle(): int
    {
        File::put(ArrowsDocument::path(), ArrowsDocument::written());
        $this->line('Written: '.ArrowsDocument::path());

        return self::SUCCESS;
    }
}
