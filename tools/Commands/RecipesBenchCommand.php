<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Recipe\Lay\LayRecipe;
use KeepShare\Core\Recipe\Lay\Letters;
use KeepShare\Core\Recipe\Lay\OnTable;
use KeepShare\Core\Recipe\Make\Annealing;
use KeepShare\Core\Recipe\Make\SaidAsk;
use KeepShare\Core\Recipe\ReadRecipe;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use Tools\Bench\PaperKit;

final class RecipesBenchCommand extends Command
{
    protected $signature = 'bench:recipes {--seconds=30 : for each that is computed} {--seeds=1 : how many of each}';

    protected $description = 'Compute recipes and give papers to the letters of one, and say how well and how fast';

    private const ASKS = [
        'six sheets of 6 × 6, A2' => ['sheets' => '6', 'sheet' => '6x6', 'front' => 'A2'],
        'one sheet of 12 × 12, A2' => ['sheets' => '1', 'sheet' => '12x12', 'front' => 'A2'],
        'four sheets of 15 × 15 cm, A6' => ['sheets' => '4', 'sheet' => '15x15 cm', 'front' => 'A6'],
    ];

    public function handle(): int
    {
        $seconds = max(1, (int) $this->option('seconds'));
        $seeds = max(1, (int) $this->option('seeds'));
        for ($seed = 1; $seed <= $seeds; $seed++) {
            foreach (self::ASKS as $what => $said) {
                $start = hrtime(true);
                $passed = static fn (): float => (hrtime(true) - $start) / 1e9 / $seconds;
                $made = Annealing::best(SaidAsk::of($said, array_values(Sketches::all())), $passed, $seed);
                $found = $made === null ? 'nothing' : "$made->number cards of at most $made->bound, {$made->used()} of the paper on cards";
                $this->line("$what, $seconds s, seed $seed: $found");
            }
        }
        for ($seed = 1; $seed <= max(4, $seeds); $seed++) {
            $this->line($this->letters($seed));
        }

        return 0;
    }

    /** Eighteen from six on twenty-four double-faced papers. */
    private function letters(int $seed): string
    {
        $kit = KitFile::read((string) file_get_contents(database_path('demo/harbour-lanterns.json')));
        $table = Inventory::unpacked(PaperKit::like($kit, 24, $seed))->under(Preferences::cards(30));
        $recipe = ReadRecipe::read((string) file_get_contents(resource_path('recipes/eighteen-from-six.json')));
        $start = hrtime(true);
        $on = OnTable::of($recipe, $table);
        $chosen = Letters::best($recipe, $on, $table);
        $letters = (hrtime(true) - $start) / 1e9;
        $cards = $chosen === null ? [] : LayRecipe::of($recipe, $on, $table, $chosen)->cards;

        return sprintf(
            'letters on 24 papers, seed %d: %d of at most %d in %.2f s; %d cards laid in %.2f s',
            $seed,
            $chosen->worth ?? 0,
            $chosen->bound ?? 0,
            $letters,
            count($cards),
            (hrtime(true) - $start) / 1e9,
        );
    }
}
