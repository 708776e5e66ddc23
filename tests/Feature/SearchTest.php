<?php

namespace Tests\Feature;

use App\Actions\BonusCards;
use App\Actions\NextCards;
use App\Actions\Search;
use App\Jobs\FindBonusCards;
use App\Jobs\FindNextCards;
use Illuminate\Support\Facades\Queue;

/** What is looked for in the background: begun once, stopped on request, and remembered until the table changes. */
final class SearchTest extends FeatureTestCase
{
    public function test_a_search_is_begun_once_and_remembered_until_kit_or_stash_changes(): void
    {
        $kit = $this->harbour();
        $search = Search::for('something', $kit);
        self::assertTrue($search->mayBegin());
        self::assertFalse($search->mayBegin(), 'it is under way');
        $search->remember(['found']);
        self::assertSame(['found'], Search::for('something', $kit)->found());
        self::assertFalse(Search::for('something', $kit)->mayBegin(), 'it has been made');
        self::assertTrue(Search::for('something else', $kit)->mayBegin());

        $kit->increment('revision');
        self::assertNull(Search::for('something', $kit)->found(), 'the table is another one now');
        self::assertTrue(Search::for('something', $kit)->mayBegin());
        \App\Models\Kit::stash()?->increment('revision');
        self::assertTrue(Search::for('something', $kit)->mayBegin(), 'and so with another stash');
    }

    public function test_it_tells_how_far_it_is_and_ends_when_it_is_told_to(): void
    {
        $search = Search::for('something', $this->harbour());
        $goOn = $search->progress();
        self::assertTrue($goOn(2));
        self::assertSame(2, $search->soFar());
        $search->stop();
        self::assertFalse($goOn(3));
        self::assertSame(3, $search->soFar());
    }

    public function test_a_page_that_is_opened_again_and_again_asks_the_worker_once(): void
    {
        Queue::fake();
        $kit = $this->harbour();
        app(\App\Actions\PlaceCards::class)->place($kit, \KeepShare\Core\Share\Sharer::most(\App\Table\TableState::of($kit)->table(\KeepShare\Core\Table\Wishes::cards(2))), false);
        foreach (['keep', 'keep', 'share-out', 'share-out/next', 'share-out/next'] as $page) {
            $this->get("/kits/$kit->id/$page")->assertOk();
        }
        Queue::assertPushed(FindBonusCards::class, 1);
        Queue::assertPushed(FindNextCards::class, 1);
        self::assertTrue($this->props("/kits/$kit->id/keep")['bonus']['isLooking']);
    }

    public function test_a_search_that_is_stopped_keeps_what_it_has(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        $kit->increment('revision');
        BonusCards::search($kit)->stop();
        app(BonusCards::class)->find($kit);
        self::assertCount(1, app(BonusCards::class)->found($kit)->cards ?? [], 'it ends after the card in hand');
        NextCards::search($kit)->stop();
        app(NextCards::class)->find($kit);
        self::assertSame([], app(NextCards::class)->found($kit));
    }
}
