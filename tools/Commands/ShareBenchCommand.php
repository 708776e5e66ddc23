<?php

namespace Tools\Commands;

use App\Cards\Grid;
use App\Cards\PlaceCards;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Taking;
use App\Table\TableState;
use Database\Demo\Demo;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Kit as CoreKit;
use KeepShare\Core\Pattern\ColumnGeneration;
use KeepShare\Core\Share\LocalSearch;
use KeepShare\Core\Share\Score;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Areas;
use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use Tools\Bench\OddKit;
use Tools\Bench\OwnTable;
use Tools\Bench\PadKit;
use Tools\Bench\RandomKit;
use Tools\Bench\RichKit;
use Tools\Bench\ScarceKit;

/** How well kits are shared out, and how long it takes: the first answer, the improved one, a move in the grid. */
final class ShareBenchCommand extends Command
{
    protected $signature = 'bench:share {--kits=50 : made-up kits for the number of cards}';

    private const SCARCE = 18;

    private const RICH = 30;

    /** How long scarce kits are improved. */
    private const STEPS = 30;

    protected $description = 'Share kits out; says how long it takes and how near the number of cards is to the bound';

    public function handle(): int
    {
        $harbour = (string) file_get_contents(database_path('demo/harbour-lanterns.json'));
        $small = Inventory::unpacked(Demo::file('harbour-lanterns'));
        $twelve = Inventory::of(
            $small->unit,
            $small->front,
            $small->components,
            [...$small->free, 'base' => 12, 'envelope' => 12],
            $small->stock,
        );
        $this->table(
            [
                'kit',
                'cards',
                'first s',
                'settled s',
                'go together, first',
                'settled',
                'sheets opened, first',
                'settled',
            ],
            [
                ['Harbour Lanterns', ...$this->shared($twelve, 12)],
                ['Forty sheets, 150 components', ...$this->shared(Inventory::unpacked(PadKit::like($harbour)), 24)],
            ],
        );
        $this->counts();
        $this->spread();
        $this->stretched();
        OwnTable::with($this->moves(...));

        return 0;
    }

    /** @return list<string> */
    private function shared(Inventory $laying, int $wanted): array
    {
        $table = $laying->under(Preferences::cards($wanted));
        $start = hrtime(true);
        $first = Sharer::most($table);
        Composer::on($table, $first);
        $firstTime = (hrtime(true) - $start) / 1e9;
        $settled = LocalSearch::down($table, $first, config()->integer('share-out.steps'));
        Composer::on($table, $settled);
        $time = (hrtime(true) - $start) / 1e9;
        [$was, $is] = [Score::of($table, $first), Score::of($table, $settled)];

        return [
            count($first) === count($settled) ? (string) count($first) : count($first).' → '.count($settled),
            sprintf('%.2f', $firstTime),
            sprintf('%.2f', $time),
            (string) intdiv($was->together, max(1, $was->complete)),
            (string) intdiv($is->together, max(1, $is->complete)),
            (string) -$was->kept,
            (string) -$is->kept,
        ];
    }

    private function counts(): void
    {
        [$equal, $below, $better, $worse] = [0, 0, 0, 0];
        $kits = max(1, (int) $this->option('kits'));
        for ($seed = 1; $seed <= $kits; $seed++) {
            $table = Inventory::unpacked(RandomKit::of($seed))->under(Preferences::asManyAsPossible());
            $first = Stretch::most($table);
            $settled = LocalSearch::down($table, $first, 30);
            $gap = Bound::on($table)->cards - count($settled);
            $equal += (int) ($gap === 0);
            $below += (int) ($gap === 1);
            $merit = Score::of($table, $settled)->compare(Score::of($table, $first));
            $better += (int) ($merit > 0);
            $worse += (int) ($merit < 0);
        }
        $this->line(
            "$kits made-up kits, as many cards as possible: $equal at the upper bound, $below one below it; "
                ."settling made $better better and $worse worse.",
        );
    }

    /**
     * How many of a kit's ready-made pieces find a card, how long that takes, and whether a rule of the craft is
     * broken.
     */
    private function spread(): void
    {
        $harbour = Demo::file('harbour-lanterns');
        $rich = array_map(RichKit::of(...), range(1, self::RICH));
        $uses = array_fill_keys(array_column($harbour->components, 'id'), Wanted::UseUp);
        $most = Preferences::asManyAsPossible();
        $columns = ['pieces spread over as many cards as possible', 'cards', 'on cards', 'in all', '%', 'rules broken', 'alike', 'ms'];
        $this->table($columns, [
            $this->spreading('Harbour Lanterns', $most, $harbour),
            $this->spreading('the same, many and use up', $most->pieces(Many::Lots)->using($uses), $harbour),
            $this->spreading(self::RICH.' made-up kits with many die cuts', $most, ...$rich),
            $this->spreading('the same, many', $most->pieces(Many::Lots), ...$rich),
        ]);
    }

    /** @return list<string|int> */
    private function spreading(string $what, Preferences $wishes, CoreKit ...$kits): array
    {
        [$cards, $used, $all, $broken, $alike, $longest] = [0, 0, 0, 0, 0, 0.0];
        foreach ($kits as $kit) {
            $table = Inventory::unpacked($kit)->under($wishes);
            $bare = LocalSearch::down($table, Stretch::most($table), self::STEPS);
            $start = hrtime(true);
            $composed = Composer::on($table, $bare);
            $longest = max($longest, (hrtime(true) - $start) / 1e6);
            $cards += count($composed);
            $seen = [];
            foreach ($composed as $card) {
                $group = CardGroup::of($card, $card->layout($table->unit), $table->components, $table->unit);
                $broken += (int) ($group === null || CraftRules::firstBroken($group) !== null);
                $seen[] = "{$card->sketch->key}/{$card->arrangement?->key}";
                foreach ($card->takings as $taking) {
                    $used += self::isPiece($table->components[$taking->component] ?? null) ? $taking->quantity : 0;
                }
            }
            $alike += count($seen) - count(array_unique($seen));
            foreach ($kit->components as $component) {
                $all += self::isPiece($component) ? $component->count : 0;
            }
        }

        return [$what, $cards, $used, $all, intdiv(100 * $used, max(1, $all)), $broken, $alike, (int) $longest];
    }

    private static function isPiece(?CoreComponent $component): bool
    {
        return in_array($component?->kind(), [Kind::DieCut, Kind::Sticker], true);
    }

    /** Kits with scarce paper, beside the search that ignores scarcity, and the proven bound. */
    private function stretched(): void
    {
        $laid = array_map(static fn (int $seed): Inventory => Inventory::unpacked(ScarceKit::of($seed)), range(0, self::SCARCE - 1));
        $few = array_map(
            static fn (int $seed): Inventory => Inventory::unpacked(ScarceKit::withBases($seed, 8 + 7 * $seed % 33)),
            range(0, self::SCARCE - 1),
        );
        $this->table(
            [
                'as many as possible',
                'as it pleases',
                'stretched',
                'at most',
                'more than one below',
                'kits with over a quarter on one sketch',
                'twins',
                '% of the paper',
                'first s',
                'settled s',
                'MB',
            ],
            [
                $this->stretching(self::SCARCE.' scarce kits of 2 to 8 sheets', ...$laid),
                $this->stretching('the same with 8 to 40 bases', ...$few),
                $this->stretching('a pad of 24 sheets, 48 bases, two stamps', Inventory::unpacked(ScarceKit::pad())),
                ...array_map(
                    fn (array $one, string $what): array => $this->stretching($what, Inventory::unpacked(OddKit::kit($one[0]))),
                    OddKit::all(),
                    array_keys(OddKit::all()),
                ),
                $this->stretching('500 of each', Inventory::unpacked(OddKit::hundreds())),
                $this->stretching('six sheets, nine heavy, four stamps, two dies', Inventory::unpacked(Demo::file('windfall-orchard'))),
            ],
        );
    }

    /** @return list<string|int> */
    private function stretching(string $what, Inventory ...$laid): array
    {
        [$plain, $found, $most, $below, $crowded, $twins, $first, $settled, $paper, $left] = [0, 0, 0, 0, 0, 0, 0.0, 0.0, 0.0, 0.0];
        foreach ($laid as $laying) {
            $table = $laying->under(Preferences::asManyAsPossible());
            $plain += count(Sharer::most($laying->under(Preferences::asManyAsPossible())));
            $start = hrtime(true);
            $cards = Stretch::most($table);
            $first = max($first, (hrtime(true) - $start) / 1e9);
            LocalSearch::down($table->apartFor(...$cards), $cards, self::STEPS);
            $settled = max($settled, (hrtime(true) - $start) / 1e9);
            $bound = min(Preferences::MOST_CARDS, ColumnGeneration::on($table)->bound->cards);
            [$found, $most, $below] = [$found + count($cards), $most + $bound, $below + (int) ($bound - count($cards) > 1)];
            $apart = $table->apartFor(...$cards);
            $score = Score::of($apart, $cards);
            [$crowded, $twins] = [$crowded + (int) ($score->crowded > 0), $twins + $score->twins];
            $paper += Areas::left($apart, true);
            $left += Areas::left($apart->after(...$cards), true);
        }
        $used = $paper > 0 ? (int) (100 * ($paper - $left) / $paper) : 0;
        $seconds = array_map(static fn (float $one): string => sprintf('%.1f', $one), [$first, $settled]);

        return [$what, $plain, $found, $most, $below, $crowded, $twins, $used, ...$seconds, memory_get_peak_usage(true) >> 20];
    }

    /** A move and the page after it, on a table of its own. */
    private function moves(): void
    {
        $kit = Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail();
        app(PlaceCards::class)->place($kit, Sharer::most(TableState::of($kit)->table(Preferences::cards(10))), false);
        $times = [];
        for ($n = 0; $n < 10; $n++) {
            [$one, $two] = Taking::query()
                ->where('part', $n % 2 === 0 ? 'focal' : 'sentiment')
                ->with('card.takings', 'card.kit')
                ->orderBy('card_id')
                ->skip($n % 8)
                ->take(2)
                ->get()
                ->all();
            $start = hrtime(true);
            app(Grid::class)->move($kit, Component::query()->findOrFail($one->component_id), $one->card, $two->card, null);
            app(Kernel::class)->handle(Request::create("/kits/$kit->id/share-out"));
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $this->line(sprintf('A move in the grid and the page after it: %.0f ms, the longest of ten %.0f ms.', $times[5], max($times)));
    }
}
