<?php

namespace Tests\Feature;

use App\Cards\BonusCards;
use App\Cut\BetterPlan;
use App\Database\Trouble;
use App\Keep\TurnTray;
use App\Models\Card;
use App\Models\ClassPlan;
use App\Models\Component;
use App\Models\Day;
use App\Models\Kit;
use App\Models\OwnArrangement;
use App\Models\OwnRecipe;
use App\Models\Photo;
use App\Models\RecipeMaking;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\SolveState;
use App\Models\StepMark;
use App\Recipes\MakeRecipe;
use App\Safe\OpenTable;
use App\Safe\Progress;
use App\Safe\SaveTable;
use App\ShareOut\NextCards;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use PDO;
use PDOException;

/** Another program writes to the same table. Acts wait for it, and say so if they wait in vain. */
final class SecondConnectionTest extends FeatureTestCase
{
    private string $file;

    private PDO $second;

    /** Two connections need a file. Its transactions are separate from those of the other tests. */
    public function refreshDatabase(): void
    {
        $this->file = sys_get_temp_dir().'/keepshare-'.bin2hex(random_bytes(6)).'.sqlite';
        touch($this->file);
        config(['database.connections.sqlite.database' => $this->file, 'database.connections.sqlite.busy_timeout' => 150]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        $this->second = new PDO("sqlite:$this->file");
        $this->second->setAttribute(PDO::ATTR_TIMEOUT, 0);
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        unset($this->second);
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }

    public function test_an_act_that_waits_in_vain_is_told_and_keeps_what_was_typed(): void
    {
        $kit = $this->harbour();
        $base = Component::query()->where('kit_id', $kit->id)->where('key', 'base')->firstOrFail();
        $typed = ['counted' => 8, 'was' => 10, 'reason' => 'lost', 'note' => 'under the table'];
        $this->second->exec('BEGIN IMMEDIATE');

        $this->act($kit, "count/$base->id", $typed)->assertRedirect()->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        self::assertSame('under the table', session()->getOldInput('note'));
        $this->act($kit, 'undo')->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->second->exec('COMMIT');
        self::assertSame(10, (int) $base->ledger()->sum('delta'));
        self::assertSame(0, $kit->refresh()->revision);

        $this->act($kit, "count/$base->id", $typed)->assertSessionHasNoErrors();
        self::assertSame(8, (int) $base->ledger()->sum('delta'));
    }

    public function test_a_step_is_marked_once_however_many_mark_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $this->second->exec('BEGIN IMMEDIATE');
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->second->exec('COMMIT');
        self::assertSame(0, StepMark::query()->count());

        // Both have seen the same table. The other gets the lock first.
        DB::beforeExecuting(function (string $sql) use ($card): void {
            if (! str_starts_with($sql, 'insert into "acts"')) {
                return;
            }
            StepMark::withoutEvents(static fn () => StepMark::query()->firstOrCreate(
                ['card_id' => $card->id, 'step' => 'score/base'],
                ['kind' => 'score', 'done_at' => now(), 'dry_at' => now()],
            ));
        });
        $this->act($kit, "make/$card->id", ['step' => 'score/base'])->assertSessionHasErrors('table');
        self::assertLessThanOrEqual(1, StepMark::query()->count());
    }

    public function test_recipes_and_classes_wait_for_other_writers_and_say_so(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $this->busyWorker($kit);
        $this->act($kit, 'class', ['name' => 'Tuesday', 'people' => '3', 'recipe' => '', 'cards' => ''])->assertSessionHasNoErrors();
        $class = ClassPlan::query()->firstOrFail();
        $laying = $this->props("/kits/$kit->id/recipes/ten-from-one/lay?stash=1");
        $acts = [
            'recipes' => ['name' => 'Two', 'cards' => ''],
            'recipes/ten-from-one/lay' => ['letters' => $laying['chosen'], 'stash' => '1'],
            "class/$class->id/pack" => ['bag' => 1, 'line' => '', 'packed' => '1'],
            "class/$class->id/lost" => ['bag' => 1],
        ];
        $this->second->exec('BEGIN IMMEDIATE');
        foreach ($acts as $path => $with) {
            $this->act($kit, $path, $with)->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        }
        $this->second->exec('COMMIT');
        self::assertSame([0, 2, []], [OwnRecipe::query()->count(), $kit->cards()->count(), $class->refresh()->packed]);
        foreach ($acts as $path => $with) {
            $this->act($kit, $path, $with)->assertSessionHasNoErrors();
        }
        self::assertSame(2 + count($laying['cards']), $kit->cards()->count());

        // Computing goes on while another writes. The result is stored when that is possible.
        $asked = ['sheets' => '1', 'sheet' => '6 x 6', 'front' => 'A2', 'cards' => '2', 'alike' => '1', 'papers' => ''];
        $making = RecipeMaking::query()->create([
            'kit_id' => $kit->id,
            'asked' => $asked,
            'seconds' => 2,
            'state' => SolveState::Waiting,
        ]);
        $told = 0;
        DB::beforeExecuting(function (string $sql) use (&$told): void {
            if (str_starts_with($sql, 'update "recipe_makings"') && str_contains($sql, '"done"') && ++$told <= 2) {
                $this->second->exec($told === 1 ? 'BEGIN IMMEDIATE' : 'ROLLBACK');
            }
        });
        (new MakeRecipe)->run($making->id);
        self::assertGreaterThanOrEqual(2, $told);
        self::assertSame([SolveState::Done, 2], [$making->refresh()->state, count($making->toCore()->cards ?? [])]);
    }

    public function test_of_two_who_give_one_card_away_the_first_has_it(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        [$ada, $bo] = Day::query()->with('person')->limit(2)->get()->all();
        $this->second->exec('BEGIN IMMEDIATE');
        $this->post("/people/days/$ada->id/card", ['card' => $card->id])->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->post('/people', ['name' => 'Gus'])->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        self::assertSame('Gus', session()->getOldInput('name'), 'what was typed stays');
        // The other reserves the card for Bo while this page still shows it as free.
        $this->second->exec("update cards set meant_for_id = $bo->person_id, meant_day_id = $bo->id, meant_on = '2999-01-01'");
        $this->second->exec('COMMIT');
        $this->post("/people/days/$ada->id/card", ['card' => $card->id])->assertSessionHasErrors('table');
        self::assertSame($bo->id, $card->refresh()->meant_day_id);
    }

    public function test_the_table_is_saved_as_it_was_at_one_moment_and_opened_by_nobody_while_another_writes(): void
    {
        $this->harbour();
        $file = "$this->file.zip";
        // While it is being read, another renames every kit. The file has all the names from before.
        $manifest = SaveTable::to($file, Progress::told(function (int $done): bool {
            $this->second->exec("update kits set name = 'Other'");
            $this->second->exec("update components set name = 'Other'");

            return true;
        }));
        self::assertSame(4, DB::table('kits')->where('name', 'Other')->count());
        app(OpenTable::class)->instead($file);
        self::assertSame(0, DB::table('kits')->where('name', 'Other')->count());
        self::assertSame(0, DB::table('components')->where('name', 'Other')->count());
        self::assertSame($manifest->records['components'], DB::table('components')->count());

        $before = DB::table('kits')->pluck('name')->all();
        $this->second->exec('BEGIN IMMEDIATE');
        try {
            app(OpenTable::class)->beside($file);
            self::fail('It was opened while another was writing.');
        } catch (PDOException $busy) {
            self::assertSame(Trouble::Busy, Trouble::of($busy));
        }
        $this->second->exec('COMMIT');
        self::assertSame($before, DB::table('kits')->pluck('name')->all());
    }

    public function test_an_arrangement_is_kept_whole_or_not_at_all_while_another_writes(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $card = $kit->cards()->whereHas('takings', static fn ($taking) => $taking->where('part', 'piece-1'))->firstOrFail();
        $before = $this->laid($card);
        $acts = [
            'piece' => ['part' => 'piece-1', 'do' => 'right', 'by' => 2],
            'swap-piece' => ['part' => 'piece-1'],
            'arrange' => ['arrangement' => $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand']['others'][0]['key']],
        ];
        $own = ['written' => ArrangementWriter::write(Arrangements::all()['centred']->named('', 'Round the window'))];

        $this->second->exec('BEGIN IMMEDIATE');
        foreach ($acts as $act => $data) {
            $this->act($kit, "cards/$card->id/$act", $data)->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        }
        $this->act($kit, 'arrangements', $own)->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        self::assertSame('Round the window', session()->getOldInput('written')['name'], 'what was typed stays');
        $this->second->exec('COMMIT');
        self::assertSame($before, $this->laid($card));
        self::assertSame(0, OwnArrangement::query()->count());

        foreach ($acts as $act => $data) {
            $this->act($kit, "cards/$card->id/$act", $data)->assertSessionHasNoErrors();
        }
        self::assertNotSame($before, $this->laid($card));
        foreach ($acts as $ignored) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame($before, $this->laid($card), 'and back again');
        $this->assertInBalance($kit, true);
    }

    /** @return list<mixed> how a card is arranged, and of what */
    private function laid(Card $card): array
    {
        $takings = $card->takings()->orderBy('part')->get(['part', 'component_id', 'quantity'])->toArray();

        return [$card->refresh()->only('arrangement', 'arranged'), $takings];
    }

    /** Reading first and writing later cannot wait, so the lock is taken when the act begins. */
    public function test_a_scrap_is_turned_into_parts_whole_or_not_at_all_while_another_writes(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $chosen = $this->props("/kits/$kit->id/keep")['chosen'];
        $take = ['scrap' => $chosen['scrap']['id'], 'option' => $chosen['options'][0]['key']];
        $this->second->exec('BEGIN IMMEDIATE');
        $this->act($kit, 'keep/take', $take)->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->act($kit, 'keep/put-away')->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->second->exec('COMMIT');
        self::assertSame(0, Sheet::query()->whereNotNull('part')->orWhere('state', SheetState::Parted)->count());

        // The other has marked the sheet as bent since the page was made.
        $this->second->exec("update kits set revision = revision + 1 where id = $kit->id");
        $this->post("/kits/$kit->id/keep/take", ['revision' => $kit->revision, ...$take])->assertSessionHasErrors('table');
        $this->assertDatabaseMissing('sheets', ['state' => SheetState::Parted->value]);
        $this->act($kit, 'keep/take', $take)->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
    }

    public function test_pieces_of_a_photograph_are_kept_whole_or_not_at_all_while_another_writes(): void
    {
        $kit = $this->harbour();
        $photograph = $this->photographed($kit);
        $before = Component::query()->count();
        $this->second->exec('BEGIN IMMEDIATE');
        $path = "photographs/$photograph->id/pieces";
        $this->act($kit, "$path/keep")->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        $this->act($kit, $path, ['do' => 'say', 'on' => 2, 'text' => 'tag'])->assertSessionHasErrors(['table' => Trouble::Busy->says()]);
        self::assertSame('tag', session()->getOldInput('text'));
        $this->second->exec('COMMIT');
        self::assertSame([$before, 0], [Component::query()->count(), Photo::query()->count()]);

        // The pictures are cut out before the lock is taken.
        $this->second->exec("update kits set name = 'Another' where id = $kit->id");
        $this->act($kit, "$path/keep")->assertSessionHasNoErrors();
        self::assertSame([$before + 1, 1], [Component::query()->count(), Photo::query()->count()]);
        $this->act($kit, "$path/keep")->assertNotFound();
    }

    public function test_an_act_holds_the_lock_from_its_beginning(): void
    {
        $this->harbour();
        DB::transaction(function (): void {
            Kit::query()->count();
            self::assertFalse($this->couldWrite());
        });
        self::assertTrue($this->couldWrite());
    }

    public function test_no_search_holds_the_lock_while_it_looks(): void
    {
        $kit = $this->harbour();
        $looked = ['share-outs' => 0, 'bonus' => 0, 'next' => 0, 'better-plan' => 0, 'tray' => 0];
        DB::listen(function ($query) use (&$looked): void {
            if (preg_match('/^update "solves" set "done" = \?,? ?("updated_at" = \?)? where/', $query->sql) === 1) {
                $looked['share-outs'] += (int) $this->couldWrite();
            }
        });
        Event::listen(KeyWritten::class, function (KeyWritten $written) use (&$looked): void {
            $what = explode(':', $written->key)[0];
            if (str_ends_with($written->key, ':running')) {
                self::assertTrue($this->couldWrite(), "$what holds the lock");
                $looked[$what] = ($looked[$what] ?? 0) + 1;
            }
        });
        $this->shareOut($kit, 3);
        $this->busyWorker($kit, false);
        app(BonusCards::class)->look($kit->refresh());
        app(NextCards::class)->look($kit);
        app(BetterPlan::class)->look($kit);
        TurnTray::search($kit)->ask(TurnTray::class);
        foreach ($looked as $what => $times) {
            self::assertGreaterThan(0, $times, "$what was seen at work");
        }
    }

    /** Whether the second connection gets the write lock at once. */
    private function couldWrite(): bool
    {
        try {
            $this->second->exec('BEGIN IMMEDIATE');
            $this->second->exec('ROLLBACK');

            return true;
        } catch (PDOException) {
            return false;
        }
    }
}
