<?php

namespace Tools\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Process;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Leftover;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use LogicException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tools\Bench\Partitions;
use Tools\Bench\Shelves;

/** How well the cutting engine solves orders with a known optimum: sheets cut up at random and put together again. */
final class CutBenchCommand extends Command
{
    protected $signature = 'bench:cut {--orders=60 : orders of each sort} {--seed=1}';

    protected $description = 'Plan cut orders with a known optimum; says how many are solved, how long it takes, what shelves would open';

    public function handle(): int
    {
        $rows = [];
        foreach (
            [
                'up to 8 pieces a sheet, upright' => [4, 8, false],
                'up to 8, some may turn' => [4, 8, true],
                'up to 12, upright' => [4, 12, false],
                'up to 12, some may turn' => [4, 12, true],
            ] as $sort => [$least, $most, $mayTurn]
        ) {
            $rows[] = [$sort, ...$this->sort($least, $most, $mayTurn)];
        }
        $this->table(
            [
                '1 to 6 sheets of 6 × 6 in, marks of 1/16 in',
                'solved',
                'valid',
                'longest s',
                'mean s',
                'sheets opened',
                'optimum',
                'shelves',
                'a rectangle packer',
            ],
            $rows,
        );
        $this->leftovers();
        $this->impossible();
        $this->large();

        return 0;
    }

    /** Half of what is cut from a pad, and what the leftovers can still become. */
    private function leftovers(): void
    {
        $random = new Randomizer(new Mt19937((int) $this->option('seed')));
        $size = Size::parse('6', '6', Unit::Inch);
        $useful = Leftover::sizes(
            array_map(
                static fn (array $wish): Demand => Demand::for(
                    Piece::of('', Size::parse($wish[0], $wish[1], Unit::Inch), true),
                    $wish[2],
                    1,
                ),
                [['4', '5 1/4', 21], ['2 3/4', '4', 10], ['1', '5', 4]],
            ),
            $size,
        ) ?? throw new LogicException('The sizes fit the sheet.');
        $becomes = static fn (CutPlan $plan): int => array_sum(
            array_map(
                static fn (SheetPlan $sheet): int => array_sum(
                    array_map(
                        static fn (Leaf $leaf): int => $useful->of(
                            $leaf->rect()->size->width->units,
                            $leaf->rect()->size->height->units,
                        ),
                        $sheet->offcuts(),
                    ),
                ),
                $plan->sheets,
            ),
        );
        [$with, $without, $shelves, $shelved, $sheets, $times] = [0, 0, 0, 0, [0, 0], []];
        for ($n = 0; $n < 40; $n++) {
            $pieces = array_slice(Partitions::of($random, 3, 8, 48, 25_400, true), 0, 14);
            $stock = array_map(static fn (int $n): Stock => Stock::sheet("s$n", $size), range(1, 4));
            $start = hrtime(true);
            $best = Engine::plan($stock, $pieces, Terms::usual()->leaving($useful));
            $times[] = (hrtime(true) - $start) / 1e9;
            $plain = Engine::plan($stock, $pieces);
            $with += $becomes($best);
            $without += $becomes($plain);
            $sheets = [$sheets[0] + $best->sheetsOpened(), $sheets[1] + $plain->sheetsOpened()];
            $shelved += Shelves::sheets($size, $pieces);
            $shelves += array_sum(
                array_map(
                    static fn (array $left): int => $useful->of($left[0], $left[1]),
                    Shelves::leftovers($size, $pieces),
                ),
            );
        }
        $this->table(['40 orders of 14 pieces: worth of the leftovers', 'worth', 'sheets opened', 'longest s'], [
            ['by what they can become', (string) $with, (string) $sheets[0], sprintf('%.2f', max($times))],
            ['by size alone', (string) $without, (string) $sheets[1], ''],
            ['shelves', (string) $shelves, (string) $shelved, ''],
        ]);
    }

    /** Orders that cannot all be cut: more than there is room for, with one piece larger than any offcut. */
    private function impossible(): void
    {
        $random = new Randomizer(new Mt19937((int) $this->option('seed')));
        $side = static fn (int $least, int $most): Size => Size::ofUnits(
            $random->getInt($least, $most) * 12_700,
            $random->getInt($least, $most) * 12_700,
        );
        $rows = [];
        foreach ([[8, 8, 24], [14, 20, 56], [30, 12, 56], [60, 10, 50]] as [$many, $least, $most]) {
            foreach ([8, 40] as $offcuts) {
                $times = [];
                for ($n = 0; $n < 10; $n++) {
                    $stock = array_map(static fn (int $n): Stock => Stock::offcut("o$n", $side(24, 60)), range(1, $offcuts));
                    $pieces = array_map(static fn (int $n): Piece => Piece::of("p$n", $side($least, $most), true), range(2, $many));
                    $pieces[] = Piece::of('too large', Size::parse('5', '5', Unit::Inch), true);
                    $start = hrtime(true);
                    Engine::earliestFirst($stock, $pieces);
                    $times[] = (hrtime(true) - $start) / 1e9;
                }
                $rows[] = [$many, $offcuts, sprintf('%.2f', array_sum($times) / 10), sprintf('%.2f', max($times))];
            }
        }
        $this->table(['orders that cannot all be cut: pieces', 'unlike offcuts', 'mean s', 'longest s'], $rows);
    }

    /** The order of a large class. */
    private function large(): void
    {
        $stock = array_map(
            static fn (int $n): Stock => Stock::sheet("s$n", Size::parse('12', '12', Unit::Inch)),
            range(1, 200),
        );
        $sizes = [
            ['3', '4 1/4'],
            ['4', '5 1/4'],
            ['1', '4'],
            ['2', '2'],
            ['1 3/4', '5 1/4'],
            ['5', '7'],
            ['2 7/8', '3 5/8'],
        ];
        $pieces = array_map(
            static fn (int $n): Piece => Piece::of(
                "p$n",
                Size::parse($sizes[$n % 7][0], $sizes[$n % 7][1], Unit::Inch),
                $n % 2 === 0,
            ),
            range(1, 1_500),
        );
        $start = hrtime(true);
        $plan = Planner::plan($stock, $pieces);
        $this->line(
            sprintf(
                '1 500 pieces, 200 sheets of 12 × 12 in: first plan after %.2f s, %d sheets opened, at least %d, %d left out',
                (hrtime(true) - $start) / 1e9,
                $plan->sheetsOpened(),
                $plan->lowerBound,
                count($plan->unplaced),
            ),
        );
    }

    /**
     * The same orders by a package for packing pictures, which knows no guillotine cuts.
     *
     * @param  list<list<Piece>>  $orders
     */
    private static function packed(array $orders, Size $sheet): string
    {
        $answer = Process::path(base_path())
            ->input(
                (string) json_encode(
                    array_map(
                        static fn (array $pieces): array => [
                            'side' => $sheet->width->units,
                            'pieces' => array_map(
                                static fn (Piece $piece): array => [
                                    $piece->size->width->units,
                                    $piece->size->height->units,
                                    $piece->mayTurn,
                                ],
                                $pieces,
                            ),
                        ],
                        $orders,
                    ),
                ),
            )
            ->run(['node', 'resources/bench/rectangles.mjs']);
        $sheets = $answer->successful() ? json_decode($answer->output(), true) : null;

        return is_array($sheets) ? (string) array_sum($sheets) : 'not installed';
    }

    /** @return list<string> */
    private function sort(int $least, int $most, bool $mayTurn): array
    {
        $random = new Randomizer(new Mt19937((int) $this->option('seed')));
        $size = Size::parse('6', '6', Unit::Inch);
        $orders = max(1, (int) $this->option('orders'));
        [$solved, $valid, $opened, $optimum, $shelves, $times, $all] = [0, 0, 0, 0, 0, [], []];
        for ($n = 0; $n < $orders; $n++) {
            $sheets = 1 + $n % 6;
            $pieces = Partitions::of($random, $sheets, $random->getInt($least, $most), 96, 12_700, $mayTurn);
            $stock = array_map(static fn (int $n): Stock => Stock::sheet("s$n", $size), range(1, $sheets + 2));
            $all[] = $pieces;
            $start = hrtime(true);
            $plan = Engine::plan($stock, $pieces);
            $times[] = (hrtime(true) - $start) / 1e9;
            $solved += (int) ($plan->isComplete() && $plan->sheetsOpened() === $sheets);
            $cut = array_merge(
                [],
                ...array_map(
                    static fn ($sheet): array => array_map(
                        static fn ($leaf): string => (string) $leaf->piece,
                        $sheet->pieces(),
                    ),
                    $plan->sheets,
                ),
            );
            $valid
                += (int) (count($cut) === count(array_unique($cut))
                    && array_diff(array_map(static fn (Piece $piece): string => $piece->id, $pieces), $cut) === []);
            $opened += $plan->sheetsOpened();
            $optimum += $sheets;
            $shelves += Shelves::sheets($size, $pieces);
        }

        return [
            "$solved of $orders",
            "$valid of $orders",
            sprintf('%.2f', max($times)),
            sprintf('%.2f', array_sum($times) / $orders),
            (string) $opened,
            (string) $optimum,
            (string) $shelves,
            self::packed($all, $size),
        ];
    }
}
