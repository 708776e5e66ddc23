<?php

namespace Tools\Commands;

use App\Classes\KeepClass;
use App\Models\Kit;
use Closure;
use Database\Demo\Years;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Tools\Bench\AllPages;
use Tools\Bench\FullKit;
use Tools\Bench\LaidCards;
use Tools\Bench\Median;
use Tools\Bench\OwnTable;

/** Server time of every page, for the largest kits. */
final class PagesBenchCommand extends Command
{
    private const CARDS = 24;

    private const LINES = 150;

    /** How often a page is asked for before it is timed. */
    private const WARM_UP = 1;

    protected $signature = 'bench:pages
        {--times=3 : how often each page is asked for}
        {--most=300 : milliseconds a page may take}
        {--filter= : only the pages whose address has this}
        {--kit= : years, ten, counts or lines}';

    protected $description = 'Time every page on ten years of kits: 24 cards × 150 rows, and kits as large as the format allows';

    public function handle(): int
    {
        return OwnTable::with(function (): int {
            (new Years)->lay();
            $kits = [
                'years' => static fn (): Kit => (new Years)->kit('The large one', self::LINES, false),
                'ten' => static fn (): Kit => FullKit::ofEach('Ten of each', 10, 10),
                'counts' => static fn (): Kit => FullKit::ofEach('As many as may be', 500, 100_000),
                'lines' => static fn (): Kit => (new Years)->kit('Two thousand lines', 2_000, false),
            ];
            $wanted = $this->option('kit');
            $kits = is_string($wanted) ? array_intersect_key($kits, [$wanted => true]) : $kits;
            $slow = 0;
            foreach ($kits as $name => $lay) {
                $slow += $this->pages($name, $this->shared($lay()));
            }
            $this->line($slow === 0 ? 'None took longer.' : "$slow took longer than {$this->asked('most')} ms.");

            return $slow === 0 ? self::SUCCESS : self::FAILURE;
        });
    }

    private function shared(Kit $kit): Kit
    {
        $start = hrtime(true);
        $cards = LaidCards::on($kit, self::CARDS);
        $this->line(sprintf('%s: %d cards shared out and laid in %.1f s', $kit->name, $cards, (hrtime(true) - $start) / 1e9));

        app(KeepClass::class)->prepare($kit, 'Twelve people', null, [], 12, $kit->revisionNow());

        return $kit->refresh();
    }

    private function asked(string $option): string
    {
        $asked = $this->option($option);

        return is_scalar($asked) ? (string) $asked : '';
    }

    /** @return int how many took too long */
    private function pages(string $name, Kit $kit): int
    {
        $slow = 0;
        foreach (AllPages::of($kit) as $url) {
            if (! str_contains($url, $this->asked('filter'))) {
                continue;
            }
            $slow += $this->said($name, $url, static fn () => app(Kernel::class)->handle(Request::create($url)));
        }

        return $slow;
    }

    /** @param  Closure(): Response  $do */
    private function said(string $name, string $what, Closure $do): int
    {
        [$time, $answer] = Median::of($do, (int) $this->option('times'), self::WARM_UP);
        $isSlow = $time > (float) $this->option('most');
        $size = intdiv(strlen((string) $answer->getContent()), 1_000);
        $mark = $isSlow ? '* ' : '  ';
        $this->line(sprintf('%s%-8s%7.0f ms %5d kB %d  %s', $mark, $name, $time, $size, $answer->getStatusCode(), $what));

        return (int) $isSlow;
    }
}
