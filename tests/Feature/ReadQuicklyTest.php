<?php

namespace Tests\Feature;

use App\Database\Record;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Cut\Stock;
use Tools\Bench\FullKit;

/** The fast reader for large kits must return what the framework would have read. */
final class ReadQuicklyTest extends FeatureTestCase
{
    public function test_a_field_of_any_record_is_what_the_framework_makes_of_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        $this->act($kit, 'cut', ['sheet' => CutPlan::query()->value('sheet_id')]);
        $fields = 0;
        foreach (File::files(app_path('Models')) as $file) {
            $class = 'App\\Models\\'.$file->getBasename('.php');
            if (! is_subclass_of($class, Record::class)) {
                continue;
            }
            foreach ($class::query()->limit(40)->get() as $record) {
                foreach (array_keys($record->getAttributes()) as $field) {
                    self::assertEquals($record->getAttributeValue($field), $record->getAttribute($field), "$class::$field");
                    self::assertEquals($record->getAttributeValue($field), $record->{$field}, "$class::$field");
                    $fields++;
                }
            }
        }
        self::assertGreaterThan(1_000, $fields, 'there are records of many kinds');
    }

    public function test_a_field_that_is_changed_is_read_as_it_is_now_and_one_that_is_not_there_is_refused_or_nothing(): void
    {
        $component = $this->harbour()->components()->firstOrFail();
        $component->is_counted = true;
        self::assertTrue($component->is_counted);
        $component->is_counted = false;
        self::assertFalse($component->is_counted);
        $component->details = ['a' => [1, 2]];
        self::assertSame(['a' => [1, 2]], $component->details);
        self::assertSame('{"a":[1,2]}', $component->getAttributes()['details']);

        $part = Component::query()->select(['id', 'name'])->firstOrFail();
        self::assertNull($part->getAttribute('listed'), 'what was not read is nothing, not what another record has');
        self::assertInstanceOf(Kit::class, $component->kit, 'a relation is read when it is asked for');
        self::assertTrue($component->relationLoaded('kit'));
    }

    public function test_a_page_that_asks_for_some_of_what_it_shows_is_sent_that_alone_and_just_as_with_the_rest(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        $url = "/kits/$kit->id/share-out";
        $all = $this->props($url);
        foreach (['groups', 'cards', 'outlook'] as $prop) {
            $answer = $this->get($url, [
                'X-Inertia' => 'true',
                'X-Inertia-Version' => $this->get($url)->viewData('page')['version'],
                'X-Inertia-Partial-Component' => 'ShareOut/ShareOutPage',
                'X-Inertia-Partial-Data' => $prop,
            ])->assertOk();
            $sent = $answer->json('props');
            self::assertSame($all[$prop], $sent[$prop], $prop);
            self::assertSame([$prop], array_values(array_intersect(array_keys($sent), ['groups', 'cards', 'outlook', 'goods', 'wishes'])));
        }
    }

    public function test_whole_sheets_that_are_as_they_came_are_read_by_the_group_and_others_one_by_one(): void
    {
        $kit = $this->harbour();
        $paper = $kit->papers()->where('name', 'Wave')->firstOrFail();
        $state = TableState::of($kit);
        self::assertSame(2, $state->sheetsHere($paper));
        self::assertCount(2, $state->plain[$paper->id]);

        $this->shareOut($kit, 10);
        $this->assertStateIsThatOfRecords($kit);
        $plan = CutPlan::query()->whereRelation('sheet', 'component_id', $paper->id)->firstOrFail();
        $this->act($kit, 'cut', ['sheet' => $plan->sheet_id])->assertSessionHasNoErrors();
        $this->assertStateIsThatOfRecords($kit);
        self::assertSame(2, TableState::of($kit)->sheetsHere($paper), 'a sheet that is cut is one of the kit still');

        $other = $kit->papers()->where('name', 'Rope stripe')->firstOrFail()->sheets()->firstOrFail();
        $other->update(['blemishes' => [['x' => 0, 'y' => 0, 'width' => 203_200, 'height' => 203_200]]]);
        $this->assertStateIsThatOfRecords($kit);
        self::assertFalse(
            collect(TableState::of($kit)->stock()[$other->component_id])->firstOrFail(
                static fn (Stock $stock): bool => $stock->id === (string) $other->id,
            )->isClean(),
            'what is marred is known to be',
        );
        $other->update(['state' => SheetState::Spoiled, 'blemishes' => null]);
        $this->assertStateIsThatOfRecords($kit);
    }

    public function test_a_kit_of_many_sheets_takes_as_many_questions_and_records_as_one_of_few(): void
    {
        $this->harbour();
        $asked = $read = [];
        foreach ([10, 90] as $each) {
            $kit = FullKit::ofEach('Full', $each, $each);
            $this->shareOut($kit, 4);
            $kit->refresh();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $state = TableState::of($kit);
            $asked[] = count(DB::getQueryLog());
            $read[] = $state->sheets->count();
            DB::disableQueryLog();
            $paper = $kit->papers()->firstOrFail();
            self::assertSame($each, $state->sheetsHere($paper));
            $this->assertStateIsThatOfRecords($kit);
        }
        self::assertSame($asked[0], $asked[1]);
        self::assertSame($read[0], $read[1], 'those that pieces are cut from, however many there are');
    }

    public function test_a_front_that_is_laid_out_once_for_a_page_equals_one_laid_out_again(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 5, true);
        $state = TableState::of($kit);
        self::assertCount(5, $state->cards);
        foreach (Card::query()->where('kit_id', $kit->id)->with('takings')->get() as $card) {
            $same = $state->cards[$card->id] ?? self::fail("Card $card->number is not on the table.");
            self::assertSame($card->takings->modelKeys(), $same->takings->modelKeys());
            self::assertEquals($card->toCore(), $state->coreOf($same));
            self::assertEquals(CardFront::of($card->toCore(), $state->core, $kit->unit), $state->frontOf($same));
            self::assertSame($state->frontOf($same), $state->frontOf($same), 'laid once');
            self::assertEquals(
                CardInHand::of($card->toCore(), $state->core, $kit->unit, $state->cores()),
                $state->inHand($same),
            );
        }
        $ofStash = $state->takings->filter(static fn (Taking $one): bool => $one->card->kit_id === $kit->id);
        self::assertSame($kit->cards()->withCount('takings')->get()->sum('takings_count'), $ofStash->count());
    }

    /** Counts, sizes and stock of every component, compared with all its sheets read as records. */
    private function assertStateIsThatOfRecords(Kit $kit): void
    {
        $state = TableState::of($kit->refresh());
        foreach ($state->components as $component) {
            self::assertSame($state->hereOf($component), TableState::hereNow($component), "$component->name, read by itself");
            if (! $component->kind->isSheets()) {
                continue;
            }
            $sheets = Sheet::query()->where('component_id', $component->id)->with('plan')->orderBy('id')->get();
            $whole = $sheets->filter(static fn (Sheet $one): bool => $one->is_whole && $one->state !== SheetState::Spoiled);
            $open = $sheets->filter(static fn (Sheet $one): bool => $one->state === SheetState::Open);
            $left = $whole->filter(static fn (Sheet $one): bool => $one->state === SheetState::Open && $one->plan === null);

            self::assertSame($whole->count(), $state->sheetsHere($component), $component->name);
            self::assertCount($whole->count(), $state->wholes($component), $component->name);
            self::assertSame($left->count(), $state->wholesLeft($component), $component->name);
            self::assertEquals(
                $open->map(static fn (Sheet $one): Stock => $one->toStock())->values()->all(),
                $state->stock()[$component->id] ?? [],
                $component->name,
            );
        }
    }
}
