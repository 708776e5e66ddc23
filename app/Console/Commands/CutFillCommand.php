<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Cut\File\CutPlanFile;

final class CutFillCommand extends Command
{
    use AnswersCutOrders;

    protected $signature = 'cut:fill {file : a keepshare/cut-order JSON file with one sheet} {--json : answer as a keepshare/cut-plan}';

    protected $description = 'Cut the most worth from one sheet; exit code 2 and one line a fault when the order is refused';

    public function handle(): int
    {
        return $this->answer(CutPlanFile::fill(...));
    }
}
