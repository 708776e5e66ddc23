<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Halt;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Format\RunsFile;
use KeepShare\Core\Format\SharedOut;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Refusal;
use Symfony\Component\Console\Output\OutputInterface;

final class RunsPlanCommand extends Command
{
    use ReadsFiles;

    private const LONGEST = 10_000;

    protected $signature = 'runs:plan
        {file : a keepshare/share-out JSON file}
        {--kit= : the keepshare/kit it was shared out from, where the share-out does not bring its goods}
        {--cards=* : only these cards, by number}
        {--minutes= : how long there is}
        {--school=runs : runs for one tool out at a time, cards for one card after the other}
        {--json : answer as a keepshare/runs}';

    protected $description = 'Plan the making of cards at the table; exit code 2 and the place where the share-out is refused';

    public function handle(): int
    {
        try {
            $school = School::tryFrom((string) $this->option('school'))
                ?? throw BadKit::at('--school', 'expected runs or cards.');
            $within = $this->seconds();
            $kit = $this->option('kit') === null ? null : KitFile::read(self::text((string) $this->option('kit'), KitFile::MOST_BYTES));
            $shared = SharedOut::read(self::text((string) $this->argument('file'), SharedOut::MOST_BYTES), $kit);
            $steps = array_map(
                static fn (Card $card): array => StepKinds::stepsOf(CardAtBench::of($card, $shared->components, $shared->unit)),
                $this->chosen($shared),
            );
        } catch (Refusal $refused) {
            $this->getOutput()->getErrorStyle()->writeln($refused->getMessage());

            return 2;
        }
        $all = array_merge([], ...$steps);
        $plan = $within === null ? MakingPlan::of($all, $school) : MakingPlan::within($all, $school, $within);
        if ($this->option('json')) {
            $json = json_encode(
                RunsFile::write($shared->kit, $plan, $within),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            );
            $this->getOutput()->write("$json\n", false, OutputInterface::OUTPUT_RAW);

            return 0;
        }
        $this->say($plan, $within);

        return 0;
    }

    private function say(MakingPlan $plan, ?int $within): void
    {
        foreach ($plan->runs() as $n => $run) {
            $cards = implode(', ', array_unique(array_column($run['steps'], 'card')));
            $this->line(sprintf('%2d  %-34s %3d steps, cards %s', $n + 1, $run['tool']->name, count($run['steps']), $cards));
        }
        $this->line(sprintf(
            '%d tool changes and %d min. No order has fewer than %d, and none with as few is done before %d min.',
            $plan->order->setUps,
            intdiv($plan->order->seconds() + 59, 60),
            $plan->leastSetUps,
            intdiv($plan->leastSeconds, 60),
        ));
        if ($within !== null) {
            $this->stop('As far as there is time', Halt::latest($plan, $within));
            $this->stop('With nothing wet or half glued', Halt::clean($plan, $within));
        }
    }

    private function stop(string $how, Halt $halt): void
    {
        $this->line(sprintf('%s: stop at %d min, %d cards complete.', $how, intdiv($halt->at, 60), count($halt->complete)));
    }

    /** @return list<Card> */
    private function chosen(SharedOut $shared): array
    {
        /** @var list<string> $numbers */
        $numbers = (array) $this->option('cards');
        $known = array_column($shared->cards, null, 'number');
        foreach ($numbers as $number) {
            if (! isset($known[$number])) {
                throw BadKit::at('--cards', "there is no card $number in the share-out.");
            }
        }

        return $numbers === [] ? $shared->cards : array_values(array_intersect_key($known, array_flip($numbers)));
    }

    private function seconds(): ?int
    {
        $minutes = $this->option('minutes');

        return match (true) {
            $minutes === null => null,
            preg_match('/^\d{1,5}$/', $minutes) === 1 && (int) $minutes > 0 && (int) $minutes <= self::LONGEST => 60 * (int) $minutes,
            default => throw BadKit::at('--minutes', 'expected whole minutes, from 1 to 10000.'),
        };
    }
}
