<?php

namespace Tools\Commands;

use App\Models\Kit;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Tools\Bench\AllPages;
use Tools\Bench\LaidCards;
use Tools\Bench\OwnTable;

/**
 * Asks for every page on a table of its own, so that PHP stores the compiled code in opcache.file_cache, if that is
 * set.
 */
final class PagesCompileCommand extends Command
{
    private const CARDS = 3;

    protected $signature = 'pages:compile';

    protected $description = 'Compile what the pages need, so that the first to be asked for is as quick as others';

    public function handle(Kernel $kernel): int
    {
        return OwnTable::with(static function () use ($kernel): int {
            $kit = Kit::query()->firstOrFail();
            LaidCards::on($kit, self::CARDS);
            foreach (AllPages::of($kit) as $url) {
                $kernel->handle(Request::create($url));
            }

            return self::SUCCESS;
        });
    }
}
