<?php

namespace App\Console\Commands;

use Closure;
use Illuminate\Console\Command;
use KeepShare\Core\Cut\File\BadCutOrder;
use KeepShare\Core\Cut\File\CutOrder;
use Symfony\Component\Console\Formatter\OutputFormatter;

/** @phpstan-require-extends Command */
trait AnswersCutOrders
{
    /** @param  Closure(CutOrder): array<string, mixed>  $find */
    private function answer(Closure $find): int
    {
        $file = $this->argument('file');
        // One byte more than allowed is enough to see that a file is too large.
        $json = is_file($file) ? @file_get_contents($file, length: CutOrder::MOST_BYTES + 1) : false;
        try {
            $plan = $find(
                $json === false
                    ? throw BadCutOrder::because(["There is no file $file that can be read."])
                    : CutOrder::read($json),
            );
        } catch (BadCutOrder $wrong) {
            $this->getOutput()
                ->getErrorStyle()
                ->writeln(
                    array_map(static fn (string $fault): string => OutputFormatter::escape($fault), $wrong->faults),
                );

            return 2;
        }
        if ($this->option('json')) {
            $this->getOutput()->write(
                (string) json_encode($plan, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)
                    ."\n",
                false,
                \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        foreach ($plan['sheets'] as $sheet) {
            $this->line("{$sheet['sheet']}, copy {$sheet['copy']}, {$sheet['width']} × {$sheet['height']} {$plan['unit']}");
            foreach ($sheet['cuts'] as $cut) {
                $this->line("  {$cut['n']}. from {$cut['x1']}, {$cut['y1']} to {$cut['x2']}, {$cut['y2']}");
            }
            foreach ($sheet['pieces'] as $piece) {
                $this->line(
                    "  {$piece['piece']} {$piece['copy']}: {$piece['width']} × {$piece['height']}"
                        .($piece['turned'] ? ', turned' : ''),
                );
            }
        }
        foreach ($plan['unplaced'] as $left) {
            $this->line("left out: {$left['count']} of {$left['piece']}, {$left['reason']}");
        }
        $this->line(
            "{$plan['summary']['sheetsOpened']} sheets opened"
                .($plan['summary']['proven']
                    ? ', proven the least'
                    : ", {$plan['summary']['lowerBound']} at least")
                .(isset($plan['summary']['worth'])
                    ? ", worth {$plan['summary']['worth']} of at most {$plan['summary']['upperBound']}"
                    : ''),
        );

        return 0;
    }
}
