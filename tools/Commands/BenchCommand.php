<?php

namespace Tools\Commands;

use App\Files\PictureFile;
use App\Files\SheetPhoto;
use App\Make\MakeCards;
use App\Models\Kit as KitRecord;
use App\Photographs\FindOnPhotographs;
use App\Safe\OpenTable;
use App\Safe\SaveTable;
use App\Table\TableState;
use App\Table\Workbench;
use Closure;
use Database\Demo\Demo;
use Database\Demo\Photographs;
use Database\Demo\Years;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\MakingPlan;
use KeepShare\Core\Bench\School;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Filling;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Look\FindPieces;
use KeepShare\Core\Look\PieceTable;
use KeepShare\Core\Look\Reference;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Sketch\Circle;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Form;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\Tile;
use KeepShare\Core\Sketch\Visibility;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Becoming;
use KeepShare\Core\Tray\Lacks;
use KeepShare\Core\Tray\TrayPlan;
use KeepShare\Core\Tray\WholeTray;
use LogicException;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tools\Bench\DemoTray;
use Tools\Bench\LaidCards;
use Tools\Bench\Median;
use Tools\Bench\OwnTable;
use Tools\Bench\ScarceKit;

final class BenchCommand extends Command
{
    protected $signature = 'bench {--times=7 : how often each thing is done}';

    /** How often a thing is done before it is timed. */
    private const WARM_UP = 3;

    protected $description = 'Time the computations on the demo kits and print the medians';

    public function handle(): int
    {
        $rows = [];
        foreach (['harbour-lanterns' => 10, 'knitted-hills' => 6] as $name => $cards) {
            array_push($rows, ...$this->kit($name, $cards));
        }
        $this->table(
            ['what', 'median ms', 'came out'],
            [
                ...$rows,
                $this->sketch(),
                $this->checks(),
                $this->making(12),
                $this->making(48),
                $this->pad(),
                $this->order(),
                $this->filling(),
                $this->file(),
                $this->photo(),
                $this->pieces(),
                ...$this->tray(),
                ...OwnTable::with($this->pages(...)),
            ],
        );
        $this->line(
            sprintf(
                'PHP %s, JIT %s, peak %.0f MB, median of %d',
                PHP_VERSION,
                self::hasJit() ? 'on' : 'off',
                memory_get_peak_usage() / 1e6,
                (int) $this->option('times'),
            ),
        );

        $this->call('bench:share');

        return $this->call('bench:cut');
    }

    /** @return list<array{string, string, string}> */
    private function kit(string $name, int $cards): array
    {
        $kit = Demo::file($name);
        $table = Inventory::unpacked($kit)->under(Preferences::cards($cards));
        [$share, $out] = $this->median(static fn (): ShareOut => ShareOut::of($table));
        [$all, $most] = $this->median(static fn (): ShareOut => ShareOut::of($table->asking(Preferences::asManyAsPossible())));
        $pieces = [];
        foreach ($out->cards as $card) {
            $pieces = array_merge_recursive($pieces, $card->pieces());
        }
        [$cut, $plans] = $this->median(
            static fn (): array => array_map(
                static fn (string $component): CutPlan => Planner::plan(
                    $table->stock[$component],
                    array_values($pieces[$component]),
                ),
                array_keys($pieces),
            ),
        );
        [$engine, $proven] = $this->median(
            static fn (): array => array_map(
                static fn (string $component): CutPlan => Engine::plan(
                    $table->stock[$component],
                    array_values($pieces[$component]),
                ),
                array_keys($pieces),
            ),
        );
        [$resolve] = $this->median(
            static fn (): array => array_map(
                static fn ($sketch) => $sketch->resolve($kit->front, $kit->unit),
                Sketches::all(),
            ),
        );
        $opened = array_sum(array_map(static fn (CutPlan $plan): int => $plan->sheetsOpened(), $plans));
        $least = array_sum(array_map(static fn (CutPlan $plan): int => $plan->lowerBound, $plans));

        return [
            ["$kit->name: share out $cards cards", $share, count($out->cards).' cards'],
            [
                "$kit->name: as many as possible, and what stops the next",
                $all,
                count($most->cards).' cards; '.($most->stop?->wants() ?? 'nothing stops'),
            ],
            ["$kit->name: plan the cutting of all sheets", $cut, "$opened sheets opened, at least $least"],
            [
                "$kit->name: the same by the engine, as after a wrong cut",
                $engine,
                count(array_filter($proven, static fn (CutPlan $plan): bool => $plan->isProven()))
                .' of '
                .count($proven)
                .' papers proven',
            ],
            ["$kit->name: resolve all sketches", $resolve, count(Sketches::all()).' sketches'],
        ];
    }

    /** @return array{string, string, string} a sketch of twelve parts and what shows of each */
    private function sketch(): array
    {
        $tiles = array_map(
            static fn (int $n): Part => Part::of(
                "tile-$n",
                "tile $n",
                Role::Accent,
                Tile::inGrid('ground', $n, 3, 3, Dim::reveal()),
                Form::rounded(Dim::reveal()),
            ),
            range(0, 8),
        );
        $sketch = Sketch::of(
            'twelve',
            'Twelve parts',
            [
                Part::of('ground', 'background', Role::Ground, Inset::in('front')),
                ...$tiles,
                Part::of('mat', 'mat', Role::Mat, Circle::in('ground', Dim::share(5, 8)), Form::round()),
                Part::of('circle', 'circle', Role::Label, Inset::in('mat'), Form::round()),
            ],
            Inset::in('circle'),
            Inset::in('circle'),
            30,
        );
        [$time, $shown] = $this->median(
            static fn (): Visibility => Visibility::of($sketch->resolve(StandardFront::A2->size(), Unit::Inch)),
        );

        return ['resolve a sketch of 12 parts, and what shows of each', $time, $shown->shownPercent('ground').' % of its ground shows'];
    }

    /** @return array{string, string, string} */
    private function checks(): array
    {
        $table = Inventory::unpacked(Demo::file('harbour-lanterns'));
        $out = ShareOut::of($table->under(Preferences::cards(10)))->cards;
        $cards = array_map(
            static fn (int $n): Card => Card::of(
                $n + 1,
                $out[$n % count($out)]->sketch,
                $out[$n % count($out)]->front,
                $out[$n % count($out)]->occasion,
                $out[$n % count($out)]->takings,
            ),
            range(0, 23),
        );
        [$time, $found] = $this->median(
            static fn (): int => array_sum(
                array_map(
                    static fn (Card $card): int => count(
                        Checks::look(CardInHand::of($card, $table->components, $table->unit, $cards)),
                    ),
                    $cards,
                ),
            ),
        );

        return ['all checks of 24 cards', $time, "$found findings, hints among them"];
    }

    /** @return array{string, string, string} the making of so many cards in runs */
    private function making(int $many): array
    {
        $table = Inventory::unpacked(ScarceKit::pad())->under(Preferences::cards($many));
        $cards = Stretch::most($table);
        $plan = static fn (): MakingPlan => MakingPlan::of(array_merge(...array_map(
            static fn (Card $card): array => StepKinds::stepsOf(CardAtBench::of($card, $table->components, $table->unit)),
            $cards,
        )), School::Runs);
        [$time, $found] = $this->median($plan);
        $minutes = intdiv($found->order->seconds(), 60);

        return [
            'runs of '.count($cards).' cards',
            $time,
            "{$found->order->setUps} set-ups of at least $found->leastSetUps, $minutes min of at least ".intdiv($found->leastSeconds, 60),
        ];
    }

    /** @return array{string, string, string} one paper with many pieces, as when a pad is cut for a class */
    private function pad(): array
    {
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("s$n", Size::parse('6', '6', Unit::Inch)), range(1, 24));
        $sizes = [['3', '4 1/4'], ['4', '5 1/4'], ['1', '4'], ['2', '2'], ['1 3/4', '5 1/4']];
        $pieces = array_map(
            static fn (int $n): Piece => Piece::of(
                "p$n",
                Size::parse($sizes[$n % 5][0], $sizes[$n % 5][1], Unit::Inch),
                $n % 2 === 0,
            ),
            range(1, 60),
        );
        [$time, $plan] = $this->median(static fn (): CutPlan => Planner::plan($stock, $pieces));

        return ['60 pieces from 24 sheets of one paper', $time, "{$plan->sheetsOpened()} sheets opened, at least $plan->lowerBound"];
    }

    /** @return array{string, string, string} 48 cards of four papers each over a pad of 24 designs */
    private function order(): array
    {
        $sizes = [['4', '5 1/4'], ['3', '4 1/4'], ['1', '4'], ['2', '5 1/4']];
        $plan = static function () use ($sizes): array {
            $plans = [];
            for ($design = 0; $design < 24; $design++) {
                $stock = array_map(
                    static fn (int $n): Stock => Stock::sheet("s$n", Size::parse('6', '6', Unit::Inch)),
                    range(1, 6),
                );
                $pieces = array_map(
                    static fn (int $n): Piece => Piece::of(
                        "p$n",
                        Size::parse($sizes[($n + $design) % 4][0], $sizes[($n + $design) % 4][1], Unit::Inch),
                        ($n + $design) % 3 > 0,
                    ),
                    range(1, 8),
                );
                $plans[] = Engine::plan($stock, $pieces);
            }

            return $plans;
        };
        [$time, $plans] = $this->median($plan);
        $proven = count(array_filter($plans, static fn (CutPlan $plan): bool => $plan->isProven()));

        return [
            '48 cards, 192 pieces over a pad of 24 designs',
            $time,
            array_sum(array_map(static fn (CutPlan $plan): int => $plan->sheetsOpened(), $plans))
            ." sheets opened, $proven of 24 designs proven",
        ];
    }

    /** @return array{string, string, string} */
    private function filling(): array
    {
        $wishes = array_map(
            static fn (array $wish, int $n): Demand => Demand::for(
                Piece::of("w$n", Size::parse($wish[0], $wish[1], Unit::Inch), true),
                $wish[2],
                $wish[3],
            ),
            [
                ['4', '5 1/4', 50, 4],
                ['3 3/4', '5', 40, 2],
                ['2 3/4', '4', 25, 6],
                ['1', '5 1/2', 10, 6],
                ['2', '2', 8, 8],
                ['5', '7', 80, 1],
                ['1 1/2', '3 1/8', 11, 5],
            ],
            range(0, 6),
        );
        [$time, $found] = $this->median(
            static fn (): Filling => Fill::best(Stock::sheet('s', Size::parse('8 1/2', '11', Unit::Inch)), $wishes),
        );

        return ['fill a sheet of 8 1/2 × 11 in from seven wishes', $time, "worth $found->worth of at most $found->upperBound"];
    }

    /** @return array{string, string, string} */
    private function file(): array
    {
        $json = KitFile::write(Demo::file('harbour-lanterns'));
        [$time, $kit] = $this->median(static fn () => KitFile::read($json));

        return ['read a kit file', $time, count($kit->components).' components'];
    }

    /** @return array{string, string, string} */
    private function photo(): array
    {
        $image = imagecreatetruecolor(3_000, 3_000);
        for ($i = 0; $i < 900; $i++) {
            imagefilledellipse($image, ($i * 733) % 3_000, ($i * 1_277) % 3_000, 90, 90, ($i * 2_654_435) % 0xFFFFFF);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'bench');
        imagejpeg($image, $path, 90);
        [$time, $photo] = $this->median(static fn (): SheetPhoto => SheetPhoto::read($path));
        unlink($path);

        return ['read a photograph of 9 megapixels', $time, count($photo->looks->colours).' colours, busyness '.$photo->looks->busyness];
    }

    /** @return array{string, string, string} all that the worker does with a photograph of pieces */
    private function pieces(): array
    {
        $photo = imagescale(app(Photographs::class)->pieces(), 4_100) ?: throw new RuntimeException('No room for a picture.');
        $path = (string) tempnam(sys_get_temp_dir(), 'bench');
        imagejpeg($photo, $path, 90);
        $megapixels = imagesx($photo) * imagesy($photo) / 1_000_000;
        unset($photo);
        [$time, $table] = $this->median(static function () use ($path): PieceTable {
            $fine = PictureFile::open($path)->within(FindOnPhotographs::FINE);
            file_put_contents($path.'-fine', $fine->jpeg());
            $picture = $fine->within(FindPieces::SIDE)->picture();
            $base = Reference::sheet(Length::inches(4, 1, 4), Length::inches(5, 1, 2));

            return PieceTable::found(FindPieces::on($picture), $picture, $base);
        });
        array_map(unlink(...), [$path, "$path-fine"]);
        $found = count($table->alike());

        return [sprintf('find the pieces on a photograph of %.1f megapixels', $megapixels), $time, "$found pictures"];
    }

    /** @return list<array{string, string, string}> what scraps can become, one by one and all together */
    private function tray(): array
    {
        $tray = DemoTray::laid();
        $trimmer = $tray->table->wishes->trimmer();
        $many = count($tray->scraps);
        $longest = 0.0;
        $lacks = Lacks::on($tray->table, $tray->scraps);
        foreach ($tray->scraps as $scrap) {
            $longest = max($longest, (float) $this->median(static fn (): array => Becoming::of($scrap, $lacks, $trimmer))[0]);
        }
        [$time, $turned] = $this->median(
            static fn (): TrayPlan => WholeTray::turned($tray->table->sparesApart(), $tray->scraps, $lacks),
        );

        return [
            ["what one of $many scraps can become, the longest", sprintf('%.1f', $longest), "$many scraps"],
            ["the whole tray of $many scraps", $time, "{$turned->says()} {$turned->leftPerCent()} % left"],
        ];
    }

    /**
     * Server time of pages on a table of its own: ten years of kits, and one kit of 400 components.
     *
     * @return list<array{string, string, string}>
     */
    private function pages(): array
    {
        $years = new Years;
        $years->lay(120, 250, 8_000);
        $large = $years->kit('Four hundred lines', 400, false);
        LaidCards::on($large, 10);
        $card = $large->cards()->firstOrFail();
        $rows = [];
        foreach (
            [
                '/' => 'the shelf, 120 kits and 30 000 components',
                "/kits/$large->id/unpack" => 'Unpack, 400 components',
                "/kits/$large->id/count" => 'Count, 400 components',
                "/kits/$large->id/pair" => 'Pair, 400 components',
                "/kits/$large->id/share-out" => 'Share out, 400 components',
                "/kits/$large->id/cards/$card->id" => 'a card of it',
                '/kits/1/sketches' => 'Sketches',
                "/kits/$large->id/cut" => 'Cut, 400 components',
                "/kits/$large->id/make" => 'Make, 400 components',
                "/kits/$large->id/keep" => 'Keep, 400 components',
                "/kits/$large->id/keep/scraps?find=strip+2+x+5+1/2+calm+blue" => 'Find in ten years of kits, with the page',
                "/kits/$large->id/tally" => 'Tally, 400 components',
                '/cards?find=birthday+lantern' => 'Cards made, 1 200 cards, found by a line',
                '/people' => 'Who gets which, 60 people, 300 cards in hand',
                '/gave' => 'What kits gave, 120 kits',
                '/safe' => 'Safe keeping',
            ] as $url => $what
        ) {
            [$time, $response] = $this->median(static fn () => app(Kernel::class)->handle(Request::create($url)));
            $rows[] = [$what, $time, $response->getStatusCode().', '.intdiv(strlen((string) $response->getContent()), 1_000).' kB'];
        }

        return [...$rows, $this->marking($large), ...self::wholeTable()];
    }

    /** @return list<array{string, string, string}> ten years saved as one file, and opened in an empty application; once each */
    private static function wholeTable(): array
    {
        $path = sys_get_temp_dir().'/keepshare-bench-'.bin2hex(random_bytes(6)).'.zip';
        $start = hrtime(true);
        $records = SaveTable::to($path)->all();
        $saved = (hrtime(true) - $start) / 1e6;
        $size = intdiv((int) filesize($path), 1_000);
        $start = hrtime(true);
        app(OpenTable::class)->instead($path);
        $opened = (hrtime(true) - $start) / 1e6;
        unlink($path);

        return [
            ['save ten years of kits as one file', sprintf('%.1f', $saved), "$records records, $size kB"],
            ['open it in place of the table', sprintf('%.1f', $opened), DB::table('cards')->count().' cards'],
        ];
    }

    /** @return array{string, string, string} one step after the other is marked, each with the page after it */
    private function marking(KitRecord $kit): array
    {
        $make = app(MakeCards::class);
        $steps = Workbench::of(TableState::of($kit))->left();
        [$time, $response] = $this->median(static function () use ($make, $kit, &$steps): Response {
            $step = array_shift($steps) ?? throw new LogicException('There are fewer steps than times.');
            $make->done($kit, $kit->cards()->where('number', $step->card)->firstOrFail(), $step->name(), null);

            return app(Kernel::class)->handle(Request::create("/kits/$kit->id/make/table"));
        });

        return ['a step is marked, with the page after it', $time, (string) $response->getStatusCode()];
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return array{string, T}
     */
    private function median(Closure $do): array
    {
        [$time, $done] = Median::of($do, (int) $this->option('times'), self::WARM_UP);

        return [sprintf('%.1f', $time), $done];
    }

    private static function hasJit(): bool
    {
        $status = function_exists('opcache_get_status') ? opcache_get_status(false) : false;

        return is_array($status) && ($status['jit']['on'] ?? false) === true;
    }
}
