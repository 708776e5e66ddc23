<?php

namespace App\Console\Commands;

use App\Wording\Wording;
use Illuminate\Console\Command;
use KeepShare\Core\Entry\PackingText;
use KeepShare\Core\Entry\ReadLine;
use KeepShare\Core\Entry\TitleLine;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Endless;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Measure\Unit;

/** How a packing list is understood, line by line. */
final class KitReadCommand extends Command
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

    protected $signature = 'kit:read
        {file : a packing list as a text, one thing a line}
        {--unit= : of measures that name none: in or mm; else as the list has it}
        {--json : answer as JSON}';

    protected $description = 'Read the lines of a packing list as components, and say which are not understood';

    public function handle(): int
    {
        $text = @file_get_contents((string) $this->argument('file'));
        $title = TitleLine::above((string) $text, 'USD');
        $unit = $this->option('unit') === null ? $title->unit : Unit::tryFrom((string) $this->option('unit'));
        if ($text === false || $unit === null) {
            $this->getOutput()->getErrorStyle()->writeln($text === false ? 'There is no such file.' : 'The unit is in or mm.');

            return 2;
        }
        $lines = PackingText::read($text, $unit, $title->front);
        $components = array_merge([], ...array_map(static fn (ReadLine $line): array => $line->components, $lines));
        $this->option('json') ? $this->asJson($components, $lines, $unit) : $this->inWords($lines, $unit);

        return $components === [] ? 2 : 0;
    }

    /**
     * @param  list<Component>  $components
     * @param  list<ReadLine>  $lines
     */
    private function asJson(array $components, array $lines, Unit $unit): void
    {
        $faults = [];
        foreach ($lines as $line) {
            if ($line->fault !== null) {
                $faults[] = ['line' => $line->number, 'word' => $line->word(), 'says' => $line->fault->getMessage()];
            }
        }
        $written = array_map(static fn (Component $one): array => KitFile::written($one, $unit), $components);
        $read = array_map(static fn (ReadLine $line): array => [
            'line' => $line->number,
            'text' => $line->text,
            'heading' => $line->isHeading,
            'components' => array_column($line->components, 'id'),
            'guesses' => array_map(static fn (Component $one): array => $one->guesses, $line->components),
            'left_over' => $line->leftOver,
            'sum' => $line->sum === null ? null : ['said' => $line->sum->said, 'understood' => $line->sum->understood],
        ], $lines);
        $this->output->writeln(json_encode(['components' => $written, 'faults' => $faults, 'lines' => $read], self::FLAGS));
    }

    /** @param  list<ReadLine>  $lines */
    private function inWords(array $lines, Unit $unit): void
    {
        foreach ($lines as $line) {
            $says = match (true) {
                $line->isHeading => "$line->text (a heading)",
                $line->fault !== null => "not understood at \"{$line->word()}\": {$line->fault->getMessage()}",
                default => implode('; ', array_map(static fn (Component $one): string => self::said($one, $unit), $line->components)),
            };
            $left = $line->leftOver === [] ? '' : ' · left over: '.implode(', ', $line->leftOver);
            $sum = $line->sum === null ? '' : " · {$line->sum->said} said, {$line->sum->understood} understood";
            $this->line("$line->number: $says$left$sum");
        }
    }

    private static function said(Component $one, Unit $unit): string
    {
        $size = $one->good->extent()?->label($unit);

        $many = $one->good instanceof Endless ? null : Wording::count($one, $one->count, $unit);

        return implode(', ', array_filter(["{$one->kind()->value} \"$one->name\"", $size, $many]));
    }
}
