<?php

namespace Tests\Feature;

use App\Cards\BonusCards;
use App\Cards\PlaceCards;
use App\Jobs\RunTask;
use App\Journal\Journal;
use App\Models\Kit;
use App\ShareOut\NextCards;
use App\Table\Search;
use App\Table\TableState;
use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Preferences;

/** Background searches: asked for once, remembered until the table changes, dropped if no one waits. */
final class SearchTest extends FeatureTestCase
{
    public function test_results_are_remembered_until_kit_or_stash_changes(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        Search::for('something', $kit)->remember(['found']);
        self::assertSame(['found'], Search::for('something', $kit)->found());
        Search::for('something', $kit)->ask(BonusCards::class);
        Queue::assertNothingPushed();

        $kit->increment('moves');
        self::assertNull(Search::for('something', $kit)->found(), 'the table is another one now');
        Search::for('something', $kit)->remember(['found']);
        $stash = Kit::stash() ?? self::fail('There is a stash.');
        app(Journal::class)->act($stash, 'Rename', null, static fn () => $stash->update(['name' => 'Odds']));
        self::assertNull(Search::for('something', $kit)->found(), 'and so with another stash');
    }

    public function test_only_the_newest_is_remembered(): void
    {
        $kit = $this->harbour();
        foreach (range(1, 20) as $n) {
            $kit->increment('moves');
            Search::for('something', $kit)->remember($n);
        }

        self::assertSame(20, Search::for('something', $kit)->found());
        $kit->decrement('moves');
        self::assertNull(Search::for('something', $kit)->found());
    }

    public function test_however_often_the_table_changes_one_search_waits(): void
    {
        $queue = Queue::fake();
        $kit = $this->harbour();
        $this->cards($kit, 2);
        foreach (range(1, 5) as $ignored) {
            $kit->increment('moves');
            foreach (['keep', 'keep', 'share-out', 'share-out/next'] as $page) {
                $this->get("/kits/$kit->id/$page")->assertOk();
            }
        }
        $waiting = static fn (string $task): Closure => static fn (RunTask $job): bool => $job->task() === $task
            && $job->queue === 'searches';
        self::assertCount(1, $queue->pushed(RunTask::class, $waiting(BonusCards::class)));
        self::assertCount(1, $queue->pushed(RunTask::class, $waiting(NextCards::class)));
        self::assertTrue($this->props("/kits/$kit->id/keep")['bonus']['isLooking']);
    }

    public function test_what_nobody_waits_for_any_more_is_dropped(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        Search::for('something', $kit)->ask(BonusCards::class);
        $kit->increment('moves');
        $looked = 0;
        Search::for('something', $kit)->run(function () use (&$looked): string {
            $looked++;

            return 'found';
        });
        self::assertSame(0, $looked, 'the table it was asked for is gone, and no page has asked anew');

        Search::for('something', $kit)->ask(BonusCards::class);
        Search::for('something', $kit)->run(static function (Closure $goOn) use ($kit): string {
            self::assertTrue($goOn(1));
            $kit->increment('moves');
            self::assertFalse($goOn(2), 'the table moves on while it is looked at');

            return 'found';
        });
        self::assertNull(Search::for('something', $kit)->found());
    }

    public function test_it_tells_how_far_it_is_and_a_worker_that_has_died_is_not_waited_for(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        Search::for('something', $kit)->ask(BonusCards::class);
        Search::for('something', $kit)->run(static function (Closure $goOn) use ($kit): string {
            $goOn(2);
            self::assertTrue(Search::for('something', $kit)->isRunning());
            self::assertSame(2, Search::for('something', $kit)->soFar());

            return 'found';
        });
        self::assertFalse(Search::for('something', $kit)->isUnderWay());

        $kit->increment('moves');
        $search = Search::for('something', $kit);
        $search->ask(BonusCards::class);
        $search->run(static function () use ($kit): string {
            $key = "something:$kit->id:{$kit->created_at?->getTimestamp()}:running";
            $running = Cache::get($key);
            Cache::put($key, [...is_array($running) ? $running : [], 'worker' => '999999999:1']);
            self::assertFalse(Search::for('something', $kit)->isRunning());

            return 'found';
        });
        Queue::assertPushed(RunTask::class, 2);
    }

    public function test_a_search_that_is_stopped_keeps_what_it_has(): void
    {
        $kit = $this->harbour();
        $this->cards($kit, 4);
        foreach ([BonusCards::search($kit), NextCards::search($kit)] as $search) {
            $search->stop();
        }
        app(BonusCards::class)->look($kit);
        app(NextCards::class)->look($kit);

        self::assertCount(1, app(BonusCards::class)->found($kit)->cards ?? [], 'it ends after the card in hand');
        self::assertSame([], app(NextCards::class)->found($kit));
    }

    private function cards(Kit $kit, int $cards): void
    {
        app(PlaceCards::class)->place($kit, Sharer::most(TableState::of($kit)->table(Preferences::cards($cards))), false);
    }
}
