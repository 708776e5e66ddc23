<?php

namespace Tests\Feature\Unpack;

use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use KeepShare\Core\Kit\KitFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Counting, moving, and what can be done with a kit as a whole. */
final class RecordTest extends FeatureTestCase
{
    public function test_a_line_counted_short_goes_through_the_ledger_and_can_be_taken_back(): void
    {
        $kit = $this->harbour();
        $wave = $this->line('wave');
        $this->countLine($wave, '1', 2, ['reason' => 'damaged', 'note' => 'a corner is bent'])->assertSessionHasNoErrors();

        $entry = LedgerEntry::query()->where('component_id', $wave->id)->latest('id')->firstOrFail();
        self::assertSame([-1, LedgerReason::Damaged, 'a corner is bent'], [$entry->delta, $entry->reason, $entry->note]);
        self::assertSame(1, Sheet::query()->where('component_id', $wave->id)->where('state', SheetState::Spoiled)->count());
        self::assertTrue($wave->refresh()->is_counted);
        $this->assertInBalance($kit);
        self::assertStringContainsString(
            '- Wave: 1 bent or damaged (listed: 2), a corner is bent',
            $this->props("/kits/$kit->id/count")['report'],
        );

        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame([false, 2], [$wave->refresh()->is_counted, (int) $wave->ledger()->sum('delta')]);
        $this->assertInBalance($kit);
    }

    public function test_a_recount_takes_the_place_of_what_was_said_before(): void
    {
        $kit = $this->harbour();
        $report = fn (): string => $this->props("/kits/$kit->id/count")['report'];
        $ofCounting = static fn (Component $line): array => $line->ledger()->whereIn('reason', LedgerReason::ofCounting())
            ->get()->map(static fn (LedgerEntry $entry): array => [$entry->delta, $entry->reason->value])->all();
        foreach (['wave', 'lantern'] as $key) {
            $line = $this->line($key);
            $this->countLine($line, '0', 2)->assertSessionHasNoErrors();
            $this->countLine($line, '1', 0, ['reason' => 'damaged', 'note' => 'torn'])->assertSessionHasNoErrors();
            self::assertSame([[-1, 'damaged']], $ofCounting($line));
            self::assertStringContainsString("- $line->name: 1 bent or damaged (listed: 2), torn", $report());
            $this->countLine($line, '1', 1, ['reason' => 'not-as-listed'])->assertSessionHasNoErrors();
            self::assertSame([[-1, 'not-as-listed']], $ofCounting($line), 'the same number for another reason');
            $this->countLine($line, '3', 1)->assertSessionHasNoErrors();
            self::assertSame([[1, 'found']], $ofCounting($line));
            $this->countLine($line, '2', 3)->assertSessionHasNoErrors();
            self::assertSame([], $ofCounting($line));
            self::assertStringNotContainsString("- $line->name:", $report());
        }
        $open = Sheet::query()->where('component_id', $this->line('wave')->id)->where('state', SheetState::Open);
        self::assertSame(2, $open->count(), 'the sheets that were there all along');
        $this->assertInBalance($kit);
    }

    public function test_more_than_listed_is_found_and_the_sheets_are_there(): void
    {
        $kit = $this->harbour();
        $this->countLine($this->line('wave'), '4', 2)->assertSessionHasNoErrors();
        $this->countLine($this->line('lantern'), '3', 2)->assertSessionHasNoErrors();

        self::assertSame(
            [1, 2, 3, 4],
            Sheet::query()
                ->where('component_id', $this->line('wave')->id)
                ->orderBy('number')
                ->pluck('number')
                ->all(),
        );
        self::assertSame(
            LedgerReason::Found,
            $this->line('lantern')->ledger()->latest('id')->firstOrFail()->reason,
        );
        $this->assertInBalance($kit);
    }

    public function test_ribbon_is_counted_by_length(): void
    {
        $kit = $this->harbour();
        $twine = $this->line('twine');
        $this->countLine($twine, '60 1/2', $twine->listed)->assertSessionHasNoErrors();
        self::assertSame(60 * 203_200 + 101_600, (int) $twine->ledger()->sum('delta'));
        self::assertStringContainsString(
            '- Harbour twine: 11 1/2 in missing (listed: 72 in)',
            $this->props("/kits/$kit->id/count")['report'],
        );
        $this->countLine($twine, 'some', 60 * 203_200 + 101_600)->assertSessionHasErrors('counted');
    }

    public function test_a_kit_is_counted_when_every_line_is(): void
    {
        $kit = $this->harbour();
        self::assertStringNotContainsString('counted', $this->props("/kits/$kit->id/count")['frame']['stages'][0]['figure']);
        $this->act($kit, 'count')->assertSessionHasNoErrors();

        self::assertStringEndsWith(', counted', $this->props("/kits/$kit->id/count")['frame']['stages'][0]['figure']);
    }

    /** @return list<array{mixed}> */
    public static function nonsense(): array
    {
        return [['-3'], ['1e9'], ['two'], [''], ['1.5'], ['501'], ['9999999999']];
    }

    #[DataProvider('nonsense')]
    public function test_a_text_that_is_not_a_count_is_refused_at_its_field(mixed $counted): void
    {
        $this->harbour();
        $this->countLine($this->line('wave'), $counted, 2)->assertSessionHasErrors('counted');

        self::assertSame(2, (int) $this->line('wave')->ledger()->sum('delta'));
    }

    public function test_the_later_of_two_tabs_is_told_what_changed(): void
    {
        $this->harbour();
        $this->countLine($this->line('wave'), '1', 2)->assertSessionHasNoErrors();
        $this->countLine($this->line('wave'), '2', 2)->assertSessionHasErrors([
            'counted' => 'Another tab has counted Wave since: 1. Check it. What you typed is still there.',
        ]);

        self::assertSame(1, (int) $this->line('wave')->ledger()->sum('delta'));
    }

    public function test_a_count_below_what_cards_need_makes_rows_short_and_says_so(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $this->countLine($this->line('base'), '8', 10)
            ->assertSessionHasNoErrors()
            ->assertSessionHas(
                'notice',
                '2 cards are without A2 base, ivory now. Its row on Share out shows the ways out.',
            );
        $planned = CutPlan::query()->with('sheet.component')->firstOrFail()->sheet->component;
        $this->countLine($planned, '0', $planned->listed)->assertSessionHasNoErrors();
        self::assertStringContainsString("without $planned->name now", (string) session('notice'));
        $this->assertInBalance($kit, true);
        $rows = array_column(array_merge(...array_column($this->props("/kits/$kit->id/share-out")['groups'], 'lines')), null, 'id');
        self::assertSame('2', $rows[$this->line('base')->coreId()]['short']);
        self::assertNotSame([], $rows[$planned->coreId()]['shorts'][0]['ways']);
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        $this->assertInBalance($kit);
    }

    public function test_what_lies_there_is_counted_and_what_is_cut_or_glued_stands_beside_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $sheets = CutPlan::query()->with('sheet.component')->firstOrFail()->sheet;
        $this->act($kit, "cut/$sheets->id")->assertSessionHasNoErrors();
        $base = $this->line('base');
        Taking::query()->where('component_id', $base->id)->limit(4)->get()->each(static function (Taking $taking): void {
            $taking->update(['used_by' => 'score/base']);
            LedgerEntry::query()->create(['component_id' => $taking->component_id, 'delta' => -1, 'reason' => LedgerReason::Used]);
        });
        $lines = array_column($this->props("/kits/$kit->id/count")['lines'], null, 'id');
        self::assertSame([6, '4 on cards', false, '6'], array_values(array_intersect_key(
            $lines[$base->id], ['here' => 0, 'onCards' => 0, 'figure' => 0, 'differs' => 0],
        )));
        $listed = $sheets->component->listed;
        self::assertSame([$listed - 1, '1 cut'], [$lines[$sheets->component_id]['here'], $lines[$sheets->component_id]['onCards']]);

        $this->countLine($base, '6', 6)->assertSessionHasNoErrors();
        $this->countLine($sheets->component, '0', $listed - 1)->assertSessionHasNoErrors();
        self::assertSame([10, 1], [TableState::hereNow($base), TableState::hereNow($sheets->component)], 'no base is lost');
        $this->assertInBalance($kit, true);
    }

    public function test_sheets_and_pieces_are_handed_to_the_stash_and_back(): void
    {
        $kit = $this->harbour();
        $stash = Kit::stash() ?? self::fail('There is no stash.');
        $sheets = Sheet::query()->where('component_id', $this->line('wave')->id)->pluck('id')->all();
        $this->act($kit, "move/{$this->line('wave')->id}", ['count' => 1, 'to' => $stash->id])->assertSessionHasNoErrors();
        $twin = Component::query()->where('kit_id', $stash->id)->where('name', 'Wave')->sole();

        self::assertSame([1, 1], [$this->line('wave')->listed, $twin->listed]);
        self::assertContains(Sheet::query()->where('component_id', $twin->id)->sole()->id, $sheets, 'the very sheet, not a copy');
        $this->assertInBalance($kit);

        $this->post("/kits/$stash->id/move/$twin->id", [
            'count' => 1,
            'to' => $kit->id,
            'revision' => $stash->fresh()?->revision,
        ])->assertSessionHasNoErrors();
        self::assertSame([2, 0], [$this->line('wave')->sheets()->count(), $twin->refresh()->listed]);
        $this->assertInBalance($kit);
        foreach (['0', '-1', 'all', '3'] as $count) {
            $this->act($kit, "move/{$this->line('wave')->id}", ['count' => $count, 'to' => $stash->id]);
            self::assertNotNull(session('errors'), $count);
        }
    }

    public function test_what_a_card_takes_of_what_the_stash_gave_is_known_as_such(): void
    {
        $kit = $this->harbour();
        $stash = Kit::stash() ?? self::fail('There is no stash.');
        $envelope = Component::query()->where('key', 'envelope-a2-white')->sole();
        $this->post("/kits/$stash->id/move/$envelope->id", [
            'count' => 2,
            'to' => $kit->id,
            'revision' => $stash->revision,
        ])->assertSessionHasNoErrors();
        $base = Component::query()->where('key', 'heavy-white')->sole();
        $this->post("/kits/$stash->id/move/$base->id", [
            'count' => 1,
            'to' => $kit->id,
            'revision' => $stash->fresh()?->revision,
        ])->assertSessionHasNoErrors();
        $this->shareOut($kit, 12);

        self::assertSame(12, $kit->cards()->count());
        self::assertSame(
            ['A2 envelope, white: 2', 'Heavy white: 2 pieces'],
            array_values(
                array_filter(
                    array_map(
                        static fn (array $line): string => "{$line['name']}: {$line['said']}",
                        $this->props("/kits/$kit->id/tally")['stash'],
                    ),
                    static fn (string $line): bool => str_contains($line, 'hite'),
                ),
            ),
        );
    }

    public function test_what_a_kit_is_can_be_changed_and_bad_values_are_refused_at_their_field(): void
    {
        $kit = $this->harbour();
        $about = $this->props("/kits/$kit->id/about")['about'];
        $this->act($kit, 'about', [
            ...$about,
            'name' => 'Lanterns',
            'price' => '40',
            'currency' => 'EUR',
            'bought_on' => '2026-11-01',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            ['Lanterns', 4000, 'EUR', '2026-11-01'],
            [$kit->refresh()->name, $kit->price_minor, $kit->currency, $kit->bought_on],
        );

        $this->act($kit, 'about', [
            ...$about,
            'name' => '',
            'front_width' => 'wide',
            'front_height' => '0',
            'promised' => '-1',
            'price' => 'dear',
            'currency' => 'usd',
            'bought_on' => '31.2.2026',
        ])->assertSessionHasErrors([
            'name',
            'front_width',
            'front_height',
            'promised',
            'price',
            'currency',
            'bought_on',
        ]);
        self::assertSame('Lanterns', $kit->refresh()->name);
    }

    public function test_a_kit_is_exported_so_that_it_comes_in_the_same(): void
    {
        $kit = $this->harbour();
        $file = (string) $this->get("/kits/$kit->id/export")
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="harbour-lanterns.json"')
            ->getContent();

        self::assertEquals($kit->toCore(), KitFile::read($file));
        self::assertEquals(\Database\Demo\Demo::file('harbour-lanterns'), KitFile::read($file));
    }

    public function test_a_kit_is_duplicated_put_away_deleted_and_brought_back(): void
    {
        $kit = $this->harbour();
        $this->post("/kits/$kit->id/duplicate")->assertSessionHasNoErrors();
        $second = Kit::query()->where('name', 'Harbour Lanterns, second')->sole();
        self::assertSame(
            [$kit->components()->count(), 2],
            [
                $second->components()->count(),
                $second->components()->where('key', 'gull')->sole()->ledger()->sum('delta'),
            ],
        );

        $this->post("/kits/$second->id/put-away", ['away' => true]);
        self::assertTrue($second->refresh()->is_put_away);
        $this->delete("/kits/$second->id")->assertRedirect('/');
        $this->get("/kits/$second->id/unpack")->assertRedirect('/');
        self::assertNotContains($second->name, array_column($this->props('/')['kits'], 'name'));
        $this->post('/undo');
        $this->get("/kits/$second->id/unpack")->assertOk();
        $this->delete('/kits/'.Kit::stash()?->id)->assertForbidden();
    }

    public function test_typed_lines_are_read_while_typed_and_added(): void
    {
        $kit = $this->harbour();
        $this->getJson("/kits/$kit->id/add/read?line=".urlencode('cardstock 8.5x11 kelp x3'))->assertJson([
            'said' => ['cardstock · Kelp: 3 sheets, 8 1/2 × 11 in'],
        ]);
        $this->getJson("/kits/$kit->id/add/read?line=frogs")->assertJson(['at' => 0, 'length' => 5]);

        $this->act($kit, 'add', ['line' => '3 papers x2 "dusk / dawn" busy|calm'])->assertSessionHasNoErrors();
        self::assertSame(
            ['dusk-dawn-1', 'dusk-dawn-2', 'dusk-dawn-3'],
            $kit->components()->where('name', 'like', 'Dusk%')->pluck('key')->all(),
        );
        $this->act($kit, 'add', ['line' => 'frogs'])->assertSessionHasErrors('line');
        $this->assertInBalance($kit);
    }

    private function line(string $key): Component
    {
        return Component::query()
            ->where('kit_id', Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail()->id)
            ->where('key', $key)
            ->sole();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function countLine(
        Component $component,
        mixed $counted,
        int $was,
        array $with = [],
    ): \Illuminate\Testing\TestResponse {
        return $this->post("/kits/$component->kit_id/count/$component->id", [
            'counted' => $counted,
            'was' => $was,
            'reason' => 'lost',
            ...$with,
        ]);
    }
}
