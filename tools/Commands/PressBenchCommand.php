<?php

namespace Tools\Commands;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Taking;
use Database\Demo\Years;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tools\Bench\LaidCards;
use Tools\Bench\Median;
use Tools\Soak\Client;
use Tools\Soak\OwnServer;

/**
 * How soon the grid answers + and −. It asks as the page does: over HTTP, the act and the page after it, while the
 * worker looks for bonus cards.
 */
final class PressBenchCommand extends Command
{
    private const CARDS = 24;

    private const LINES = 150;

    /** What the page asks for later. See AFTER_CELLS in the grid's acts.ts. */
    public const LATER = ['cards', 'gaps', 'goods', 'wishes', 'taste', 'frontier'];

    protected $signature = 'bench:press {--times=21 : how often one of the two keys is pressed}';

    protected $description = 'Time + and − in the grid of 24 cards × 150 rows with ten years of kits, over HTTP and with the worker busy';

    public function handle(): int
    {
        $own = OwnServer::start();
        register_shutdown_function($own->sweep(...));
        config(['database.connections.sqlite.database' => $own->database]);
        DB::purge();
        $kit = $this->lay();
        $taking = $this->counted($kit->cards()->firstOrFail());
        $client = new Client($own->port);
        $client->look("/kits/$kit->id/share-out");
        $by = 1;
        $press = static function () use ($client, $kit, $taking, &$by): void {
            $cell = ['card' => $taking->card_id, 'component' => "c$taking->component_id", 'by' => $by];
            $path = "/kits/$kit->id/grid/more";
            $isDone = $client->hear($client->ask($path, $cell, self::LATER), $path);
            $by = $isDone === true ? -$by : throw new RuntimeException('The grid refused what it is to be timed by.');
        };
        [$first] = Median::of($press, 1, 0);
        [$median] = Median::of($press, (int) $this->option('times'), 0);
        $this->line(sprintf('the first %.0f ms, the others %.0f ms (median)', $first, $median));
        DB::purge();
        $own->sweep();

        return self::SUCCESS;
    }

    private function lay(): Kit
    {
        (new Years)->lay();
        $kit = (new Years)->kit('The large one', self::LINES, false);
        LaidCards::on($kit, self::CARDS);

        return $kit->refresh();
    }

    /** A counted thing on the card. One more of it changes that number and nothing else. */
    private function counted(Card $card): Taking
    {
        return $card->takings()->whereNull('width')->whereRelation('component', 'kind', 'embellishment')->firstOrFail();
    }
}
