<?php

namespace Tools\Commands;

use App\Models\Kit;
use App\Table\Balances;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\Soak\Client;
use Tools\Soak\OwnServer;
use Tools\Soak\RandomActs;
use Tools\Soak\SoakFault;

/**
 * Several makers act at random on one table for a given time, sometimes two at once, while the server and the worker
 * are killed. After each act everything must add up.
 */
final class SoakCommand extends Command
{
    private const CLIENTS = 3;

    /** One act in this many is followed by a kill. One in this many runs at the same time as another. */
    private const KILLS = 15;

    private const AT_ONCE = 4;

    protected $signature = 'soak
        {--minutes=1 : how long}
        {--seed=1 : the same seed draws the same acts, as far as the machine is the same}
        {--most= : acts after which it ends in any case}';

    protected $description = 'Random acts by several clients against a server of its own that is killed again and again';

    /** @var array<string, int> */
    private array $done = ['acts' => 0, 'refused' => 0, 'unheard' => 0, 'kills of the server' => 0, 'kills of the worker' => 0];

    /** @var list<string> */
    private array $faults = [];

    private Randomizer $random;

    private RandomActs $acts;

    public function handle(): int
    {
        $this->random = new Randomizer(new Mt19937((int) $this->option('seed')));
        $this->acts = new RandomActs($this->random);
        $own = OwnServer::start();
        register_shutdown_function($own->sweep(...));
        config(['database.connections.sqlite.database' => $own->database]);
        DB::purge();
        $clients = array_map(static fn (): Client => new Client($own->port), range(1, self::CLIENTS));
        $ends = microtime(true) + 60 * (float) $this->option('minutes');
        $most = (int) ($this->option('most') ?? PHP_INT_MAX);
        for ($n = 1; microtime(true) < $ends && $n <= $most; $n++) {
            $this->turn($own, $clients);
            if ($n % 100 === 0) {
                $this->line($this->says());
            }
        }
        DB::purge();
        $own->sweep();
        $this->line($this->says());
        foreach ($this->faults as $fault) {
            $this->error($fault);
        }

        return $this->faults === [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * One act, or two at the same time. Something may be killed meanwhile.
     *
     * @param  non-empty-list<Client>  $clients
     */
    private function turn(OwnServer $own, array $clients): void
    {
        $kits = Kit::query()->where('is_stash', false)->where('is_deleted', false)->pluck('id')->all();
        $kit = $kits[$this->random->getInt(0, count($kits) - 1)];
        $many = $this->random->getInt(1, self::AT_ONCE) === 1 ? 2 : 1;
        $who = $this->random->pickArrayKeys($clients, $many);
        $said = '';
        try {
            $asked = [];
            foreach ($who as $n) {
                $page = $clients[$n]->look("/kits/$kit/share-out");
                if ($page !== null) {
                    [$kind, $path, $data] = $this->acts->next($clients[$n], $kit, $page);
                    $said .= " $kind";
                    $asked[] = [$clients[$n], $clients[$n]->ask($path, $data), $path];
                }
            }
            $this->kill($own);
            foreach ($asked as [$client, $answer, $path]) {
                $done = $client->hear($answer, $path);
                $this->done[match ($done) {
                    true => 'acts',
                    false => 'refused',
                    null => 'unheard',
                }]++;
            }
        } catch (SoakFault $fault) {
            $this->faults[] = "After$said on kit $kit: {$fault->getMessage()}";
        }
        foreach ($this->unbalanced($kit) as $fault) {
            $this->faults[] = "After$said on kit $kit: $fault";
        }
    }

    private function kill(OwnServer $own): void
    {
        if ($this->random->getInt(1, self::KILLS) !== 1) {
            return;
        }
        usleep($this->random->getInt(0, 120_000));
        if ($this->random->getInt(0, 1) === 0) {
            $own->killServer();
            $this->done['kills of the server']++;
        } else {
            $own->killWorker();
            $this->done['kills of the worker']++;
        }
    }

    /** @return list<string> of the kit that was acted on, and of the stash, which all share */
    private function unbalanced(int $acted): array
    {
        $broken = DB::select('PRAGMA foreign_key_check');
        $faults = $broken === [] ? [] : [count($broken).' records name what is not there.'];
        foreach (Kit::query()->whereKey($acted)->orWhere('is_stash', true)->get() as $kit) {
            array_push($faults, ...Balances::faults($kit, true));
        }

        return $faults;
    }

    private function says(): string
    {
        $counts = array_map(static fn (int $many, string $what): string => "$many $what", $this->done, array_keys($this->done));

        return implode(', ', $counts).', '.count($this->faults).' faults';
    }
}
