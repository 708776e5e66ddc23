<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Cut\File\CutOrder;
use KeepShare\Core\Cut\File\CutPlanFile;

final class CutPlanCommand extends Command
{
    use AnswersCutOrders;

    protected $signature = 'cut:plan {file : a keepshare/cut-order JSON file}
        {--json : answer as a keepshare/cut-plan}
        {--tries=0 : how many more ways are tried; never worse for more}
        {--seed=0 : the same seed tries the same ways}';

    protected $description = 'Plan the cutting of an order; exit code 2 and one line a fault when it is refused';

    public function handle(): int
    {
        return $this->answer(
            fn (CutOrder $order): array => CutPlanFile::plan(
                $order,
                max(0, (int) $this->option('tries')),
                max(0, (int) $this->option('seed')),
            ),
        );
    }
}
