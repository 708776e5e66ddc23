<?php

namespace App\Console\Commands;

use App\Safe\Copies;
use App\Safe\CopyKind;
use Illuminate\Console\Command;
use RuntimeException;

final class TableCopyCommand extends Command
{
    protected $signature = 'table:copy';

    protected $description = 'Keep a copy of the table in the folder of copies';

    public function handle(): int
    {
        $copies = Copies::kept();
        if ($copies === null || ! Copies::hasTable()) {
            return 0;
        }
        try {
            $this->line("Kept $copies->folder/{$copies->keep(CopyKind::ByHand)}.");
        } catch (RuntimeException $wrong) {
            $this->error($wrong->getMessage());

            return 2;
        }

        return 0;
    }
}
