<?php

namespace Tests\Feature\Cut;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Measure\Rect;
use Tests\Feature\FeatureTestCase;

/** The cutting table: cut by cut, mistakes, and prints. */
final class CutByCutTest extends FeatureTestCase
{
    public function test_a_sheet_is_cut_one_cut_after_the_other(): void
    {
        $kit = $this->table();
        $all = count($this->props("/kits/$kit->id/cut")['sheets']);
        $sheet = $this->props("/kits/$kit->id/cut")['sheet'];
        $wanted = array_column(array_filter($sheet['parts'], static fn (array $part): bool => ! $part['isKept']), 'label');
        for ($n = 0; $n < count($sheet['cuts']); $n++) {
            $page = $this->props("/kits/$kit->id/cut");
            self::assertSame($n > 0, $page['sheet']['isPart'], 'after the first cut the part in hand is shown');
            self::assertCount($all, $page['sheets'], 'a sheet and its parts stay one line');
            self::assertSame(
                [$n + 1, $sheet['cuts'][$n]['at'], count($sheet['cuts'])],
                [$page['sheet']['cuts'][0]['number'], $page['sheet']['cuts'][0]['at'], $page['sheet']['all']],
                'asked for as it is listed, and counted over the parts',
            );
            $this->act($kit, "cut/{$page['sheet']['id']}/once")->assertSessionHasNoErrors();
            $this->assertInBalance($kit);
        }
        $page = $this->props("/kits/$kit->id/cut");
        self::assertSame(
            [1, true],
            [
                count(array_filter($page['sheets'], static fn (array $one): bool => $one['isCut'])),
                $page['sheets'][0]['isCut'],
            ],
        );
        self::assertSame(
            count($wanted),
            array_sum(array_map(static fn (array $bag): int => count($bag['cut']), $page['bags'])),
            'every piece of it is in its bag',
        );
        self::assertStringStartsWith('1 of ', array_column($page['frame']['stages'], 'figure', 'key')['cut']);

        foreach ($sheet['cuts'] as $cut) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame(0, Taking::query()->whereNotNull('sheet_id')->count());
        self::assertSame($sheet['id'], $this->props("/kits/$kit->id/cut")['sheet']['id']);
        $this->assertInBalance($kit);
    }

    public function test_a_sheet_that_is_begun_is_finished_at_once(): void
    {
        $kit = $this->table();
        $sheet = $this->widest($kit);
        $this->act($kit, "cut/$sheet/once");
        $part = Sheet::query()->where('in_hand_id', $sheet)->whereHas('plan')->firstOrFail();
        self::assertTrue(array_column($this->props("/kits/$kit->id/cut")['sheets'], 'isBegun', 'id')[$part->id]);
        $this->act($kit, "cut/$part->id");

        self::assertSame(
            0,
            CutPlan::query()
                ->whereNull('cut_at')
                ->whereHas('sheet', static fn ($one) => $one->where('in_hand_id', $sheet))
                ->count(),
        );
        $this->assertInBalance($kit);
    }

    public function test_a_cut_that_went_elsewhere_is_planned_again_without_touching_what_is_done(): void
    {
        $kit = $this->table();
        $sheet = Sheet::query()->findOrFail($this->widest($kit));
        $this->act($kit, "cut/{$this->other($kit, $sheet)}");
        $done = Taking::query()->whereNotNull('sheet_id')->pluck('sheet_id', 'id')->all();

        $proposal = $this->props("/kits/$kit->id/cut/$sheet->id/wrong?what=cut&at=1/2")['proposal'];
        self::assertSame(SheetState::Open, $sheet->refresh()->state, 'nothing is recorded before it is accepted');
        $this->act($kit, "cut/{$proposal['path']}", (array) $proposal['data'])
            ->assertSessionHasNoErrors()
            ->assertSessionHas(
                'notice',
                static fn (string $says): bool => $says === 'Planned again. '.implode(' ', $proposal['says']),
            );
        self::assertSame(SheetState::Cut, $sheet->fresh()?->state);
        self::assertSame($done, Taking::query()->whereNotNull('sheet_id')->pluck('sheet_id', 'id')->all());
        $this->assertInBalance($kit);

        $this->act($kit, 'undo');
        self::assertSame(SheetState::Open, $sheet->fresh()->state);
        $this->assertInBalance($kit);
    }

    public function test_where_it_went_must_be_on_the_part_in_hand(): void
    {
        $kit = $this->table();
        $sheet = $this->widest($kit);
        foreach (
            [
                '40' => 'The part you are cutting is',
                '0' => 'The part you are cutting is',
                'there' => 'is not a measure',
                '' => 'There is no measure here',
            ] as $at => $says
        ) {
            $this->get(
                "/kits/$kit->id/cut/$sheet/wrong?what=cut&at=".urlencode((string) $at),
            )->assertSessionHasErrors('at');
            self::assertStringContainsString($says, session('errors')->first('at'));
        }
        self::assertSame(SheetState::Open, Sheet::query()->findOrFail($sheet)->state);
    }

    public function test_a_spoiled_sheet_is_made_up_for_from_the_next_and_says_so(): void
    {
        $kit = $this->table();
        [$sheet, $card] = $this->sheetOf($kit, 'Kelp');
        $this->act($kit, "cut/$sheet->id/wrong", ['what' => 'spoiled'])->assertSessionHas(
            'notice',
            static fn (string $says): bool => str_contains($says, "Card $card's")
                && str_contains($says, 'now comes from sheet 2 of Kelp.'),
        );
        self::assertSame(SheetState::Spoiled, $sheet->fresh()?->state);
        $this->assertInBalance($kit);
    }

    public function test_what_cannot_be_cut_any_more_has_its_ways_out_where_the_cut_went_wrong_and_on_the_card(): void
    {
        $kit = $this->table();
        [$sheet, $card] = $this->sheetOf($kit, 'Fish scale');
        $this->act($kit, "cut/$sheet->id/wrong", ['what' => 'spoiled'])->assertSessionHas(
            'notice',
            static fn (string $says): bool => str_contains($says, "Card $card is without its"),
        );
        $record = Card::query()->where('kit_id', $kit->id)->where('number', $card)->firstOrFail();
        $shorts = fn (string $page): array => $this->props("/kits/$kit->id/$page")['shorts'];
        $short = $shorts('cut')[0];
        self::assertSame([$record->id, $short], [$short['card'], $shorts("cards/$record->id")[0]]);
        self::assertContains("take card $card back", array_column($short['ways'], 'says'));
        $this->assertInBalance($kit, true);

        $way = ['card' => $short['card'], 'part' => $short['part'], 'says' => $short['ways'][0]['says']];
        $this->act($kit, 'grid/way', $way)->assertSessionHasNoErrors();
        self::assertNotContains($short['part'], array_column($shorts("cards/$record->id"), 'part'), 'till one is chosen');
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertSame([], $shorts('cut'));
        $this->assertInBalance($kit);
    }

    public function test_a_piece_in_a_bag_turns_out_spoiled(): void
    {
        $kit = $this->table();
        [$sheet] = $this->sheetOf($kit, 'Kelp');
        $this->act($kit, "cut/$sheet->id");
        $taking = Taking::query()->whereNotNull('sheet_id')->firstOrFail();
        $piece = Sheet::query()->findOrFail($taking->sheet_id);
        $this->act($kit, "cut/pieces/$taking->id/spoiled")->assertSessionHasNoErrors();

        self::assertSame([null, SheetState::Spoiled], [$taking->fresh()?->sheet_id, $piece->fresh()?->state]);
        $this->assertInBalance($kit);
        $hills = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->act($hills, "cut/pieces/$taking->id/spoiled")->assertNotFound();
    }

    public function test_a_bent_corner_is_cut_round_and_stays_with_the_offcut(): void
    {
        $kit = $this->table();
        $sheet = Sheet::query()->findOrFail($this->widest($kit));
        foreach (
            [
                ['width' => '40', 'height' => '1'],
                ['width' => 'wide', 'height' => '1'],
                ['width' => '', 'height' => '1'],
            ] as $wrong
        ) {
            $this->get(
                "/kits/$kit->id/cut/$sheet->id/wrong?"
                    .http_build_query(['what' => 'blemish', 'x' => '0', 'y' => '0', ...$wrong]),
            )->assertSessionHasErrors('width');
        }
        $this->act($kit, "cut/$sheet->id/wrong", [
            'what' => 'blemish',
            'x' => '1/2',
            'y' => '0',
            'width' => '1/2',
            'height' => '1',
        ])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        $bent = Rect::ofUnits(101_600, 0, 101_600, 203_200);
        foreach ($sheet->fresh(['plan'])?->plan?->setRelation('sheet', $sheet->refresh())->toCore()->pieces() ?? [] as $leaf) {
            self::assertFalse($leaf->rect()->overlaps($bent));
        }
        $this->act($kit, "cut/$sheet->id");
        $marred = Sheet::query()->where('parent_id', $sheet->id)->whereNotNull('blemishes')->get();
        self::assertNotSame(0, $marred->count());
        foreach ($marred as $part) {
            self::assertSame(SheetState::Open, $part->state, 'no piece is marred');
            self::assertTrue(Rect::whole($part->size())->contains($part->blemishes()[0]));
        }
    }

    public function test_only_what_one_card_needs_is_cut_and_the_rest_stays_planned(): void
    {
        $kit = $this->table();
        $card = Card::query()->where('kit_id', $kit->id)->firstOrFail();
        $page = $this->props("/kits/$kit->id/cut?card=$card->id");
        $own = array_filter($this->props("/kits/$kit->id/cut")['bags'], static fn (array $bag): bool => $bag['card'] === $card->id);
        self::assertLessThan(count($this->props("/kits/$kit->id/cut")['sheets']), count($page['sheets']));
        for ($n = 0; $n < 20 && $page['sheet'] !== null; $n++) {
            foreach ($page['sheet']['cuts'] as $cut) {
                self::assertNotSame([], $cut['line']);
            }
            if ($n === 0) {
                $this->act($kit, "cut/{$page['sheet']['id']}/once", ['card' => $card->id])->assertRedirect(
                    "/kits/$kit->id/cut?card=$card->id",
                );
                $this->assertInBalance($kit);
                $page = $this->props("/kits/$kit->id/cut?card=$card->id");
            }
            if ($page['sheet'] !== null) {
                $this->act($kit, "cut/{$page['sheet']['id']}/for/$card->id")->assertSessionHasNoErrors();
            }
            $this->assertInBalance($kit);
            $page = $this->props("/kits/$kit->id/cut?card=$card->id");
        }
        self::assertNull($page['sheet'], 'there is nothing more to cut for it');
        self::assertSame(array_column($own, 'all'), [
            Taking::query()->where('card_id', $card->id)->whereNotNull('sheet_id')->count(),
        ]);
        $this->act(
            Kit::query()->where('name', 'Knitted Hills')->firstOrFail(),
            "cut/{$this->widest($kit)}/for/$card->id",
        )->assertNotFound();
    }

    public function test_circles_and_openings_come_after_the_straight_cuts(): void
    {
        $kit = $this->table();
        $card = Card::query()->where('kit_id', $kit->id)->firstOrFail();
        $this->act($kit, "cards/$card->id/sketch", ['sketch' => 'round-focus'])->assertSessionHasNoErrors();
        $said = [];
        foreach ($this->props("/kits/$kit->id/cut?card=$card->id")['sheets'] as $sheet) {
            array_push($said, ...$this->props("/kits/$kit->id/cut?card=$card->id&sheet={$sheet['id']}")['sheet']['afterwards']);
        }
        self::assertStringContainsString('with a die, a punch or a circle cutter.', implode(' ', $said));
        self::assertStringStartsWith("Card $card->number, ", $said[0]);
    }

    public function test_a_longer_search_changes_the_plan_only_for_a_better_one(): void
    {
        $kit = $this->table();
        $trees = CutPlan::query()->pluck('tree', 'sheet_id')->all();
        $this->act($kit, 'cut/better')->assertRedirect("/kits/$kit->id/cut");
        $page = $this->props("/kits/$kit->id/cut");

        self::assertSame(
            ['search' => null, 'said' => 'No plan that opens fewer sheets was found.'],
            $page['better'],
            'the plan is the least already',
        );
        self::assertSame($trees, CutPlan::query()->pluck('tree', 'sheet_id')->all());
        self::assertNotSame('Plan the cuts better', $page['frame']['acts']['undo']);

        // A plan that wastes a sheet: every piece of one paper on a sheet of its own.
        $this->waste($kit);
        $this->act($kit, 'cut/better');
        self::assertSame('A better plan was found for 1 paper.', $this->props("/kits/$kit->id/cut")['better']['said']);
        $this->assertInBalance($kit);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
    }

    /** One piece on a whole sheet of its own, which is one sheet too many. */
    private function waste(Kit $kit): void
    {
        foreach (CutPlan::query()->with('sheet')->get() as $plan) {
            $spare = Sheet::query()
                ->where('component_id', $plan->sheet->component_id)
                ->where('is_whole', true)
                ->where('state', SheetState::Open)
                ->whereDoesntHave('plan')
                ->first();
            $pieces = $plan->toCore()->pieces();
            if ($spare === null || count($pieces) < 2) {
                continue;
            }
            $takings = Taking::query()->whereIn('id', array_map(static fn ($leaf): int => (int) $leaf->piece, $pieces))->get();
            $plan->delete();
            foreach ([[$plan->sheet, $takings->take(1)], [$spare, $takings->skip(1)]] as [$sheet, $own]) {
                $core = Engine::plan(
                    [$sheet->toStock()],
                    array_values(array_filter($own->map(static fn (Taking $taking) => $taking->toPiece())->all())),
                );
                CutPlan::query()->create(['sheet_id' => $sheet->id, 'tree' => $core->sheets[0]->toArray()]);
            }

            return;
        }
        self::fail('No sheet has two pieces and a whole one beside it.');
    }

    public function test_sheets_and_labels_are_printed(): void
    {
        $kit = $this->table();
        $sheet = Sheet::query()->findOrFail($this->widest($kit));
        self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/cut/$sheet->id/plan.pdf")->assertOk()->getContent());
        self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/cut/labels.pdf")->assertOk()->getContent());
        $svg = simplexml_load_string((string) $this->get("/kits/$kit->id/cut/$sheet->id/plan.svg")->assertOk()->getContent());
        self::assertNotFalse($svg);
        [, , $width] = explode(' ', (string) $svg['viewBox']);
        self::assertSame("{$width}mm", (string) $svg['width'], 'in real millimetres');
        $edge = sprintf('M0 0H%.3FV', $sheet->size()->width->units / 8_000);
        $isEdge = static fn (\SimpleXMLElement $path): bool => str_starts_with((string) $path['d'], $edge);
        self::assertNotEmpty(array_filter(iterator_to_array($svg->path, false), $isEdge));
        $page = $this->props("/kits/$kit->id/cut?sheet=$sheet->id")['sheet'];
        self::assertCount(count($page['cuts']), $svg->xpath('//*[@stroke-dasharray="3 2"]') ?: []);
        $said = implode(' ', array_map(strval(...), $svg->xpath('//*[local-name()="text"]') ?: []));
        foreach ($page['parts'] as $part) {
            self::assertStringContainsString($part['label'], $said);
            self::assertStringContainsString($part['measure'], $said);
        }
        $bare = Sheet::query()->whereDoesntHave('plan')->firstOrFail();
        $this->get("/kits/$kit->id/cut/$bare->id/plan.svg")->assertNotFound();
    }

    private function table(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);

        return $kit;
    }

    /** The sheet with the most cuts. */
    private function widest(Kit $kit): int
    {
        $plans = CutPlan::query()->with('sheet')->get()->sortByDesc(static fn (CutPlan $plan): int => count($plan->toCore()->cuts()));

        return $plans->firstOrFail()->sheet_id;
    }

    /** A sheet of another component. */
    private function other(Kit $kit, Sheet $than): int
    {
        return CutPlan::query()
            ->whereHas('sheet', static fn ($sheet) => $sheet->where('component_id', '!=', $than->component_id))
            ->firstOrFail()->sheet_id;
    }

    /** @return array{Sheet, int} the first sheet of a paper that is planned, and the number of a card with a piece on it */
    private function sheetOf(Kit $kit, string $paper): array
    {
        $component = Component::query()
            ->where('kit_id', $kit->id)
            ->where('name', $paper)
            ->where('kind', 'paper')
            ->firstOrFail();
        $plan = CutPlan::query()
            ->whereHas('sheet', static fn ($sheet) => $sheet->where('component_id', $component->id))
            ->with('sheet')
            ->firstOrFail();

        return [$plan->sheet, Taking::query()->with('card')->findOrFail((int) $plan->toCore()->pieces()[0]->piece)->card->number];
    }
}
