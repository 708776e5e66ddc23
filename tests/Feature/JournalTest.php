<?php

namespace Tests\Feature;

use App\Frame\HandleInertiaRequests;
use App\Journal\Act;
use App\Journal\CannotUndo;
use App\Journal\Change;
use App\Journal\Journal;
use App\Journal\StaleTable;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use Inertia\Inertia;
use RuntimeException;

/** Every act is whole, named, and can be undone and redone. */
final class JournalTest extends FeatureTestCase
{
    public function test_an_act_that_fails_leaves_nothing(): void
    {
        $kit = $this->harbour();
        try {
            $this->journal()->act($kit, 'Break', null, function () use ($kit): void {
                $kit->update(['name' => 'Half done']);
                array_map(static fn (string $why) => throw new RuntimeException($why), ['The lamp went out.']);
            });
            self::fail('It went through.');
        } catch (RuntimeException) {
            self::assertSame('Harbour Lanterns', Kit::query()->findOrFail($kit->id)->name);
            self::assertSame([0, 0], [Act::query()->count(), Change::query()->count()]);
        }
    }

    public function test_the_revision_only_grows_also_when_an_act_is_taken_back(): void
    {
        $kit = $this->harbour();
        $this->rename($kit, 'One');
        $this->journal()->undo($kit);
        $this->journal()->redo($kit);

        self::assertSame([3, 'One'], [$kit->refresh()->revision, $kit->name]);
    }

    public function test_what_is_refused_is_told_to_the_tab_that_asked_however_the_other_looks_on(): void
    {
        $kit = $this->harbour();
        $this->rename($kit, 'Renamed elsewhere');
        $page = "/kits/$kit->id/share-out";
        $this->from($page)->post("/kits/$kit->id/grid/add", ['revision' => 0])->assertRedirect($page);
        $other = $this->get($page, ['X-Looking-On' => 'yes'])->viewData('page')['props'];

        self::assertSame([], (array) $other['errors']);
        self::assertStringContainsString('The table has changed since this page was opened', $this->props($page)['errors']['table']);
        self::assertSame([], $this->props($page)['errors']);
    }

    public function test_acts_are_undone_from_the_last_and_redone_from_the_first(): void
    {
        $kit = $this->harbour();
        foreach (['One', 'Two', 'Three'] as $name) {
            $this->rename($kit, $name);
        }
        $names = [];
        foreach (['undo', 'undo', 'undo', 'redo', 'redo'] as $way) {
            $way === 'undo' ? $this->journal()->undo($kit) : $this->journal()->redo($kit);
            $names[] = Kit::query()->findOrFail($kit->id)->name;
        }

        self::assertSame(['Two', 'One', 'Harbour Lanterns', 'One', 'Two'], $names);
    }

    public function test_a_new_act_ends_what_could_be_done_again(): void
    {
        $kit = $this->harbour();
        $this->rename($kit, 'One');
        $this->journal()->undo($kit);
        $this->rename($kit, 'Other');

        $this->expectException(CannotUndo::class);
        $this->journal()->redo($kit);
    }

    public function test_rows_made_changed_and_removed_come_back_to_the_letter(): void
    {
        $kit = $this->harbour();
        $component = $kit->components()->firstOrFail();
        $entry = $component->ledger()->firstOrFail();
        $before = [$component->getRawOriginal(), $entry->getRawOriginal(), LedgerEntry::query()->count()];
        $this->journal()->act($kit, 'All three', null, function () use ($component, $entry): void {
            $component->update(['name' => 'Renamed', 'details' => [...$component->details, 'heavy' => true]]);
            $entry->delete();
            LedgerEntry::query()->create([
                'component_id' => $component->id,
                'delta' => -1,
                'reason' => LedgerReason::Lost,
            ]);
            LedgerEntry::query()->create([
                'component_id' => $component->id,
                'delta' => 3,
                'reason' => LedgerReason::Found,
                'note' => 'in the lid',
            ]);
        });
        $this->journal()->undo($kit);

        self::assertSame($before, [
            Component::query()->findOrFail($component->id)->getRawOriginal(),
            LedgerEntry::query()->findOrFail($entry->id)->getRawOriginal(),
            LedgerEntry::query()->count(),
        ]);
        $this->journal()->redo($kit);
        self::assertSame(['Renamed', 2], [Component::query()->findOrFail($component->id)->name, (int) $component->ledger()->sum('delta')]);
    }

    public function test_what_was_changed_by_hand_since_is_not_written_over(): void
    {
        $kit = $this->harbour();
        $this->rename($kit, 'One');
        Kit::query()->whereKey($kit->id)->update(['name' => 'By hand']);

        try {
            $this->journal()->undo($kit);
            self::fail('It was taken back.');
        } catch (CannotUndo) {
            self::assertSame('By hand', Kit::query()->findOrFail($kit->id)->name);
        }
    }

    public function test_an_act_from_an_older_page_names_the_last_one(): void
    {
        $kit = $this->harbour();
        $this->rename($kit, 'One');

        $this->expectException(StaleTable::class);
        $this->expectExceptionMessage('the last act: "Rename to One"');
        $this->journal()->act($kit, 'Late', 0, static fn () => null);
    }

    public function test_acts_of_one_kit_leave_the_other_alone(): void
    {
        $kit = $this->harbour();
        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->rename($kit, 'One');
        $this->rename($other, 'Two');
        $this->journal()->undo($kit);

        self::assertSame(['Harbour Lanterns', 'Two'], [$kit->fresh()?->name, $other->fresh()?->name]);
        $this->expectException(CannotUndo::class);
        $this->journal()->undo($kit);
    }

    private function journal(): Journal
    {
        return app(Journal::class);
    }

    private function rename(Kit $kit, string $name): void
    {
        $this->journal()->act($kit, "Rename to $name", null, static fn () => $kit->update(['name' => $name]));
    }

    public function test_undo_tells_an_empty_value_from_zero(): void
    {
        $kit = $this->harbour();
        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $thing = Kit::stash()?->components()->firstOrFail() ?? self::fail('There is a stash.');
        $journal = app(Journal::class);
        foreach ([[450, null, 0], ['1e1', '1e1x', '10']] as $n => [$first, $then, $since]) {
            $column = ['price_minor', 'name'][$n];
            $thing->update([$column => $first]);
            $journal->act($kit, 'One', null, static fn () => $thing->refresh()->update([$column => $then]));
            $journal->act($other, 'Other', null, static fn () => $thing->refresh()->update([$column => $since]));
            try {
                $journal->undo($kit->refresh());
                self::fail("$column was written over.");
            } catch (CannotUndo $cannot) {
                self::assertStringContainsString('Knitted Hills', $cannot->getMessage());
            }
            self::assertEquals($since, $thing->refresh()->getRawOriginal($column));
        }
    }

    public function test_undoing_the_card_on_the_page_leads_to_the_grid_and_a_page_of_something_gone_says_so(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $this->act($kit, 'grid/add')->assertSessionHasNoErrors();
        $card = $kit->cards()->latest('id')->reorder()->orderByDesc('id')->firstOrFail();
        $page = "/kits/$kit->id/cards/$card->id";
        $this->get($page)->assertOk();
        $this->from($page)->act($kit, 'undo')->assertRedirect($page)->assertSessionHas('notice');
        $inertia = ['X-Inertia' => 'true', 'X-Inertia-Version' => (string) app(HandleInertiaRequests::class)->version(request())];
        $this->get($page, $inertia)->assertRedirect("/kits/$kit->id/share-out");
        self::assertStringStartsWith('Undone: ', $this->props("/kits/$kit->id/share-out")['notice']);

        Inertia::flushShared();
        $gone = $this->get($page)->assertNotFound()->viewData('page');
        self::assertSame(
            ['Frame/GonePage', "/kits/$kit->id/share-out", 'Share out', $kit->name],
            [$gone['component'], $gone['props']['way'], $gone['props']['label'], $gone['props']['frame']->name],
        );
        self::assertArrayHasKey('errors', $gone['props']);
        Inertia::flushShared();
        self::assertSame('/', $this->get('/no/such/page')->assertNotFound()->viewData('page')['props']['way']);
        $this->withHeaders($inertia)->from("/kits/$kit->id/share-out")
            ->post("$page/occasion", ['occasion' => 'hello'])
            ->assertRedirect("/kits/$kit->id/share-out")
            ->assertSessionHasErrors('table');
    }
}
