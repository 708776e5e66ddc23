<?php

namespace Tests\Feature;

use App\Jobs\RunTask;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Solve;
use App\Models\SolveState;
use App\Models\Taking;
use App\ShareOut\ShareOutKit;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** The main job from the share-out to the tally, on records. */
final class SliceTest extends FeatureTestCase
{
    public function test_ten_cards_are_shared_out_and_in_balance(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);

        self::assertSame(10, $kit->cards()->count());
        $this->assertInBalance($kit);
        $page = $this->props("/kits/$kit->id/share-out");
        self::assertCount(10, $page['cards']);
        $base = self::row($page, 'A2 base, ivory');
        self::assertSame(['10', '0', 10], [$base['have'], $base['keep'], count($base['cells'])]);
        self::assertSame('10 cards', array_column($page['frame']['stages'], 'figure', 'key')['share-out']);
    }

    public function test_what_was_bent_or_lost_is_not_planned_with(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);

        $page = $this->props("/kits/$kit->id/unpack");
        $lines = array_merge(...array_column($page['groups'], 'lines'));
        $differing = array_values(array_filter($lines, static fn (array $line): bool => $line['differs']));
        self::assertSame(
            [['2', '1'], ['2', '1']],
            array_map(static fn (array $line): array => [$line['listed'], $line['here']], $differing),
        );
        $bent = Sheet::query()->where('state', SheetState::Spoiled)->get();
        self::assertGreaterThan(0, $bent->count());
        self::assertSame(0, CutPlan::query()->whereIn('sheet_id', $bent->modelKeys())->count());
    }

    public function test_sharing_out_again_replaces_the_cards_and_undo_brings_them_back(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $before = self::photograph();
        $this->shareOut($kit, 3);
        self::assertSame(3, $kit->cards()->count());
        $this->assertInBalance($kit);

        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame($before, self::photograph());
        $this->act($kit, 'redo')->assertSessionHasNoErrors();
        self::assertSame(3, $kit->cards()->count());
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertSame(0, $kit->cards()->count());
        $this->act($kit, 'undo')->assertSessionHasErrors(['undo' => 'There is nothing to undo.']);
    }

    public function test_a_sheet_marked_as_cut_becomes_pieces_and_offcuts(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $before = self::photograph();
        $plan = CutPlan::query()->with('sheet')->firstOrFail();
        $leaves = $plan->toCore()->leaves();

        $this->act($kit, "cut/$plan->sheet_id")->assertSessionHasNoErrors();
        $parts = Sheet::query()->where('parent_id', $plan->sheet_id)->get();
        self::assertSame(SheetState::Cut, $plan->sheet->refresh()->state);
        self::assertCount(count($leaves), $parts);
        self::assertSame(count($plan->toCore()->pieces()), Taking::query()->whereIn('sheet_id', $parts->modelKeys())->count());
        $this->assertInBalance($kit);
        self::assertMatchesRegularExpression(
            '/^1 of \d+ sheets$/',
            array_column($this->props("/kits/$kit->id/cut")['frame']['stages'], 'figure', 'key')['cut'],
        );

        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame($before, self::photograph());
    }

    public function test_cards_that_are_begun_stay_when_the_rest_is_shared_out_again(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $plan = CutPlan::query()->firstOrFail();
        $this->act($kit, "cut/$plan->sheet_id");
        $begun = Card::query()->whereHas('takings', fn ($taking) => $taking->whereNotNull('sheet_id'))->pluck('id')->all();
        self::assertNotSame([], $begun);

        $this->shareOut($kit, 5);
        self::assertSame(5, $kit->cards()->count());
        self::assertSame($begun, Card::query()->whereKey($begun)->pluck('id')->all());
        $this->assertInBalance($kit);
    }

    public function test_every_sheet_of_the_share_out_can_be_cut_in_turn(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        while (($plan = CutPlan::query()->whereNull('cut_at')->first()) !== null) {
            $this->act($kit, "cut/$plan->sheet_id")->assertSessionHasNoErrors();
            $this->assertInBalance($kit);
        }
        self::assertSame(0, Taking::query()->whereNotNull('width')->whereNull('sheet_id')->count());
        $page = $this->props("/kits/$kit->id/cut");
        self::assertSame($page['bound']['opened'], $page['bound']['least']);
    }

    public function test_bonus_cards_are_found_named_and_added(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10, stash: true);
        $this->busyWorker($kit, false);
        $keep = $this->props("/kits/$kit->id/keep");
        self::assertSame([11, 12, 13, 14], array_column($keep['bonus']['cards'], 'number'));
        self::assertSame('one more sentiment', $keep['bonus']['stop']['wants']);

        $this->act($kit, 'keep', ['number' => 11])->assertSessionHasNoErrors();
        self::assertSame([11], $kit->cards()->where('is_bonus', true)->pluck('number')->all());
        $this->assertInBalance($kit);
        self::assertCount(3, $this->props("/kits/$kit->id/keep")['bonus']['cards']);
        self::assertStringContainsString('Heavy white', implode(' ', array_column($this->props("/kits/$kit->id/tally")['stash'], 'name')));
        $this->act($kit, 'keep', ['number' => 40])->assertSessionHasErrors('table');
    }

    public function test_one_stash_serves_two_kits_without_giving_anything_twice(): void
    {
        $harbour = $this->harbour();
        $hills = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->shareOut($harbour, 12, stash: true);
        $this->shareOut($hills, 10, stash: true);

        $this->assertInBalance($harbour);
        $this->assertInBalance($hills);
    }

    public function test_the_tally_counts_cards_shares_and_cost(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $tally = $this->props("/kits/$kit->id/tally");

        self::assertSame([10, ['amount' => '3.45', 'currency' => 'USD']], [$tally['cards'], $tally['each']]);
        $lines = array_merge(...array_column($tally['groups'], 'lines'));
        $names = array_map(static fn (array $line): string => $tally['goods'][$line['id']]['name'], $lines);
        self::assertSame(100, $lines[array_search('A2 base, ivory', $names, true)]['percent']);
        self::assertSame(10, array_sum(array_column($tally['occasions'], 'cards')));
    }

    public function test_asking_for_more_than_there_is_says_what_stops_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 30);

        self::assertSame(10, $kit->cards()->count());
        self::assertStringContainsString(
            "10 of the 30 cards asked for.\nNo more can be made: there is no base left.\n"
                .'Another needs one more base.',
            $this->props("/kits/$kit->id/share-out")['solve']['message'],
        );
    }

    public function test_a_share_out_runs_in_the_background_and_can_be_stopped(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $this->shareOut($kit, 10);
        Queue::assertPushed(RunTask::class, static fn (RunTask $job): bool => $job->queue === 'share-outs');
        Queue::assertPushed(RunTask::class, 1);
        self::assertTrue($this->props("/kits/$kit->id/share-out")['solve']['isUnderWay']);

        $isAsked = false;
        DB::listen(function ($query) use ($kit, &$isAsked): void {
            if (! $isAsked && str_starts_with($query->sql, 'update "solves" set "done"')) {
                $isAsked = true;
                $this->act($kit, 'share-out/stop');
                self::assertTrue($this->props("/kits/$kit->id/share-out")['solve']['isUnderWay'], 'the card in hand is finished');
            }
        });
        app(ShareOutKit::class)->run(Solve::query()->sole()->id);
        self::assertSame(SolveState::Done, Solve::query()->sole()->state);
        self::assertSame(1, $kit->cards()->count(), 'it stops after the card in hand and keeps it');
    }

    public function test_a_share_out_that_is_stopped_before_it_began_is_over_at_once(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $this->act($kit, 'share-out/stop');
        self::assertStringContainsString('Nothing was changed', $this->props("/kits/$kit->id/share-out")['solve']['message']);
        $this->shareOut($kit, 10);
        Queue::assertPushed(RunTask::class, 2);

        app(ShareOutKit::class)->run(Solve::query()->oldest('id')->firstOrFail()->id);
        self::assertSame(0, $kit->cards()->count(), 'the first is not begun any more');
    }

    public function test_a_share_out_whose_worker_has_died_says_so_at_once_and_can_be_started_again(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $solve = Solve::query()->sole();
        $solve->update(['state' => SolveState::Running, 'worker' => '999999999:1']);

        $told = $this->props("/kits/$kit->id/share-out")['solve'];
        self::assertFalse($told['isUnderWay']);
        self::assertStringContainsString('stopped unexpectedly', $told['message']);
        $this->act($kit, 'share-out/stop');
        self::assertSame(SolveState::Failed, $solve->refresh()->state, 'stop ends it');
        $this->shareOut($kit, 10);
        Queue::assertPushed(RunTask::class, 2);
    }

    public function test_a_share_out_that_is_finished_cannot_fail_later(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $solve = Solve::query()->sole();
        app(ShareOutKit::class)->brokeOff($solve->id);

        self::assertSame([SolveState::Done, null], [$solve->refresh()->state, $solve->message]);
    }

    public function test_a_share_out_overtaken_by_another_act_changes_nothing(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        Kit::query()->whereKey($kit->id)->increment('revision');

        app(ShareOutKit::class)->run(Solve::query()->sole()->id);
        self::assertSame(SolveState::Failed, Solve::query()->sole()->state);
        self::assertSame(0, $kit->cards()->count());
    }

    /** @return list<array{mixed}> */
    public static function counts(): array
    {
        return [['-3'], ['0'], ['201'], ['1e9'], ['two'], [''], ['2.5']];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('counts')]
    public function test_a_text_that_is_not_a_number_of_cards_is_refused_at_its_field(mixed $cards): void
    {
        $kit = $this->harbour();

        $this->act($kit, 'share-out', [
            'cards' => $cards,
            'stash' => false,
            'words' => 'once',
        ])->assertSessionHasErrors([
            'cards' => 'Write how many cards, from 1 to 200, or max for as many as possible.',
        ]);
        self::assertSame(0, Solve::query()->count());
    }

    public function test_a_stale_tab_is_told_and_changes_nothing(): void
    {
        $kit = $this->harbour();
        $stale = $kit->revision;
        $this->shareOut($kit, 4);
        $plan = CutPlan::query()->firstOrFail();
        $before = self::photograph();

        foreach (
            [
                "cut/$plan->sheet_id" => [],
                'keep' => ['number' => 5],
                'undo' => [],
                'share-out' => ['cards' => 2, 'stash' => false, 'words' => 'once'],
            ] as $path => $with
        ) {
            $this->post("/kits/$kit->id/$path", ['revision' => $stale, ...$with])->assertSessionHasErrors('table');
            self::assertStringContainsString('The table has changed', (string) session('errors')?->first('table'));
        }
        self::assertSame($before, self::photograph());
    }

    public function test_undo_is_refused_where_another_kit_builds_on_what_was_done(): void
    {
        $harbour = $this->harbour();
        $this->shareOut($harbour, 12, stash: true);
        $heavy = Component::query()->where('key', 'heavy-white')->firstOrFail();
        $plan = CutPlan::query()->whereHas('sheet', fn ($sheet) => $sheet->where('component_id', $heavy->id))->firstOrFail();
        $this->act($harbour, "cut/$plan->sheet_id")->assertSessionHasNoErrors();
        // Another kit takes a piece that came from that cut.
        Sheet::query()
            ->where('parent_id', $plan->sheet_id)
            ->where('state', SheetState::Piece)
            ->firstOrFail()
            ->update(['state' => SheetState::Spoiled]);

        $this->act($harbour, 'undo')->assertSessionHasErrors('undo');
        self::assertStringContainsString('something done since', (string) session('errors')?->first('undo'));
    }

    /**
     * @param  array<string, mixed>  $page
     * @return array<string, mixed>
     */
    private static function row(array $page, string $name): array
    {
        foreach (array_merge(...array_column($page['groups'], 'lines')) as $row) {
            if ($page['goods'][$row['id']]['name'] === $name) {
                return $row;
            }
        }
        self::fail("There is no row $name.");
    }

    /** @return array<string, array<int, mixed>> every row of the tables that acts write */
    private static function photograph(): array
    {
        $rows = [];
        foreach (['components', 'cards', 'takings', 'sheets', 'cut_plans', 'ledger_entries'] as $table) {
            $rows[$table] = DB::table($table)->orderBy('id')->get()->map(static fn (object $row): array => (array) $row)->all();
        }

        return $rows;
    }
}
