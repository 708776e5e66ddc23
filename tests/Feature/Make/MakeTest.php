<?php

namespace Tests\Feature\Make;

use App\Make\MakeCards;
use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\StepMark;
use App\Models\Taking;
use App\Table\TableState;
use App\Table\Workbench;
use App\Wording\Minutes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use KeepShare\Core\Bench\Step;
use Tests\Feature\FeatureTestCase;

/** The making pages: steps marked one by one, what they use up, what dries, where to stop. */
final class MakeTest extends FeatureTestCase
{
    public function test_a_card_is_made_step_by_step_and_what_it_takes_is_used_up(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $card = $kit->cards()->with('takings.component')->where('number', 2)->firstOrFail();
        $base = $card->takings->firstWhere('part', 'base')->component ?? self::fail('It has a base.');
        $before = $this->props("/kits/$kit->id/share-out");
        $sum = fn (): int => (int) LedgerEntry::query()->where('component_id', $base->id)->sum('delta');
        $there = $sum();
        Carbon::setTestNow('2026-12-01 14:00:00');
        foreach ($this->stepsOf($card) as $step) {
            $this->act($kit, "make/$card->id", ['step' => $step->name()])->assertSessionHasNoErrors();
        }
        Carbon::setTestNow();

        $card->refresh();
        self::assertNotNull($card->made_at);
        self::assertTrue($card->isBegun());
        self::assertSame("Card $card->number is made.", session('notice'));
        self::assertSame($there - 1, $sum(), 'the base is on the card');
        $used = LedgerEntry::query()->where('component_id', $base->id)->where('reason', LedgerReason::Used);
        self::assertSame(-1, (int) $used->sum('delta'));
        $after = $this->props("/kits/$kit->id/share-out");
        self::assertSame(self::counts($before), self::counts($after), 'the grid balances as before');
        $page = $this->props("/kits/$kit->id/make");
        self::assertSame(1, $page['made']);
        self::assertTrue($page['cards'][1]['isMade']);
        self::assertSame(2, count($this->stages($kit)), 'of the other two there are steps');
        $this->assertInBalance($kit);

        // No share-out touches it, and what is on it stays on it.
        $this->act($kit, 'share-out', ['cards' => 4, 'stash' => false, 'words' => 'once']);
        self::assertNotNull(Card::query()->find($card->id));
        $taking = $card->takings()->where('part', 'base')->firstOrFail();
        $this->act($kit, "cards/$card->id/quantity", ['taking' => $taking->id, 'part' => 'base', 'quantity' => 2]);
        self::assertSame(1, $taking->refresh()->quantity);

        // Taken back step by step or by undo, it is there again. What other steps used stays used, even if marked in
        // the same second.
        $this->act($kit, 'make/back')->assertSessionHasNoErrors();
        self::assertNull($card->refresh()->made_at);
        self::assertSame($there - 1, $sum(), 'the base is on the card still');
        while (StepMark::query()->exists()) {
            $this->act($kit, 'make/back')->assertSessionHasNoErrors();
        }
        self::assertSame($there, $sum());
        self::assertFalse($card->refresh()->load('takings')->isBegun());
        $this->act($kit, 'make/back')->assertSessionHasErrors(['table' => 'There is no finished step to take back.']);
    }

    public function test_the_demo_can_begin_in_the_middle_of_an_evening(): void
    {
        self::assertSame(0, Artisan::call('demo:lay', ['--begun' => true]));
        $kit = $this->harbour();

        self::assertSame(['made', 'made', 'being made'], $kit->cards()->limit(3)->get()->map->stands()->all());
        self::assertTrue($kit->cards()->with('takings')->limit(3)->get()->every(static fn (Card $card): bool => $card->isCut()));
        self::assertNotSame([], $this->props("/kits/$kit->id/make")['drying']);
        $this->assertInBalance($kit);
    }

    public function test_undo_takes_a_step_back_with_all_it_used(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $rows = fn (): array => [StepMark::query()->count(), LedgerEntry::query()->count(), $card->refresh()->getAttributes()['begun_at']];
        $before = $rows();
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasNoErrors();
        self::assertNotSame($before, $rows());
        $this->act($kit, 'undo')->assertSessionHas('notice', 'Undone: Done on card 1: Fold the base and press the fold flat.');
        self::assertSame($before, $rows());
        $this->act($kit, 'redo')->assertSessionHasNoErrors();
        self::assertSame(1, StepMark::query()->count());
    }

    public function test_what_is_not_its_turn_is_refused_with_what_comes_first(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $steps = $this->stepsOf($card);
        $late = $steps[count($steps) - 1];
        $this->act($kit, "make/$card->id", ['step' => $late->name()])->assertSessionHasErrors('table');
        self::assertStringStartsWith('That step comes later. First: ', session('errors')->first('table'));
        $this->act($kit, "make/$card->id", ['step' => 'no/such'])->assertSessionHasErrors('table');
        self::assertSame(0, StepMark::query()->count());

        // Two tabs mark the same step. The second is told.
        $old = $kit->fresh()?->revision;
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasNoErrors();
        $this->post("/kits/$kit->id/make/$card->id", ['revision' => $old, 'step' => 'score/base'])->assertSessionHasErrors('table');
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasErrors('table');
        self::assertSame(1, StepMark::query()->count());
    }

    public function test_clocks_run_on_the_servers_time_and_what_is_wet_waits_its_turn(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 1);
        $card = $kit->cards()->firstOrFail();
        Carbon::setTestNow('2026-12-01 14:00:00');
        $page = fn (): array => $this->props("/kits/$kit->id/make/table");
        for ($step = $page()['step']; $step['wet'] === 0; $step = $page()['step']) {
            $this->act($kit, "make/$card->id", ['step' => $step['step']])->assertSessionHasNoErrors();
        }
        // Nothing dry is left to do, so the page waits by the clock of the server.
        $drying = $this->props("/kits/$kit->id/make")['drying'];
        self::assertSame([$card->number, $step['wet']], [$drying[0]['card'], $drying[0]['seconds']]);
        self::assertSame(120, $step['wet'], 'wet glue holds after two minutes');
        Carbon::setTestNow(Carbon::now()->addSeconds(119));
        self::assertSame(1, $page()['step']['wet'], 'however long the page was closed');
        Carbon::setTestNow(Carbon::now()->addSeconds(1));
        self::assertSame([], $this->props("/kits/$kit->id/make")['drying']);
        self::assertSame(0, $page()['step']['wet']);
        Carbon::setTestNow();
    }

    public function test_the_pace_is_learnt_from_marked_steps_and_can_be_reset(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 8);
        Carbon::setTestNow('2026-12-01 14:00:00');
        $time = $this->props("/kits/$kit->id/make")['schools'][0]['time'];
        foreach ($kit->cards()->get() as $card) {
            Carbon::setTestNow(Carbon::now()->addMinutes(4));
            $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasNoErrors();
        }
        $page = $this->props("/kits/$kit->id/make");
        self::assertSame(7, $page['marked'], 'the first has nothing before it to be measured from');
        foreach ($kit->cards()->get() as $card) {
            $this->act($kit, 'make/back')->assertSessionHasNoErrors();
        }
        self::assertSame($time, $this->props("/kits/$kit->id/make")['schools'][0]['time']);
        $this->act($kit, "make/{$kit->cards()->firstOrFail()->id}", ['step' => 'score/base']);
        Carbon::setTestNow(Carbon::now()->addMinutes(2));
        $this->act($kit, "make/{$kit->cards()->reorder('number', 'desc')->firstOrFail()->id}", ['step' => 'score/base']);
        self::assertSame(1, $this->props("/kits/$kit->id/make")['marked']);
        $this->act($kit, 'make/pace')->assertSessionHasNoErrors();
        self::assertSame(0, $this->props("/kits/$kit->id/make")['marked']);
        Carbon::setTestNow();
    }

    public function test_what_went_wrong_is_mended_from_what_is_there_and_shown_before_it_is_recorded(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $page = fn (): array => $this->props("/kits/$kit->id/make/table?card=$card->id&wrong=1");
        $until = function (string $label) use ($page, $kit, $card): array {
            for ($now = $page(); $now['step']['label'] !== $label; $now = $page()) {
                $this->act($kit, "make/$card->id", ['step' => $now['step']['step']])->assertSessionHasNoErrors();
            }

            return $now;
        };
        $acts = $kit->fresh()?->revision;
        self::assertSame(['Take another A2 base, ivory: 8 left.'], $page()['ways'], 'a base that is folded wrongly');

        // A layer can be cut again, of another paper, under a strip, or smaller on a mat.
        $now = $until('Mat layer on layer');
        $strip = array_values(array_filter($now['ways'], static fn (string $way): bool => str_starts_with($way, 'Lay a strip over it')));
        self::assertNotSame([], $strip);
        $this->act($kit, "make/$card->id/mend", ['step' => $now['step']['step'], 'way' => $strip[0]])->assertSessionHasNoErrors();
        self::assertNotNull($card->takings()->where('part', 'mend')->first());
        self::assertContains('mend', array_map(static fn (Step $step): string => $step->kind, $this->stepsOf($card)));
        $this->assertInBalance($kit);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertNull($card->takings()->where('part', 'mend')->first());
        self::assertGreaterThan($acts, $kit->fresh()?->revision);

        // A picture is torn: another of its kind is taken, and the torn one leaves the table.
        $now = $until('Focal points');
        $focal = $card->takings()->where('part', 'focal')->firstOrFail();
        $other = array_values(array_filter($now['ways'], static fn (string $way): bool => str_ends_with($way, ' instead.')))[0];
        $this->act($kit, "make/$card->id/mend", ['step' => $now['step']['step'], 'way' => $other])->assertSessionHasNoErrors();
        self::assertNotSame($focal->component_id, $focal->fresh()?->component_id);
        $spoiled = LedgerEntry::query()->where('component_id', $focal->component_id)->where('reason', LedgerReason::Spoiled);
        self::assertSame(-1, (int) $spoiled->sum('delta'));
        $this->assertInBalance($kit);
        $gone = ['step' => $now['step']['step'], 'way' => 'Take the moon instead.'];
        $this->act($kit, "make/$card->id/mend", $gone)->assertSessionHasErrors('table');
    }

    public function test_what_is_spoiled_after_it_was_put_on_the_card_is_booked_and_so_is_what_comes_for_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $card = $kit->cards()->firstOrFail();
        $found = null;
        for ($n = 0; $n < 60 && $found === null; $n++) {
            $step = Workbench::of(TableState::of($kit->refresh()))->leftOf($card->refresh()->load(['takings', 'kit']))[0] ?? null;
            self::assertNotNull($step, 'some step is done to what is on the card already');
            $taking = $card->takings->first(static fn (Taking $one): bool => $one->part === $step->pieces[0] && $one->used_by !== null);
            $ways = array_column(MakeCards::ways($kit, $card, $step->name()), 'says');
            $way = array_values(array_filter($ways, static fn (string $way): bool => str_starts_with($way, 'Take another')))[0] ?? null;
            if ($taking !== null && $way !== null) {
                $found = [$step, $taking, $way];
            } else {
                $this->act($kit, "make/$card->id", ['step' => $step->name()])->assertSessionHasNoErrors();
            }
        }
        [$step, $taking, $way] = $found ?? self::fail('There is such a step.');
        $component = Component::query()->findOrFail($taking->component_id);
        $here = TableState::hereNow($component);
        $this->act($kit, "make/$card->id/mend", ['step' => $step->name(), 'way' => $way])->assertSessionHasNoErrors();
        self::assertSame([$here - 1, null], [TableState::hereNow($component), $taking->refresh()->used_by]);
        self::assertSame(-1, (int) $component->ledger()->where('reason', LedgerReason::Spoiled)->sum('delta'));

        while (($left = Workbench::of(TableState::of($kit->refresh()))->leftOf($card->refresh()->load(['takings', 'kit']))) !== []) {
            $this->act($kit, "make/$card->id", ['step' => $left[0]->name()])->assertSessionHasNoErrors();
        }
        self::assertNotNull($taking->refresh()->used_by);
        self::assertSame($here - 1, TableState::hereNow($component));
        $this->assertInBalance($kit);
    }

    public function test_every_piece_of_a_group_is_measured_in_the_drawing_as_its_step_says_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $seen = 0;
        while (($step = $this->props("/kits/$kit->id/make/table?card=$card->id")['step']) !== null) {
            $middle = $step['at']['middle'] ?? null;
            if ($middle !== null && str_contains($step['says'], 'its middle')) {
                self::assertStringContainsString("its middle {$middle['fromLeft']}", $step['says']);
                self::assertStringContainsString("{$middle['fromBelow']}", $step['says']);
                $seen++;
            }
            $this->act($kit, "make/$card->id", ['step' => $step['step']])->assertSessionHasNoErrors();
        }
        self::assertGreaterThan(0, $seen);
    }

    public function test_the_minutes_of_the_runs_add_up_to_what_is_said_of_them(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $page = $this->props("/kits/$kit->id/make");
        $school = array_values(array_filter($page['schools'], static fn (array $one): bool => $one['isChosen']))[0];
        $spent = sscanf($school['spent'], '%d min of work, %d min of changing tools, %d min of waiting') ?? [];
        self::assertCount(3, array_filter($spent, is_int(...)));
        $runs = array_map(static fn (array $run): int => (int) $run['time'], $page['runs']);
        self::assertSame(current($spent), array_sum($runs));
        self::assertSame($school['time'], Minutes::of(60 * array_sum($spent)));
    }

    public function test_the_runs_and_the_steps_of_a_card_are_printed_and_a_card_is_drawn_apart(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        foreach (['make/runs.pdf', "cards/$card->id/steps.pdf"] as $path) {
            $file = $this->get("/kits/$kit->id/$path")->assertOk()->assertHeader('Content-Type', 'application/pdf');
            self::assertStringStartsWith('%PDF', (string) $file->getContent());
        }
        $page = $this->props("/kits/$kit->id/make/cards/$card->id");
        self::assertCount(count($this->stepsOf($card)), $page['steps']);
        self::assertSame('base', explode(':', $page['ready'][0])[0]);
        self::assertGreaterThan(2, count($page['layers']));
        self::assertNotSame('', $page['open']);
    }

    public function test_a_part_is_treated_on_the_cards_page_and_its_step_follows(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 1);
        $card = $kit->cards()->with('takings')->firstOrFail();
        $part = $this->props("/kits/$kit->id/cards/$card->id")['parts'][0];
        self::assertContains('Round its corners, two corners', array_column($part['treatments'], 'label'));
        $treat = ['part' => $part['id'], 'treatment' => 'corners', 'option' => 'two corners', 'isOn' => 1];
        $this->act($kit, "cards/$card->id/treat", $treat)->assertSessionHasNoErrors();

        $page = $this->props("/kits/$kit->id/cards/$card->id");
        self::assertSame([['treatment' => 'corners', 'says' => 'corners rounded, two corners']], $page['parts'][0]['treated']);
        self::assertContains('treated', array_column($page['front']['marks'], 'role'), 'it is seen on the face');
        self::assertStringContainsString('corners rounded', implode(' ', array_column($page['stack'], 'name')));
        $kinds = static fn (array $steps): array => array_map(static fn (Step $step): string => $step->kind, $steps);
        self::assertContains('corners', $kinds($this->stepsOf($card)));
        $this->get("/kits/$kit->id/share-out/export.json")->assertOk()->assertSee('two corners');

        // A treatment that needs a tool is refused without one. Treated parts stay treated on another sketch, as long
        // as the part stays.
        $this->act($kit, "cards/$card->id/treat", [...$treat, 'treatment' => 'emboss', 'option' => ''])
            ->assertSessionHasErrors(['treatment' => 'Choose the tool that it is done with.']);
        $this->act($kit, "cards/$card->id/turn")->assertSessionHasNoErrors();
        self::assertNotSame([], $this->props("/kits/$kit->id/cards/$card->id")['parts'][0]['treated']);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $this->act($kit, "cards/$card->id/treat", [...$treat, 'isOn' => 0])->assertSessionHasNoErrors();
        self::assertNotContains('corners', $kinds($this->stepsOf($card)));
    }

    public function test_so_many_minutes_are_answered_and_nonsense_is_told_by_the_field(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 5);
        $page = $this->props("/kits/$kit->id/make?minutes=40");
        self::assertCount(2, $page['halts']);
        self::assertGreaterThan(0, count($page['halts'][0]['complete']));
        self::assertStringStartsWith('Stop after ', $page['halts'][1]['says']);
        $page = $this->props("/kits/$kit->id/make?minutes=an%20hour&school=cards");
        self::assertSame(['an hour', 'Write whole minutes, from 1 to 1440.', []], [$page['minutes'], $page['fault'], $page['halts']]);
        self::assertSame('cards', $this->props("/kits/$kit->id/make/table?school=cards")['school']);
        $page = $this->props("/kits/$kit->id/make?cards=2,4,x");
        $planned = array_unique(array_merge(...array_column($page['runs'], 'cards')));
        self::assertSame([[2, 4], [2, 4]], [$page['chosen'], array_values($planned)]);
    }

    public function test_a_card_redesigned_when_half_made_keeps_what_is_done_and_says_what_it_no_longer_needs(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        foreach (array_slice($this->stepsOf($card), 0, 4) as $step) {
            $this->act($kit, "make/$card->id", ['step' => $step->name()])->assertSessionHasNoErrors();
        }
        $this->act($kit, "cards/$card->id/sketch", ['sketch' => 'whole-panel'])->assertSessionHasNoErrors();
        $page = $this->props("/kits/$kit->id/make")['cards'][0];
        self::assertSame(4, $page['done'] + $page['extra']);
        self::assertGreaterThan(0, $page['extra']);
        self::assertNotNull($this->props("/kits/$kit->id/make/table?card=$card->id")['step']);
    }

    /** @return list<Step> in an order that can be */
    private function stepsOf(Card $card): array
    {
        $kit = Kit::query()->findOrFail($card->kit_id);

        return Workbench::of(TableState::of($kit))->steps[$card->id];
    }

    /** @return array<int, true> the cards with steps to do */
    private function stages(Kit $kit): array
    {
        $cards = [];
        foreach ($this->props("/kits/$kit->id/make")['runs'] as $run) {
            $cards += array_fill_keys($run['cards'], true);
        }

        return $cards;
    }

    /**
     * @param  array<string, mixed>  $page
     * @return array<string, mixed> of every row of the grid what is here and what is kept
     */
    private static function counts(array $page): array
    {
        $counts = [];
        foreach ($page['groups'] as $group) {
            foreach ($group['lines'] as $line) {
                $counts[$line['id']] = [$line['here'] ?? null, $line['kept'] ?? null];
            }
        }

        return $counts;
    }
}
