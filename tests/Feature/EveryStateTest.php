<?php

namespace Tests\Feature;

use App\Files\KitExport;
use App\Files\Media;
use App\Frame\Exports;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tools\Bench\AllPages;
use Tools\Words\PropTexts;
use Tools\Words\Text;

/** Every page of a kit in every state: empty, not shared out, short, bare, cut, made, put away. */
final class EveryStateTest extends FeatureTestCase
{
    /** Tables that no act writes: sessions, queues and search results. */
    private const BESIDE = ['cache', 'cache_locks', 'jobs', 'failed_jobs', 'sessions', 'sqlite_sequence'];

    /** Pages that redirect if there is nothing to look at. */
    private const LEADS_ON = 302;

    /** @return array<string, array{Closure(self): Kit}> */
    public static function states(): array
    {
        return [
            'nothing on it' => [static fn (self $test): Kit => $test->kitOf([])],
            'in millimetres, one paper' => [static fn (self $test): Kit => $test->kitOf(['2 sheets of one paper 15x15 cm'], 'mm')],
            'pictures alone' => [static fn (self $test): Kit => $test->kitOf(['3 die cut boat', '1 die cut gull'])],
            'nothing shared out' => [static fn (self $test): Kit => $test->harbour()],
            'the stash' => [static fn (self $test): Kit => $test->stash()],
            'rows short' => [static fn (self $test): Kit => $test->short()],
            'a card with nothing on it' => [static fn (self $test): Kit => $test->bare()],
            'all of it lost' => [static fn (self $test): Kit => $test->lost()],
            'all sheets cut' => [static fn (self $test): Kit => $test->cut()],
            'all cards made, and put away' => [static fn (self $test): Kit => $test->done()],
        ];
    }

    /** @param  Closure(self): Kit  $lay */
    #[DataProvider('states')]
    public function test_each_page_opens_and_viewing_it_changes_nothing(Closure $lay): void
    {
        $kit = $lay($this)->refresh();
        $this->busyWorker($kit);
        $before = $this->rows();
        $unclear = [];
        Queue::fake();
        foreach (AllPages::of($kit) as $url) {
            $answer = $this->get($url);
            self::assertContains($answer->getStatusCode(), [200, self::LEADS_ON], "$url: ".$answer->exception?->getMessage());
            if ($answer->getStatusCode() === 200) {
                array_push($unclear, ...self::unclear($answer->viewData('page')['props'], $url, $kit));
            }
        }
        foreach (Exports::of(KitExport::class) as $export) {
            if ($export->media() !== Media::Pdf) {
                $answer = $this->get("/kits/$kit->id/{$export->path()}");
                self::assertLessThan(500, $answer->getStatusCode(), "{$export->path()}: ".$answer->exception?->getMessage());
            }
        }
        self::assertSame($before, $this->rows(), 'to look is no act');
        self::assertSame([], array_values(array_unique($unclear)), 'each text is said plainly');
    }

    /**
     * @param  array<array-key, mixed>  $props
     * @return list<string>
     */
    private static function unclear(array $props, string $url, Kit $kit): array
    {
        $sent = json_decode((string) json_encode($props), true);
        $faults = array_map(static fn (Text $text): array => PropTexts::faults($text, $kit->unit), PropTexts::of($sent, $url));

        return array_merge(...$faults);
    }

    /** @return array<string, string> a sum of all records, by table */
    private function rows(): array
    {
        $tables = array_column(DB::select("select name from sqlite_master where type = 'table' order by name"), 'name');
        $sums = [];
        foreach (array_diff($tables, self::BESIDE) as $table) {
            $sums[$table] = hash('xxh128', serialize(DB::select("select * from \"$table\"")));
        }

        return $sums;
    }

    /** @param  list<string>  $lines  as they are typed */
    private function kitOf(array $lines, string $unit = 'in'): Kit
    {
        $front = $unit === 'in' ? ['4 1/4', '5 1/2'] : ['105', '148'];
        $about = ['name' => 'Odd lot', 'unit' => $unit, 'front_width' => $front[0], 'front_height' => $front[1], 'promised' => 4];
        $this->post('/kits/new', $about)->assertSessionHasNoErrors();
        $kit = Kit::query()->where('name', 'Odd lot')->firstOrFail();
        if ($lines !== []) {
            $this->act($kit, 'add/list', ['text' => implode("\n", $lines)])->assertSessionHasNoErrors();
        }
        self::assertSame(count($lines), $kit->components()->count());

        return $kit;
    }

    private function stash(): Kit
    {
        $this->harbour();

        return Kit::stash() ?? self::fail('There is no stash.');
    }

    private function shared(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);

        return $kit;
    }

    private function short(): Kit
    {
        $kit = $this->shared();
        foreach ($kit->cards()->limit(3)->pluck('id') as $card) {
            $this->act($kit, 'grid/duplicate', ['card' => $card])->assertSessionHasNoErrors();
            $this->act($kit, 'grid/duplicate', ['card' => $card])->assertSessionHasNoErrors();
        }

        return $kit;
    }

    private function bare(): Kit
    {
        $kit = $this->shared();
        $card = $kit->cards()->with('takings')->firstOrFail();
        while ($card->takings->isNotEmpty()) {
            $component = Component::coreIdOf($card->takings->firstOrFail()->component_id);
            $this->act($kit, 'grid/more', ['card' => $card->id, 'component' => $component, 'by' => -1])->assertSessionHasNoErrors();
            $card->load('takings');
        }

        return $kit;
    }

    private function lost(): Kit
    {
        $kit = $this->shared();
        foreach ($this->props("/kits/$kit->id/count")['lines'] as $line) {
            if ($line['isCountable']) {
                $this->act($kit, "count/{$line['id']}", ['counted' => '0', 'was' => $line['here'], 'reason' => 'lost', 'note' => '']);
            }
        }
        self::assertSame(0, (int) DB::table('ledger_entries')->whereIn('component_id', $kit->papers()->pluck('id'))->sum('delta'));

        return $kit;
    }

    private function cut(): Kit
    {
        $kit = $this->shared();
        while (($plan = CutPlan::query()->whereNull('cut_at')->first()) !== null) {
            $this->act($kit, "cut/$plan->sheet_id")->assertSessionHasNoErrors();
        }

        return $kit;
    }

    private function done(): Kit
    {
        $kit = $this->cut();
        $kit->cards()->get()->each(static fn (Card $card) => $card->update(['begun_at' => now(), 'made_at' => now()]));
        $this->act($kit, 'keep/put-away')->assertSessionHasNoErrors();

        return $kit;
    }
}
