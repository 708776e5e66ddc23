<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Tools\Props\PropsFile;

final class PropsTypesCommand extends Command
{
    protected $signature = 'props:types';

    protected $description = 'Writes what the pages are given as TypeScript, from the pages of the rooms in app/';

    public function handle(): int
    {
        File::put(PropsFile::path(), PropsFile::written());
        $this->line('Written: '.PropsFile::path());

        return self::SUCCESS;
    }
}
