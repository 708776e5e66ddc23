<?php

namespace App\Console\Commands;

use App\Safe\Copies;
use App\Safe\CopyKind;
use App\Safe\Manifest;
use App\Safe\OpenTable;
use App\Safe\Replacement;
use Illuminate\Console\Command;
use RuntimeException;

final class TableOpenCommand extends Command
{
    protected $signature = 'table:open {file : a saved table} {--instead : in place of what is on the table, of which a copy is kept}';

    protected $description = 'Open a saved table beside what is here, or in its place';

    public function handle(OpenTable $open): int
    {
        $file = (string) $this->argument('file');
        $damaged = Replacement::ofTheTable();
        try {
            $manifest = match (true) {
                ! $this->option('instead') => $open->beside($file, TellsProgress::on($this->output)),
                $damaged->isNeeded() => $this->forTheDamaged($damaged, $open, $file),
                default => $this->forAll($open, $file),
            };
        } catch (RuntimeException $wrong) {
            $this->error("Nothing was opened. {$wrong->getMessage()}");

            return 2;
        }
        $this->line("Opened {$manifest->all()} records of $file.");

        return 0;
    }

    private function forAll(OpenTable $open, string $file): Manifest
    {
        Copies::kept()?->keep(CopyKind::BeforeOpening, inUse: $file);

        return $open->instead($file, TellsProgress::on($this->output));
    }

    private function forTheDamaged(Replacement $damaged, OpenTable $open, string $file): Manifest
    {
        $manifest = $damaged->by(fn (): Manifest => $open->instead($file, TellsProgress::on($this->output)));
        // A worker that was left running still has the damaged one open.
        $this->callSilently('queue:restart');
        $this->line("The damaged table was put aside as $damaged->aside.");

        return $manifest;
    }
}
