<?php

namespace App\Console\Commands;

use App\Safe\Progress;
use Symfony\Component\Console\Helper\ProgressBar;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A progress bar for long commands, beside the answer. */
final class TellsProgress
{
    public static function on(OutputInterface $output): Progress
    {
        $bar = null;

        return Progress::told(static function (int $done, int $of) use ($output, &$bar): bool {
            $bar ??= new ProgressBar($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output, $of, 0.2);
            $bar->setMaxSteps($of);
            $bar->setProgress($done);

            return true;
        });
    }
}
