<?php

namespace Tests\Feature\ShareOut;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use Illuminate\Support\Facades\Artisan;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Kind;
use Tests\Feature\FeatureTestCase;

/** The wishes of a share-out, and what is said if they cannot be met. */
final class WishesTest extends FeatureTestCase
{
    public function test_folds_that_are_asked_for_are_made_and_what_is_missing_is_said(): void
    {
        $kit = $this->harbour();
        $this->taste($kit, ['folds' => ['short-front' => '2', 'gatefold' => '1', 'side' => '3']])->assertSessionHasNoErrors();
        $this->shareOut($kit, 6);
        $this->assertInBalance($kit);

        self::assertSame(2, $kit->cards()->where('fold', FoldKind::ShortFront)->count());
        $page = $this->props("/kits/$kit->id/share-out");
        self::assertSame(['No card with a gatefold. You asked for 1.'], $page['gaps'], 'no blank can be cut for it from the kit alone');
        self::assertSame(['gatefold' => 1, 'short-front' => 2], array_filter(array_column($page['taste']['folds'], 'many', 'key')));
        $this->shareOut($kit, 6, true);
        self::assertSame(1, $kit->cards()->where('fold', FoldKind::Gatefold)->count(), 'with the stash there is one');
        $this->assertInBalance($kit);
        $this->taste($kit, ['folds' => ['gatefold' => 'many']])->assertSessionHasErrors('folds.gatefold');
        $this->taste($kit, ['wanted' => ['birthday' => '140', 'hello' => '70']])->assertSessionHasErrors([
            'wanted' => '210 cards of certain occasions are asked for, but only 200 cards in all. Ask for fewer of the occasions.',
        ]);
        $this->taste($kit, ['folds' => ['gatefold' => '140', 'pocket' => '70']])->assertSessionHasErrors('wanted');
        $this->get("/kits/$kit->id/keep")->assertOk();
    }

    public function test_sharing_out_again_follows_new_wishes_and_says_what_cannot_be_met(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 12, true);
        self::assertNotSame(0, $this->fromStash($kit->cards()->with('takings')->get()->toArray()));
        [$pinned, $made] = $kit->cards()->take(2)->get()->all();
        $this->act($kit, 'grid/pin', ['card' => $pinned->id])->assertSessionHasNoErrors();
        $made->update(['begun_at' => now(), 'made_at' => now()]);
        $this->taste($kit, ['wanted' => ['birthday' => '4'], 'folds' => ['gatefold' => '2', 'shaker' => '1']]);

        $this->act($kit, 'share-out', ['cards' => 10, 'stash' => false, 'words' => 'again'])->assertSessionHasNoErrors();
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        self::assertSame(
            [
                'No card with a gatefold, of the 2 you asked for. There is nothing left to fold it from: '
                    .'it takes heavy cardstock of 8 1/2 × 5 1/2 in or 11 × 4 1/4 in.',
            ],
            $proposal['shortfalls'],
        );
        $this->act($kit, "share-out/solutions/{$proposal['id']}/accept")->assertSessionHasNoErrors();
        $cards = $kit->cards()->with('takings')->get();
        self::assertSame([10, 1], [$cards->count(), $cards->where('fold', FoldKind::Shaker)->count()]);
        self::assertGreaterThanOrEqual(4, $cards->filter(static fn (Card $card): bool => $card->occasion->is('birthday'))->count());
        self::assertSame(0, $this->fromStash($cards->except([$pinned->id, $made->id])->toArray()), 'the stash is switched off');
        self::assertCount(2, $cards->only([$pinned->id, $made->id]), 'what is pinned or made stays');
        $this->assertInBalance($kit);
    }

    /** @param  array<array-key, array<string, mixed>>  $cards */
    private function fromStash(array $cards): int
    {
        $stash = Kit::stash()?->components()->pluck('id')->all() ?? [];

        $isFromStash = static fn (array $one): bool => in_array($one['component_id'], $stash, true);

        return count(array_filter(array_merge(...array_column($cards, 'takings')), $isFromStash));
    }

    public function test_the_kits_own_designs_are_followed_where_that_is_wished(): void
    {
        $kit = $this->harbour();
        self::assertSame(
            ['Light in the window', 'Gull over the quay', 'Down the slipway', 'Calm water'],
            $this->props("/kits/$kit->id/share-out")['taste']['designs'],
        );
        $this->shareOut($kit, 6);
        self::assertSame(0, $this->followed($kit));
        $this->taste($kit, ['follows' => true])->assertSessionHasNoErrors();
        $this->shareOut($kit, 6);
        self::assertSame(5, $this->followed($kit));
        self::assertSame(
            [0],
            array_values(
                array_unique(
                    array_column(array_slice($this->props("/kits/$kit->id/share-out")['cards'], 0, 2), 'findings'),
                ),
            ),
            'two of one design are a set, no repeat',
        );
        $this->assertInBalance($kit);

        Component::query()
            ->where('kit_id', $kit->id)
            ->where('key', 'gull')
            ->update(['key' => 'renamed']);
        self::assertNotContains(
            'Gull over the quay',
            $this->props("/kits/$kit->id/share-out")['taste']['designs'],
            'a design of what has left the kit is none',
        );
    }

    public function test_a_card_is_kept_as_a_design_of_its_kit_and_made_again(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $card = $kit->cards()->with('takings.component')->where('number', 2)->firstOrFail();
        $this->act($kit, "cards/$card->id/keep")->assertSessionHasNoErrors();
        $focal = $card->takings->firstWhere('part', 'focal')->component->name ?? '';
        self::assertContains("$focal on ".lcfirst($card->toSketch()->name), $this->props("/kits/$kit->id/share-out")['taste']['designs']);
        self::assertTrue($this->props("/kits/$kit->id/cards/$card->id")['design']['isKitDesign']);

        $kit->update(['designs' => array_slice($kit->refresh()->designs, -1)]);
        $this->taste($kit, ['follows' => true]);
        $this->shareOut($kit, 2);
        self::assertSame(1, $this->followed($kit));
        self::assertTrue(
            $kit
                ->cards()
                ->with('takings')
                ->orderBy('number')
                ->firstOrFail()
                ->toCore()
                ->follows($kit->refresh()->designs()[0]),
            'it comes first',
        );
        self::assertEquals(
            $kit->toCore(),
            \KeepShare\Core\Kit\KitFile::read((string) $this->get("/kits/$kit->id/export")->getContent()),
            'and goes along with the kit file',
        );

        $again = $kit->cards()->orderBy('number')->firstOrFail();
        $this->act($kit, "cards/$again->id/keep")->assertSessionHasNoErrors();
        self::assertSame([], $kit->refresh()->designs);
        $this->act($kit, 'undo');
        self::assertCount(1, $kit->refresh()->designs);
    }

    public function test_card_by_card_wished_cards_are_among_the_next_ones(): void
    {
        $kit = $this->harbour();
        $this->taste($kit, ['folds' => ['short-front' => '1'], 'follows' => true])->assertSessionHasNoErrors();
        $options = $this->props("/kits/$kit->id/share-out/next")['options'];
        self::assertContains('Stacked mats', array_column(array_column($options, 'front'), 'sketch'), 'the first design of the kit');
        self::assertCount(5, array_unique(array_column(array_column($options, 'front'), 'sketch')));

        $this->taste($kit, ['folds' => ['short-front' => '1']]);
        $options = $this->props("/kits/$kit->id/share-out/next")['options'];
        $nth = array_search('short front', array_column($options, 'fold'), true);
        self::assertIsInt($nth);
        $this->act($kit, 'share-out/next', ['nth' => $nth])->assertSessionHasNoErrors();
        self::assertSame(1, $kit->cards()->where('fold', FoldKind::ShortFront)->count());
        self::assertNotContains('short front', array_column($this->props("/kits/$kit->id/share-out/next")['options'], 'fold'));
        $this->assertInBalance($kit);
    }

    public function test_a_card_that_others_could_not_make_cannot_become_a_design(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->orderBy('number')->firstOrFail();
        $this->act($kit, "cards/$card->id/measure", [
            'part' => 'panel',
            'measure' => 'reveal',
            'value' => '1/2',
        ])->assertSessionHasNoErrors();
        $this->act($kit, "cards/$card->id/keep")->assertSessionHasErrors('table');
        $other = $kit->cards()->with('takings')->where('number', 2)->firstOrFail();
        $other->takings->firstWhere('part', 'sentiment')?->delete();
        $this->act($kit, "cards/$other->id/keep")->assertSessionHasErrors('table');
        self::assertCount(4, $kit->refresh()->designs);
    }

    public function test_a_kit_for_which_no_card_is_possible_is_refused_with_the_next_best_answer(): void
    {
        $kit = $this->harbour();
        $base = Component::query()->where('kit_id', $kit->id)->where('kind', Kind::Base)->firstOrFail();
        $this->act($kit, "count/$base->id", ['counted' => 0, 'was' => 10])->assertSessionHasNoErrors();
        $this->act($kit, 'share-out', ['cards' => 12, 'stash' => false, 'words' => 'once'])->assertSessionHasErrors(
            [
                'cards' => 'No card can be made: there is no base left to take. With the stash there can be up to 12: tick it.',
            ],
        );
        self::assertSame(0, $kit->cards()->count());
        $this->shareOut($kit, 2, true);
        self::assertSame(2, $kit->cards()->count());
    }

    public function test_a_pin_on_something_gone_is_reported_and_the_share_out_stays(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $card = $kit->cards()->with('takings')->where('number', 3)->firstOrFail();
        $focal = $card->takings->firstWhere('part', 'focal') ?? self::fail('There is a focal point.');
        $component = Component::query()->findOrFail($focal->component_id);
        $this->act($kit, 'grid/pin', ['component' => $component->coreId(), 'card' => $card->id])->assertSessionHasNoErrors();
        $this->act($kit, "count/$component->id", ['counted' => 0, 'was' => $component->listed])->assertSessionHasNoErrors();
        $before = Card::query()->with('takings')->orderBy('id')->get()->toArray();

        $this->act($kit, 'share-out', [
            'cards' => 6,
            'stash' => false,
            'words' => 'once',
        ])->assertSessionHasErrors([
            'cards' => "Card 3 holds on to its focal point from $component->name, of which there is not enough any more. "
                .'Unpin it, or choose a way out in its row. Nothing was changed.',
        ]);
        self::assertSame($before, Card::query()->with('takings')->orderBy('id')->get()->toArray());
        $this->act($kit, 'grid/pin', ['component' => $component->coreId(), 'card' => $card->id]);
        $this->shareOut($kit, 6);
        $this->assertInBalance($kit);
    }

    public function test_the_command_line_follows_folds_and_covers(): void
    {
        $file = base_path('database/demo/harbour-lanterns.json');
        Artisan::call('share:out', [
            'file' => $file,
            '--cards' => '4',
            '--follow' => true,
            '--frame' => '0',
            '--steps' => 0,
            '--json' => true,
        ]);
        $cards = json_decode(Artisan::output(), true)['cards'];
        self::assertSame(['Stacked mats', 'Stacked mats', 'Two papers, seam strip', 'Band across'], array_column($cards, 'sketch'));
        $covered = array_column($cards[3]['takings'], null, 'part')['panel'];
        self::assertSame(['5 1/2', '4 1/4'], [$covered['width'], $covered['height']]);

        Artisan::call('share:out', [
            'file' => $file,
            '--cards' => '3',
            '--fold' => ['envelope-flap'],
            '--steps' => 2,
            '--json' => true,
        ]);
        self::assertContains(
            'fold-flap',
            array_merge(
                ...array_map(
                    static fn (array $card): array => array_column($card['takings'], 'part'),
                    json_decode(Artisan::output(), true)['cards'],
                ),
            ),
        );
        Artisan::call('share:out', [
            'file' => $file,
            '--cards' => '12',
            '--stash' => base_path('database/demo/stash.json'),
            '--stash-cards' => '2',
            '--inside' => true,
            '--steps' => 0,
            '--json' => true,
        ]);
        $cards = json_decode(Artisan::output(), true)['cards'];
        $from = array_filter(
            $cards,
            static fn (array $card): bool => array_filter(
                $card['takings'],
                static fn (array $taking): bool => str_starts_with($taking['component'], 'stash-'),
            ) !== [],
        );
        self::assertSame([12, 2], [count($cards), count($from)]);
        self::assertContains('inside', array_column($cards[0]['takings'], 'part'));
        self::assertSame(2, Artisan::call('share:out', ['file' => $file, '--stash' => 'nowhere.json']));
        foreach (
            ['--fold' => 'origami=2', '--occasion' => 'brithday=1', '--frame' => 'wide'] as $option => $wrong
        ) {
            self::assertSame(
                2,
                Artisan::call('share:out', ['file' => $file, $option => $option === '--frame' ? $wrong : [$wrong]]),
                $option,
            );
        }
    }

    private function followed(Kit $kit): int
    {
        $kit->refresh();

        return $kit
            ->cards()
            ->with('takings')
            ->get()
            ->filter(
                static fn (Card $card): bool => array_filter($kit->designs(), $card->toCore()->follows(...)) !== [],
            )
            ->count();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function taste(Kit $kit, array $with): \Illuminate\Testing\TestResponse
    {
        return $this->act($kit, 'taste', ['frame' => '', 'wanted' => [], 'set' => 1, ...$with]);
    }
}
