<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Recipe\BadRecipe;
use KeepShare\Core\Recipe\KeepRecipe;
use KeepShare\Core\Recipe\Make\Annealing;
use KeepShare\Core\Recipe\Make\Ask;
use KeepShare\Core\Recipe\Make\Made;
use KeepShare\Core\Recipe\Make\SaidAsk;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\RecipeFile;
use KeepShare\Core\Sketch\Sketches;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Symfony\Component\Console\Helper\ProgressBar;

final class RecipeMakeCommand extends Command
{
    protected $signature = 'recipe:make
        {--sheets=6 : how many sheets, each of a print of its own}
        {--sheet=6x6 : the size of a sheet, such as 6x6, 12x12 or "15 x 15 cm"}
        {--front=A2 : A2, A6, 5x7, 6x6, mini, or a size}
        {--cards=max : how many cards, or max: the most that waste little}
        {--alike=1 : no more cards on one sketch in the same measures}
        {--papers= : different papers at least on each card; two, or one where there is but one sheet}
        {--waste=3 : per cent of the paper that may be let go for more cards}
        {--frame= : how much of the base shows round the front, such as "1/8"; 0 for fronts covered to the edge}
        {--unit= : in or mm; by what is said of sheet and front where it is left out}
        {--seconds=28 : how long it is looked for}
        {--seed=1 : another gives another recipe}
        {--name= : what it is called}
        {--json : answer as a keepshare/recipe}';

    protected $description = 'Compute a recipe: the most cards out of so many sheets without waste; exit code 2 and one line a fault';

    public function handle(): int
    {
        $said = array_map(strval(...), array_filter($this->options(), is_string(...)));
        try {
            $ask = SaidAsk::of($said, array_values(Sketches::all()));
            $seconds = self::within('seconds', $said['seconds'] ?? '28', 3_600);
            $seed = self::within('seed', $said['seed'] ?? '1', PHP_INT_MAX);
        } catch (BadRecipe $wrong) {
            $faults = array_map(
                static fn (string $at, string $says): string => OutputFormatter::escape("--$at: $says"),
                array_keys($wrong->faults),
                $wrong->faults,
            );
            $this->getOutput()->getErrorStyle()->writeln($faults);

            return 2;
        }
        $made = $this->made($ask, $seconds, $seed);
        if ($made === null) {
            $isProven = $ask->bound($ask->ways()) === 0;
            $says = $isProven
                ? 'No card of that kind can be cut from these sheets.'
                : 'In that time nothing was found. Give it more seconds.';
            $this->getOutput()->getErrorStyle()->writeln($says);

            return 2;
        }
        $front = (string) ($said['front'] ?? 'A2');
        $usual = "$made->number cards, $front, from $ask->sheets of {$ask->sheet->label($ask->unit)}";
        $recipe = KeepRecipe::made($said['name'] ?? $usual, $made);
        $this->option('json') ? $this->json($recipe, $made) : $this->tell($recipe, $made);

        return 0;
    }

    private static function within(string $option, string $text, int $most): int
    {
        return preg_match('/^\d{1,9}$/', $text) === 1 && (int) $text >= 1 && (int) $text <= $most
            ? (int) $text
            : throw BadRecipe::at($option, "expected a whole number from 1 to $most.");
    }

    private function made(Ask $ask, int $seconds, int $seed): ?Made
    {
        $bar = new ProgressBar($this->getOutput()->getErrorStyle(), 100, 0.2);
        $bar->setFormat('%bar% %message%');
        $bar->setMessage('');
        $start = hrtime(true);
        $made = Annealing::best($ask, static function (?Made $best) use ($bar, $start, $seconds): float {
            $passed = (hrtime(true) - $start) / 1e9 / $seconds;
            $bar->setMessage($best === null ? '' : self::sum($best));
            $bar->setProgress(min(100, (int) (100 * $passed)));

            return $passed;
        }, $seed);
        $bar->clear();

        return $made;
    }

    private static function sum(Made $made): string
    {
        return sprintf('%d cards, at most %d, %s of the paper on cards', $made->number, $made->bound, $made->used());
    }

    private function json(Recipe $recipe, Made $made): void
    {
        $written = [...RecipeFile::write($recipe), 'made' => $made->write()];
        $this->getOutput()->write(RecipeFile::encode($written), false, \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);
    }

    private function tell(Recipe $recipe, Made $made): void
    {
        foreach ($recipe->letters as $letter) {
            $this->line("Paper $letter->letter, {$letter->sheet()->label($recipe->unit)}");
            foreach ($letter->plans[0]->pieces() as $leaf) {
                $size = $leaf->rect()->size->format($recipe->unit);
                $this->line("  $leaf->piece, $size".($leaf->turned ? ', lies on its side' : ''));
            }
        }
        $this->table(['card', 'sketch', 'front', 'papers'], array_map(static fn (Card $card): array => [
            $card->number,
            $card->sketch->name.($card->sketch->isAsDrawn() ? '' : ', in other measures'),
            $card->front->format($recipe->unit),
            implode(', ', array_map(
                static fn (Taking $taking): string => "$taking->part $taking->component",
                $recipe->papersOf($card),
            )),
        ], $recipe->cards));
        $this->line(self::sum($made).($made->number === $made->bound ? ': proven to be the most.' : '.'));
    }
}
