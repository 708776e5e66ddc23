<?php

namespace Tests\Feature\ShareOut;

use App\Journal\Act;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\SolutionKind;
use App\Models\Taking;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\FeatureTestCase;

/**
 * Whatever is done on the grid, in any order: rows and columns balance, a share-out moves nothing that is fixed, and
 * undo and redo go all the way.
 */
final class GridPropertiesTest extends FeatureTestCase
{
    /** @return array<string, array{string, int}> */
    public static function runs(): array
    {
        return ['inches' => ['Harbour Lanterns', 11], 'millimetres' => ['Knitted Hills', 13]];
    }

    #[DataProvider('runs')]
    public function test_any_run_of_acts_balances_and_is_undone_and_redone(string $name, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $this->harbour();
        $kit = Kit::query()->where('name', $name)->firstOrFail();
        $this->shareOut($kit, 6, true);
        $before = $this->records($kit);
        $acts = Act::query()->count();
        $kinds = [];
        for ($n = 0; $n < 20; $n++) {
            $had = Act::query()->where('is_undone', false)->count();
            $fixed = $this->fixed($kit);
            $kind = $this->something($random, $kit);
            $now = Act::query()->where('is_undone', false)->count();
            self::assertLessThanOrEqual($had + 1, $now, "$kind is one act");
            if ($now > $had) {
                $kinds[$kind] = true;
                $this->assertInBalance($kit, true);
                $this->assertGridBalances($kit);
            }
            if ($kind === 'solve') {
                self::assertSame($fixed, array_intersect_key($this->fixed($kit), $fixed), 'what is pinned or begun is as it was');
            }
        }
        self::assertGreaterThanOrEqual(8, count($kinds), 'most kinds of act could be done: '.implode(', ', array_keys($kinds)));

        $after = $this->records($kit);
        while (Act::query()->where('is_undone', false)->count() > $acts) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame($before, $this->records($kit), 'undo brings back every record as it was');
        while (Act::query()->where('is_undone', true)->exists()) {
            $this->act($kit, 'redo')->assertSessionHasNoErrors();
        }
        self::assertSame($after, $this->records($kit), 'and redo goes as far forward');
    }

    /** One act, which may be refused. */
    private function something(Randomizer $random, Kit $kit): string
    {
        $any = static fn (array $of): mixed => $of === [] ? null : array_values($of)[$random->getInt(0, count($of) - 1)];
        $card = $any($kit->cards()->with('takings')->get()->all());
        if (! $card instanceof Card) {
            $this->act($kit, 'grid/add');

            return 'add';
        }
        $taking = $any($card->takings->all());
        $component = $taking instanceof Taking ? Component::coreIdOf($taking->component_id) : '';
        $other = $any($kit->cards()->get()->all());
        $cell = ['card' => $card->id, 'component' => $component];
        $kind = $any([
            'more',
            'more',
            'fewer',
            'swap',
            'swap',
            'pin',
            'pin card',
            'move',
            'move',
            'add',
            'duplicate',
            'aside',
            'put back',
            'remove',
            'way',
            'way',
            'use',
            'cut',
            'lose',
            'solve',
            'solve',
            'keep',
            'take up',
            'wish',
            'wish',
            'set',
        ]);
        match ($kind) {
            'more', 'fewer' => $this->act($kit, 'grid/more', [...$cell, 'by' => $kind === 'more' ? 1 : -1]),
            'swap', 'use' => $this->act($kit, "grid/$kind", $cell),
            'pin' => $this->act($kit, 'grid/pin', $cell),
            'pin card', 'duplicate', 'aside', 'remove' => $this->act($kit, 'grid/'.strtok($kind, ' '), [
                'card' => $card->id,
            ]),
            'move' => $this->act($kit, 'grid/move', [
                'component' => $component,
                'from' => $card->id,
                'to' => $other instanceof Card ? $other->id : null,
            ]),
            'add' => $this->act($kit, 'grid/add'),
            'put back' => $this->withSolution($kit, SolutionKind::Aside, 'put-back'),
            'way' => $this->takeAWay($kit),
            'cut' => $this->cutFor($kit, $card),
            'lose' => $this->lose($kit, $component),
            'solve' => $this->solve($kit, $random->getInt(4, 8)),
            'wish' => $this->act($kit, 'taste', [
                'frame' => '',
                'set' => $random->getInt(1, 2),
                'savesOne' => $random->getInt(0, 1),
                'insides' => $random->getInt(0, 1),
                'follows' => $random->getInt(0, 1),
                'stashCards' => (string) $random->getInt(0, 3),
                'folds' => ['gatefold' => (string) $random->getInt(0, 1)],
                'wanted' => ['birthday' => (string) $random->getInt(0, 2)],
                'trimmer' => $random->getInt(0, 1) === 0 ? '' : '12in',
            ]),
            'set' => $this->act($kit, "cards/$card->id/copies", ['copies' => $random->getInt(1, 3)]),
            'keep' => $this->act($kit, 'share-out/keep', ['name' => "Kept $card->number"]),
            default => $this->withSolution($kit, SolutionKind::Kept, 'take-up'),
        };

        return is_string($kind) ? $kind : '';
    }

    private function withSolution(Kit $kit, SolutionKind $kind, string $act): void
    {
        $solution = Solution::query()->where('kit_id', $kit->id)->where('kind', $kind)->first();
        if ($solution !== null) {
            $this->act($kit, "share-out/solutions/$solution->id/$act");
        }
    }

    private function takeAWay(Kit $kit): void
    {
        foreach ($this->rows($kit) as $row) {
            foreach ($row['shorts'] as $short) {
                if ($short['ways'] !== []) {
                    $this->act($kit, 'grid/way', ['card' => $short['card'], 'part' => $short['part'], 'says' => $short['ways'][0]['says']]);

                    return;
                }
            }
        }
    }

    private function cutFor(Kit $kit, Card $card): void
    {
        $sheet = $this->props("/kits/$kit->id/cut?card=$card->id")['sheet'] ?? null;
        if ($sheet !== null) {
            $this->act($kit, "cut/{$sheet['id']}/for/$card->id");
        }
    }

    private function lose(Kit $kit, string $component): void
    {
        $line = array_column($this->props("/kits/$kit->id/count")['lines'], null, 'good')[$component] ?? null;
        if ($line !== null && ! $line['isByLength'] && $line['here'] > 0) {
            $this->act($kit, "count/{$line['id']}", ['counted' => $line['here'] - 1, 'was' => $line['here']]);
        }
    }

    private function solve(Kit $kit, int $cards): void
    {
        $this->act($kit, 'share-out', ['cards' => $cards, 'stash' => true, 'words' => 'once']);
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        if ($proposal !== null) {
            $this->act($kit, "share-out/solutions/{$proposal['id']}/accept");
        }
    }

    /** A row of counted goods gives what there is, to cards or to Keep. What goes beyond is reported as short. */
    private function assertGridBalances(Kit $kit): void
    {
        $counted = array_column($this->props("/kits/$kit->id/count")['lines'], null, 'good');
        foreach ($this->rows($kit) as $id => $row) {
            $line = $counted[$id] ?? null;
            if ($line === null || ! $line['isCountable'] || $line['isByLength'] || ! is_numeric($row['keep'])) {
                continue;
            }
            $taken = array_sum(array_column(array_merge(...array_values($row['cells'])), 'quantity'));
            self::assertSame($line['here'], $taken + (int) $row['keep'], "the row of $id balances");
            self::assertSame($row['keep'] < 0, $row['short'] !== null);
        }
    }

    /** @return array<int, list<list<mixed>>> what pinned and begun cards take, and what is pinned of the others, by card */
    private function fixed(Kit $kit): array
    {
        $fixed = [];
        foreach ($kit->cards()->with('takings')->get() as $card) {
            $takings = $card->is_pinned || $card->isBegun() ? $card->takings : $card->takings->where('is_pinned', true);
            if ($takings->isNotEmpty()) {
                $fixed[$card->number] = array_values(
                    $takings
                        ->map(
                            static fn (Taking $taking): array => [
                                $taking->part,
                                $taking->component_id,
                                $taking->quantity,
                                $taking->width,
                                $taking->face,
                            ],
                        )
                        ->sort()
                        ->all(),
                );
            }
        }

        return $fixed;
    }

    /** @return array<string, array<string, mixed>> by component */
    private function rows(Kit $kit): array
    {
        return array_column(array_merge(...array_column($this->props("/kits/$kit->id/share-out")['groups'], 'lines')), null, 'id');
    }
}
