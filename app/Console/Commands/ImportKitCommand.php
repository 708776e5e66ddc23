<?php

namespace App\Console\Commands;

use App\Ledger\ImportKit;
use Illuminate\Console\Command;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;
use Symfony\Component\Console\Formatter\OutputFormatter;

final class ImportKitCommand extends Command
{
    protected $signature = 'kit:import {file : a keepshare/kit JSON file}';

    protected $description = 'Bring a kit in from a file; exit code 2 and one line a fault when it is refused';

    public function handle(ImportKit $import): int
    {
        $file = $this->argument('file');
        // One byte more than allowed is enough to see that a file is too large.
        $json = is_file($file) ? @file_get_contents($file, length: KitFile::MOST_BYTES + 1) : false;
        if ($json === false) {
            $this->getOutput()->getErrorStyle()->writeln("There is no file $file that can be read.");

            return 2;
        }
        try {
            $kit = $import->fromFile($json);
        } catch (BadKit $wrong) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln(
                    array_map(static fn (string $fault): string => OutputFormatter::escape($fault), $wrong->faults),
                );

            return 2;
        }
        $this->line("{$kit->name} is on the table: {$kit->components()->count()} lines.");

        return 0;
    }
}
