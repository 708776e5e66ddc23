<?php

namespace Tests\Feature\ShareOut;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Taking;
use App\ShareOut\FindFrontier;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Least;
use KeepShare\Core\Sketch\Sketches;
use Tests\Feature\FeatureTestCase;

/** Stretching a kit: wishes that say what they cost, many or varied, leaner, several of one, paper from liners. */
final class StretchTest extends FeatureTestCase
{
    public function test_wishes_are_kept_as_they_are_changed_and_say_what_they_do_to_the_bound(): void
    {
        $kit = $this->harbour();
        $this->wish($kit, ['stash' => false])->assertSessionHasNoErrors();
        $effects = fn (): array => $this->props("/kits/$kit->id/share-out")['wishes']['effects'];
        self::assertStringContainsString('at most 10 cards: then bases run out', $effects()['many']);
        self::assertSame('', $effects()['words'], 'what is not wished for does nothing');

        $this->wish($kit, ['words' => 'once', 'envelopes' => true, 'savesOne' => true])->assertSessionHasNoErrors();
        self::assertSame('These wishes cost no cards that are certain.', $effects()['words']);
        self::assertSame('These wishes cost no cards that are certain.', $effects()['fronts']);
        $envelope = Component::query()->where('kit_id', $kit->id)->where('key', 'envelope')->firstOrFail();
        LedgerEntry::query()->create(['component_id' => $envelope->id, 'delta' => -7, 'reason' => LedgerReason::Lost]);
        self::assertSame('At most 3 cards with these wishes; without them 10.', $effects()['fronts']);
        $wishes = $this->props("/kits/$kit->id/share-out")['wishes'];
        self::assertSame(['once', false], [$wishes['words'], $wishes['stash']]);

        $this->wish($kit, ['stash' => true])->assertSessionHasNoErrors();
        self::assertTrue($kit->refresh()->uses_stash);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertFalse($kit->refresh()->uses_stash);
        $this->wish($kit, ['words' => 'seldom'])->assertSessionHasErrors('words');
    }

    public function test_a_new_kit_uses_no_stash_until_the_maker_says_so_and_shows_what_the_stash_would_give(): void
    {
        $this->harbour();
        $kit = $this->lined();
        self::assertFalse($kit->uses_stash);
        $page = fn (): array => $this->props("/kits/$kit->id/share-out")['wishes'];
        $says = '/at most 8 cards: then bases run out.*\. \d+ with your stash\.$/';
        self::assertMatchesRegularExpression($says, $page()['effects']['many']);
        $this->act($kit, 'share-out', ['cards' => '8', 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();
        $stash = Component::query()->where('kit_id', Kit::stash()?->id)->pluck('id');
        self::assertSame(0, Taking::query()->whereIn('component_id', $stash)->count());

        $this->wish($kit, ['stash' => true])->assertSessionHasNoErrors();
        self::assertStringNotContainsString('with your stash', $page()['effects']['many']);
    }

    public function test_many_rich_or_varied_is_searched_for_when_asked_and_each_choice_is_possible(): void
    {
        $kit = $this->orchard();
        self::assertSame(['isLooking' => false, 'choices' => []], $this->props("/kits/$kit->id/share-out")['frontier']);
        $this->act($kit, 'share-out/frontier')->assertRedirect();

        /** @var list<array{says: string, proof: string, alike: int|null, least: string}> $choices */
        $choices = $this->props("/kits/$kit->id/share-out")['frontier']['choices'];
        $says = array_column($choices, 'says', 'least');
        self::assertSame('18 cards, each with one paper and words', $says['paper'] ?? '');
        self::assertSame('No more of these.', array_column($choices, 'proof', 'least')['paper']);
        self::assertMatchesRegularExpression('/^1[0-7] cards, each with a picture, a paper and a mat$/', $says['picture'] ?? '');
        $this->act($kit, 'share-out', ['cards' => 'max', 'stash' => false, 'words' => 'again', 'least' => 'picture'])
            ->assertSessionHasNoErrors();
        self::assertSame((int) $says['picture'], $kit->cards()->count());
        foreach ($kit->cards()->with('takings')->get() as $card) {
            self::assertNotNull($card->takings->firstWhere('part', 'focal'));
        }
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $isVaried = static fn (array $one): bool => $one['alike'] !== null;
        $varied = array_values(array_filter($choices, $isVaried))[0] ?? self::fail('None is varied.');
        $this->act($kit->refresh(), 'share-out', ['cards' => 'max', 'stash' => false, 'words' => 'again', 'alike' => $varied['alike']])
            ->assertSessionHasNoErrors();
        self::assertSame((int) $varied['says'], $kit->cards()->count());
        self::assertLessThanOrEqual($varied['alike'], $kit->cards()->get()->countBy('sketch')->max());
        self::assertNull(FindFrontier::found($kit->refresh()), 'it was for the kit as it lay');
        $this->act($kit, 'share-out', ['cards' => 'max', 'stash' => false, 'words' => 'again', 'alike' => 0])
            ->assertSessionHasErrors('alike');
        $this->act($kit, 'share-out', ['cards' => 'max', 'stash' => false, 'words' => 'again', 'least' => 'gold'])
            ->assertSessionHasErrors('least');
    }

    public function test_what_a_card_must_at_least_be_is_a_wish_with_examples_and_holds_for_every_share_out(): void
    {
        $kit = $this->orchard();
        $taste = fn (): array => $this->props("/kits/$kit->id/share-out")['taste'];
        self::assertSame('words', $taste()['least']);
        self::assertSame(['words', 'paper', 'two', 'picture'], array_column($taste()['leasts'], 'key'));
        self::assertSame([null, null, null, null], array_column(array_column($taste()['leasts'], 'drawn'), 'fault'));

        $this->wish($kit, ['least' => 'two'])->assertSessionHasNoErrors();
        self::assertSame('two', $taste()['least']);
        $this->act($kit->refresh(), 'share-out', ['cards' => '12', 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();
        $sketches = Sketches::all();
        $kit->cards()->get()->each(static fn (Card $card) => self::assertTrue(Least::TwoPapers->allows($sketches[$card->sketch])));
        self::assertSame(12, $kit->cards()->count());
        $this->wish($kit->refresh(), ['least' => 'gold'])->assertSessionHasErrors('least');
    }

    public function test_a_leaner_design_is_one_act_and_says_what_it_frees(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $card = $kit->cards()->with('takings')->firstOrFail();
        $before = [$card->sketch, $card->takings->map->getAttributes()->all()];
        $this->act($kit, 'grid/leaner', ['card' => $card->id])->assertSessionHasNoErrors();

        $says = '/^Card 1 now uses ".+": that frees \d+ in² of patterned paper\.$/';
        self::assertMatchesRegularExpression($says, (string) session('notice'));
        self::assertNotSame($before[0], $card->refresh()->sketch);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $again = Card::query()->with('takings')->findOrFail($card->id);
        self::assertSame($before, [$again->sketch, $again->takings->map->getAttributes()->all()]);
        for ($n = 0; $n < 8 && session('errors') === null; $n++) {
            $this->act($kit, 'grid/leaner', ['card' => $card->id]);
        }
        self::assertStringContainsString('No other design takes less patterned paper', session('errors')->first('table'));
    }

    public function test_a_stretched_card_says_so_and_is_made_as_drawn_by_one_act(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, "cards/$card->id/sketch", ['sketch' => 'narrow-border'])->assertSessionHasNoErrors();
        $card->refresh()->update(Card::keeps(Sketches::all()['narrow-border']->leaner()[0]));
        $finding = array_column($this->props("/kits/$kit->id/cards/$card->id")['findings'], null, 'check')['other-than-drawn'];

        self::assertMatchesRegularExpression('~^Stretched, .*: the border is .* × 5/8 in, drawn .* × 3/4 in\.$~', $finding['says']);
        $repair = $finding['repairs'][0];
        $this->act($kit, "cards/$card->id/{$repair['does']}", $repair['with'])->assertSessionHasNoErrors();
        self::assertSame(['narrow-border', null], [$card->refresh()->sketch, $card->design]);
        $border = $card->takings()->where('part', 'border')->firstOrFail()->toCore();
        self::assertSame('3/4', $border->size?->shorter()->format(Unit::Inch));
    }

    public function test_twelve_of_one_card_from_the_grid(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, "cards/$card->id/copies", ['copies' => 12])->assertSessionHasNoErrors();

        self::assertSame(12, $kit->cards()->where('set', $card->id)->count());
        self::assertStringContainsString('Missing now: ', (string) session('notice'));
        $this->act($kit, "cards/$card->id/copies", ['copies' => 25])->assertSessionHasErrors('copies');
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(2, $kit->cards()->count());
    }

    public function test_where_paper_is_scarce_each_card_says_how_much_it_takes(): void
    {
        $kit = $this->orchard();
        $this->act($kit, 'share-out', ['cards' => '9', 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();
        $cards = $this->props("/kits/$kit->id/share-out")['cards'];
        self::assertCount(9, $cards);
        $papers = array_column($cards, 'paper');
        $plenty = $this->harbour();
        $this->shareOut($plenty, 4);
        self::assertSame([null], array_values(array_unique(array_column($this->props("/kits/$plenty->id/share-out")['cards'], 'paper'))));
        self::assertMatchesRegularExpression('/^\d+ in²$/', $papers[0] ?? '');
    }

    public function test_liners_that_cards_are_made_of_are_taken_apart_with_the_share_out_and_whole_again_after_it(): void
    {
        $kit = $this->lined();
        $this->act($kit, 'share-out', ['cards' => 'max', 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();

        self::assertSame(8, $kit->cards()->count());
        $liner = Component::query()->where('kit_id', $kit->id)->where('name', 'Liner of Lined')->firstOrFail();
        self::assertGreaterThan(0, Taking::query()->where('component_id', $liner->id)->count());
        $this->assertInBalance($kit);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $this->act($kit, 'redo')->assertSessionHasNoErrors();
        $this->act($kit, 'share-out', ['cards' => 8, 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        self::assertNotNull($proposal, 'it is shown beside what lies there');
        $this->act($kit, "share-out/solutions/{$proposal['id']}/accept")->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame([0, 0], [$kit->cards()->count(), Component::query()->where('name', 'Liner of Lined')->count()]);
    }

    private function orchard(): Kit
    {
        return $this->bringIn((string) file_get_contents(base_path('database/demo/windfall-orchard.json')));
    }

    /** Eight bases, twenty lined envelopes, a stamp. */
    private function lined(): Kit
    {
        $face = ['name' => 'Liner', 'motif' => 'wave', 'colours' => ['#ddeeff', '#445566']];
        $a2 = ['width' => '4 1/4', 'height' => '5 1/2'];

        return $this->bringIn((string) json_encode([
            'format' => 'keepshare/kit',
            'version' => 1,
            'unit' => 'in',
            'name' => 'Lined',
            'front' => $a2,
            'components' => [
                ['id' => 'base', 'kind' => 'base', 'name' => 'Base', 'count' => 8, 'front' => $a2, 'fold' => 'side', 'colour' => '#ffffff'],
                [
                    'id' => 'lined',
                    'kind' => 'envelope',
                    'name' => 'Lined',
                    'count' => 20,
                    'size' => ['width' => '4 3/8', 'height' => '5 3/4'],
                    'colour' => '#eeeeee',
                    'liner' => ['face' => $face, 'margin' => '1/4'],
                ],
                [
                    'id' => 'hello',
                    'kind' => 'stamp',
                    'name' => 'Hello',
                    'size' => ['width' => '2', 'height' => '1/2'],
                    'words' => 'hello',
                    'occasions' => ['hello', 'birthday'],
                ],
            ],
        ]));
    }

    private function bringIn(string $json): Kit
    {
        return app(\App\Ledger\ImportKit::class)->write(\KeepShare\Core\Kit\KitFile::read($json), false);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function wish(Kit $kit, array $with): \Illuminate\Testing\TestResponse
    {
        return $this->act($kit, 'taste', ['frame' => '', 'wanted' => [], 'set' => 1, ...$with]);
    }
}
