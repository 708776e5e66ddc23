<?php

namespace Tests\Feature\ShareOut;

use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Solution;
use App\Models\Taking;
use App\ShareOut\SolutionView;
use App\Table\TableState;
use Illuminate\Support\Facades\Artisan;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Format\ShareOutFile;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Outlook\WaysOut;
use Opis\JsonSchema\Validator;
use Tests\Feature\FeatureTestCase;

/** The acts of the share-out grid, short rows, sharing out again, saved share-outs and card by card. */
final class GridTest extends FeatureTestCase
{
    public function test_one_more_and_one_fewer(): void
    {
        $kit = $this->table();
        $gems = $this->takingOf($kit, 'embellishment');
        $cell = ['card' => $gems->card_id, 'component' => "c$gems->component_id"];
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1])->assertSessionHasNoErrors();
        self::assertSame($gems->quantity + 1, $gems->refresh()->quantity);
        for ($n = $gems->quantity; $n > 0; $n--) {
            $this->act($kit, 'grid/more', [...$cell, 'by' => -1])->assertSessionHasNoErrors();
        }
        self::assertNull($gems->fresh(), 'with the last one it is off the card');
        $this->act($kit, 'grid/more', [...$cell, 'by' => -1])->assertSessionHasErrors('table');
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1]);
        self::assertSame(
            $gems->component_id,
            Taking::query()->where('card_id', $gems->card_id)->where('part', 'embellishment')->sole()->component_id,
        );
        $this->assertInBalance($kit);
    }

    public function test_a_sheet_is_taken_off_a_part_and_put_on_the_open_one(): void
    {
        $kit = $this->table();
        $panel = Taking::query()->whereNotNull('width')->where('part', '!=', 'base')->firstOrFail();
        $cell = ['card' => $panel->card_id, 'component' => "c$panel->component_id"];
        $this->act($kit, 'grid/more', [...$cell, 'by' => -1])->assertSessionHasNoErrors();
        self::assertNotSame([], $this->cardOf($kit, $panel->card_id)['front']['lacks']);
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1])->assertSessionHasNoErrors();
        self::assertSame([], $this->cardOf($kit, $panel->card_id)['front']['lacks']);
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1])->assertSessionHasErrors('table');
        $this->assertInBalance($kit);
    }

    public function test_swap_takes_the_next_best_and_why_names_it_before(): void
    {
        $kit = $this->table();
        $focal = $this->takingOf($kit, 'focal');
        $why = $this->get("/kits/$kit->id/grid/why?card=$focal->card_id&component=c$focal->component_id")->assertOk()->json('says');
        $this->act($kit, 'grid/swap', ['card' => $focal->card_id, 'component' => "c$focal->component_id"])->assertSessionHasNoErrors();
        $new = Taking::query()->where('card_id', $focal->card_id)->where('part', 'focal')->sole();

        self::assertNotSame($focal->component_id, $new->component_id);
        self::assertStringContainsString('Next best: '.Component::query()->findOrFail($new->component_id)->name, $why);
        $this->assertInBalance($kit);
    }

    public function test_a_thing_moves_to_another_card_and_what_it_had_comes_back(): void
    {
        $kit = $this->table();
        // Another card may have the second copy of the picture, so only the focal points are compared here.
        Taking::query()->where('part', 'like', 'piece-%')->delete();
        [$one, $two] = Taking::query()->where('part', 'focal')->orderBy('id')->take(2)->get()->all();
        $this->act($kit, 'grid/move', [
            'component' => "c$one->component_id",
            'from' => $one->card_id,
            'to' => $two->card_id,
        ])->assertSessionHasNoErrors();
        $has = static fn (int $card): int => Taking::query()->where('card_id', $card)->where('part', 'focal')->sole()
            ->component_id;
        self::assertSame([$two->component_id, $one->component_id], [$has($one->card_id), $has($two->card_id)]);
        $this->assertInBalance($kit);

        $this->act($kit, 'grid/move', [
            'component' => "c$one->component_id",
            'from' => $two->card_id,
            'to' => null,
        ])->assertSessionHasNoErrors();
        self::assertSame(
            0,
            Taking::query()->where('card_id', $two->card_id)->where('part', 'focal')->count(),
            'it is kept',
        );
        $this->act($kit, 'grid/move', [
            'component' => "c$one->component_id",
            'from' => null,
            'to' => $two->card_id,
        ])->assertSessionHasNoErrors();
        self::assertSame($one->component_id, $has($two->card_id));
        for ($n = 0; $n < 3; $n++) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame([$one->component_id, $two->component_id], [$has($one->card_id), $has($two->card_id)]);
        $this->assertInBalance($kit);
    }

    public function test_a_duplicate_makes_rows_go_short_and_a_way_out_mends_them(): void
    {
        $kit = $this->table();
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, 'grid/duplicate', ['card' => $card->id])->assertSessionHasNoErrors();
        $this->assertInBalance($kit, true);
        $copy = $kit->cards()->where('number', 11)->sole();
        $base = $this->row($kit, Taking::query()->where('card_id', $card->id)->where('part', 'base')->sole()->component_id);
        self::assertSame(['1', $copy->id], [$base['short'], $base['shorts'][0]['card']]);
        self::assertTrue($this->cardOf($kit, $copy->id)['isShort']);
        self::assertFalse($this->cardOf($kit, $card->id)['isShort'], 'the earlier card keeps its own');

        $this->act($kit, 'grid/way', [
            'card' => $copy->id,
            'part' => 'base',
            'says' => 'cut it from moonlight',
        ])->assertSessionHasErrors('table');
        $way = $base['shorts'][0]['ways'][0];
        self::assertStringStartsWith('cut one from', $way['says']);
        $this->act($kit, 'grid/way', ['card' => $copy->id, 'part' => 'base', 'says' => $way['says']])->assertSessionHasNoErrors();
        self::assertNotNull(Taking::query()->where('card_id', $copy->id)->where('part', 'base')->sole()->width, 'it is cut from cardstock');
        self::assertNull($this->row($kit, $this->takingOf($kit, 'base')->component_id)['short']);

        // Every other shortfall has a way out too, until nothing is short.
        for ($n = 0; $n < 20 && $this->shortfalls($kit) !== []; $n++) {
            $short = $this->shortfalls($kit)[0];
            $this->act($kit, 'grid/way', [
                'card' => $short['card'],
                'part' => $short['part'],
                'says' => $short['ways'][0]['says'],
            ])->assertSessionHasNoErrors();
        }
        self::assertSame([], $this->shortfalls($kit));
        $this->assertInBalance($kit);
    }

    public function test_a_piece_without_a_sheet_waits_and_the_others_stay_planned(): void
    {
        $kit = $this->table();
        $fish = Component::query()->where('name', 'Fish scale')->firstOrFail();
        $others = Card::query()
            ->whereDoesntHave('takings', static fn ($taking) => $taking->where('component_id', $fish->id))
            ->take(2)
            ->get();
        foreach ($others as $card) {
            $part = Taking::query()
                ->where('card_id', $card->id)
                ->whereNotNull('width')
                ->where('part', '!=', 'base')
                ->orderByRaw('width * height desc')
                ->firstOrFail()->part;
            $this->act($kit, "cards/$card->id/fill", [
                'part' => $part,
                'component' => "c$fish->id",
                'face' => 0,
            ])->assertSessionHasNoErrors();
        }
        $row = $this->row($kit, $fish->id);
        self::assertMatchesRegularExpression('/^[12] pieces?$/', $row['short']);
        self::assertStringContainsString('is without its', $row['shorts'][0]['says']);
        $this->assertInBalance($kit, true);
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertNull($this->row($kit, $fish->id)['short']);
        $this->assertInBalance($kit);
    }

    public function test_ribbon_goes_by_a_length_that_is_of_use(): void
    {
        $kit = $this->table();
        $bow = Taking::query()->where('part', 'bow')->firstOrFail();
        $cell = ['card' => $bow->card_id, 'component' => "c$bow->component_id"];
        Taking::query()->where('card_id', $bow->card_id)->where('component_id', $bow->component_id)->whereKeyNot($bow->id)->delete();
        $foot = 12 * 203_200;
        $bow->update(['quantity' => $foot]);
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1])->assertSessionHasNoErrors();
        $name = Component::query()->whereKey($bow->component_id)->value('name');
        self::assertSame(2 * $foot, $bow->refresh()->quantity);
        $undo = $this->props("/kits/$kit->id/share-out")['frame']['acts']['undo'];
        self::assertSame("Take 24 in of $name for card {$bow->card->number}", $undo);
        $this->act($kit, 'grid/more', [...$cell, 'by' => -1]);
        self::assertSame($foot, $bow->refresh()->quantity);
        $this->act($kit, 'grid/more', [...$cell, 'by' => -1]);
        self::assertSame(0, Taking::query()->where('card_id', $bow->card_id)->where('part', 'bow')->count(), 'less than a bow is none');
        $this->act($kit, 'grid/more', [...$cell, 'by' => 1])->assertSessionHasNoErrors();
        $again = Taking::query()->where('card_id', $bow->card_id)->where('component_id', $bow->component_id)->sole();
        self::assertGreaterThanOrEqual($foot / 2, $again->quantity, "$again->part takes a length of use");
    }

    public function test_as_many_as_there_are_move_at_once(): void
    {
        $kit = $this->table();
        foreach (['embellishment', 'foam', 'bow'] as $part) {
            $from = Taking::query()->where('part', $part)->where('quantity', '>', 1)->firstOrFail();
            $to = $kit->cards()->whereKeyNot($from->card_id)->firstOrFail();
            Taking::query()->where('card_id', $to->id)->where(static fn ($one) => $one->where('part', $part)
                ->orWhere('component_id', $from->component_id))->delete();
            Taking::query()->where('card_id', $from->card_id)->where('component_id', $from->component_id)->whereKeyNot($from->id)->delete();
            $move = ['component' => "c$from->component_id", 'from' => $from->card_id, 'to' => $to->id];
            $this->act($kit, 'grid/move', $move)->assertSessionHasNoErrors();
            $there = Taking::query()->where('card_id', $to->id)->where('component_id', $from->component_id)->sole();
            self::assertSame($from->quantity, $there->quantity, $part);
        }
    }

    public function test_what_is_pinned_is_not_swapped_away_and_what_else_moved_is_said(): void
    {
        $kit = $this->table();
        Taking::query()->where('part', 'like', 'piece-%')->delete();
        [$one, $two] = Taking::query()->where('part', 'focal')->orderBy('id')->with(['card', 'component'])->take(2)->get()->all();
        $move = ['component' => "c$one->component_id", 'from' => $one->card_id, 'to' => $two->card_id];
        $this->act($kit, 'grid/pin', ['card' => $two->card_id]);
        $this->act($kit, 'grid/move', $move)->assertSessionHasErrors([
            'table' => "The focal point of card {$two->card->number} is pinned. Unpin it first (P). Nothing was moved.",
        ]);
        self::assertSame($one->card_id, $one->refresh()->card_id);
        $this->act($kit, 'grid/pin', ['card' => $two->card_id]);
        $this->act($kit, 'grid/move', $move)->assertSessionHas(
            'notice',
            "{$two->component->name} went from card {$two->card->number} to card {$one->card->number}.",
        );
    }

    public function test_copies_of_a_made_card_are_only_planned(): void
    {
        $kit = $this->table();
        $card = $kit->cards()->firstOrFail();
        $card->update([
            'made_at' => now(), 'begun_at' => now(), 'stars' => 5, 'minutes' => 40, 'given_to' => 'Mum', 'given_on' => now(),
            'notes' => 'for Mum', 'went_wrong' => 'glue', 'is_pinned' => true,
        ]);
        $this->act($kit, "cards/$card->id/copies", ['copies' => 2])->assertSessionHasNoErrors();
        $copy = $kit->cards()->where('set', $card->id)->whereKeyNot($card->id)->sole();
        self::assertSame(
            [null, null, null, null, '', null, '', '', false],
            array_values($copy->only(
                ['made_at', 'begun_at', 'stars', 'minutes', 'given_to', 'given_on', 'notes', 'went_wrong', 'is_pinned'],
            )),
        );
        self::assertSame([$card->sketch, $card->arrangement], [$copy->sketch, $copy->arrangement]);
    }

    public function test_a_smaller_size_that_is_offered_is_the_one_that_comes_also_on_a_front_covered_to_the_edge(): void
    {
        $kit = $this->table();
        $card = $kit->cards()->firstOrFail();
        $offered = 0;
        foreach (['panel-on-mat', 'stacked-mats', 'double-frame', 'inlaid-panel'] as $sketch) {
            $this->act($kit, "cards/$card->id/sketch", ['sketch' => $sketch])->assertSessionHasNoErrors();
            $this->act($kit, "cards/$card->id/frame", ['frame' => '0'])->assertSessionHasNoErrors();
            $now = Card::query()->with(['takings', 'kit'])->findOrFail($card->id);
            foreach ($now->takings->whereNotNull('width') as $taking) {
                foreach (WaysOut::of(TableState::of($kit->fresh() ?? $kit)->tableWithout($now), $now->toCore(), $taking->part) as $way) {
                    if ($way->reveal === null) {
                        continue;
                    }
                    $this->act($kit, 'grid/way', ['card' => $card->id, 'part' => $taking->part, 'says' => $way->says])
                        ->assertSessionHasNoErrors();
                    $is = Taking::query()->where('card_id', $card->id)->where('part', $taking->part)->sole()->size()?->label($kit->unit);
                    self::assertStringStartsWith("make it $is:", $way->says, "$sketch, $taking->part");
                    $this->act($kit, 'undo');
                    $offered++;
                }
            }
        }
        self::assertGreaterThan(4, $offered);
    }

    public function test_cards_are_added_set_aside_put_back_and_removed(): void
    {
        $kit = $this->table();
        $this->act($kit, 'grid/add')->assertSessionHas('notice', 'Card 11 is added.');
        $third = $kit->cards()->where('number', 3)->sole();
        $takings = Taking::query()
            ->where('card_id', $third->id)
            ->orderBy('id')
            ->get(['component_id', 'part', 'width', 'height', 'face'])
            ->toArray();
        $this->act($kit, 'grid/aside', ['card' => $third->id])->assertSessionHasNoErrors();
        self::assertSame([10, 'Card 3'], [$kit->cards()->count(), $this->props("/kits/$kit->id/share-out")['asides'][0]['name']]);
        $this->assertInBalance($kit);

        $aside = $this->props("/kits/$kit->id/share-out")['asides'][0]['id'];
        $this->act($kit, "share-out/solutions/$aside/put-back")->assertSessionHasNoErrors();
        self::assertSame(
            $takings,
            Taking::query()
                ->whereRelation('card', 'number', 3)
                ->orderBy('id')
                ->get(['component_id', 'part', 'width', 'height', 'face'])
                ->toArray(),
        );
        $this->act($kit, 'grid/remove', [
            'card' => $kit->cards()->where('number', 11)->sole()->id,
        ])->assertSessionHasNoErrors();
        self::assertSame(10, $kit->cards()->count());
        $this->assertInBalance($kit);
    }

    public function test_a_card_that_is_added_takes_nothing_that_is_never_to_be_used(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        $this->act($kit, 'grid/add')->assertSessionHasNoErrors();
        $card = $kit->cards()->with('takings')->where('number', 4)->firstOrFail();
        $picture = Component::query()->findOrFail($card->takings->firstWhere('part', 'focal')?->component_id);
        $this->act($kit, 'undo');
        $kit->update(['wishes' => [...$kit->wishes, 'uses' => [$picture->coreId() => 'never']]]);
        $this->act($kit, 'grid/add')->assertSessionHasNoErrors();
        $again = $kit->cards()->with('takings')->where('number', 4)->firstOrFail();
        self::assertNotContains($picture->id, $again->takings->pluck('component_id')->all());
    }

    public function test_when_no_card_can_be_added_it_says_what_stops_it(): void
    {
        $kit = $this->table();
        $kit->update(['uses_stash' => false]);
        $this->act($kit, 'grid/add')->assertSessionHasErrors([
            'table' => 'No further card can be made. It needs one more base.',
        ]);
    }

    public function test_what_is_cut_stays_where_it_is(): void
    {
        $kit = $this->table();
        $page = $this->props("/kits/$kit->id/cut");
        $this->act($kit, "cut/{$page['sheet']['id']}");
        $cut = Taking::query()->whereNotNull('sheet_id')->firstOrFail();
        foreach (
            [
                ['grid/remove', []],
                ['grid/aside', []],
                ['grid/swap', ['component' => "c$cut->component_id"]],
                ['grid/move', ['component' => "c$cut->component_id", 'from' => $cut->card_id]],
            ] as [$path, $with]
        ) {
            $this->act($kit, $path, ['card' => $cut->card_id, ...$with])->assertSessionHasErrors('table');
        }
        $this->assertInBalance($kit);
    }

    public function test_pinned_and_begun_cards_stay_when_everything_is_shared_out_again(): void
    {
        $kit = $this->table();
        [$one, $two, $three] = $kit->cards()->with('takings')->take(3)->get()->all();
        $this->act($kit, 'grid/pin', ['card' => $one->id])->assertSessionHasNoErrors();
        $panel = $two->takings->whereNotNull('width')->where('part', '!=', 'base')->first() ?? self::fail('Card 2 has no piece.');
        $this->act($kit, 'grid/pin', ['card' => $two->id, 'component' => "c$panel->component_id"])->assertSessionHasNoErrors();
        self::assertTrue($this->cardOf($kit, $one->id)['isPinned']);
        foreach (['right', 'right', 'down'] as $way) {
            $this->act($kit, "cards/$two->id/piece", ['part' => 'focal', 'do' => $way])->assertSessionHasNoErrors();
        }
        $two->refresh()->update(['notes' => 'for the neighbours']);
        $arranged = [$two->arrangement, $two->arranged, $two->notes];
        self::assertNotNull($two->arranged, 'it is nudged');
        $this->cutFor($kit, $three);
        $before = $one->takings->map(static fn (Taking $taking): array => [$taking->component_id, $taking->part])->all();

        $this->act($kit, 'taste', [
            'frame' => '1/4',
            'wanted' => ['sympathy' => 2],
            'set' => 1,
            'savesOne' => false,
            'stashCards' => '',
        ])->assertSessionHasNoErrors();
        $this->shareOut($kit, 8);
        self::assertSame(8, $kit->cards()->count());
        self::assertSame(
            $before,
            Taking::query()
                ->where('card_id', $one->id)
                ->orderBy('id')
                ->get()
                ->map(static fn (Taking $taking): array => [$taking->component_id, $taking->part])
                ->all(),
        );
        self::assertNotNull(Card::query()->find($three->id));
        $kept = Taking::query()->whereRelation('card', 'number', 2)->where('part', $panel->part)->sole();
        self::assertSame([$panel->component_id, true], [$kept->component_id, $kept->is_pinned]);
        $as = $kit->cards()->where('number', 2)->sole();
        self::assertSame($arranged, [$as->arrangement, $as->arranged, $as->notes], 'the card keeps how it is arranged, and its notes');
        self::assertGreaterThanOrEqual(2, $kit->cards()->where('occasion', 'sympathy')->count());
        $this->assertInBalance($kit);
    }

    public function test_a_proposal_replaces_nothing_before_it_is_accepted_and_not_when_the_table_has_changed(): void
    {
        $kit = $this->table();
        $ids = $kit->cards()->pluck('id')->all();
        $this->act($kit, 'share-out', ['cards' => 6, 'stash' => false, 'words' => 'once']);
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        self::assertSame($ids, $kit->cards()->pluck('id')->all());
        self::assertSame(
            [10, ['gone']],
            [
                count($proposal['changes']),
                array_values(array_unique(array_column(array_slice($proposal['changes'], 6), 'kind'))),
            ],
        );
        self::assertSame(
            ['6', '10'],
            [$proposal['then']['figures'][0]['value'], $proposal['now']['figures'][0]['value']],
        );

        $this->act($kit, 'grid/pin', ['card' => $ids[0]]);
        self::assertNull($this->props("/kits/$kit->id/share-out")['proposal'], 'it was found for another table');
        $this->act($kit, "share-out/solutions/{$proposal['id']}/accept")->assertSessionHasErrors();
        self::assertSame($ids, $kit->cards()->pluck('id')->all());
    }

    public function test_a_proposal_says_for_each_card_what_would_change(): void
    {
        $kit = $this->table();
        $cards = array_values(
            $kit
                ->cards()
                ->with('takings')
                ->orderBy('number')
                ->get()
                ->map(static fn (Card $card) => $card->toCore())
                ->all(),
        );
        $says = fn (CoreCard $then): string => SolutionView::changes([$cards[0]], [$then], TableState::of($kit))[0][
            'says'
        ];
        self::assertSame('stays as it is', $says($cards[0]->fitted(array_reverse($cards[0]->takings))));
        self::assertSame('gatefold in place of fold at the side', $says($cards[0]->onFold(FoldKind::Gatefold)));
        $other = array_map(
            static fn ($taking) => $taking->part === 'panel' && $taking->size !== null
                ? \KeepShare\Core\Card\Taking::piece(
                    $taking->component,
                    'panel',
                    $taking->size,
                    1 - $taking->face,
                    true,
                )
                : $taking,
            $cards[0]->takings,
        );
        self::assertSame('other sides or places of the same papers', $says($cards[0]->fitted($other)));
        $turned = CoreCard::of(
            1,
            $cards[0]->sketch,
            $cards[0]->front->turned(),
            $cards[0]->occasion,
            $cards[0]->takings,
            $cards[0]->frame,
            FoldKind::Top,
        );
        self::assertSame('lying in place of upright', $says($turned), 'its fold goes with it');
        self::assertSame('taken back', SolutionView::changes([$cards[0]], [], TableState::of($kit))[0]['says']);
    }

    public function test_what_was_asked_for_stays_with_the_kit_also_from_a_proposal(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        $asked = fn (): array => array_intersect_key($this->props("/kits/$kit->id/share-out")['wishes'], ['stash' => 1, 'words' => 1]);
        self::assertEquals(['stash' => false, 'words' => 'once'], $asked());
        $this->act($kit, 'share-out', ['cards' => 5, 'stash' => true, 'words' => 'freely'])->assertSessionHasNoErrors();
        self::assertEquals(['stash' => false, 'words' => 'once'], $asked(), 'it is only proposed');
        $this->act(
            $kit,
            "share-out/solutions/{$this->props("/kits/$kit->id/share-out")['proposal']['id']}/accept",
        )->assertSessionHasNoErrors();
        self::assertEquals(['stash' => true, 'words' => 'freely'], $asked());
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertEquals(['stash' => false, 'words' => 'once'], $asked());
    }

    public function test_sharing_out_again_completes_cards_and_leaves_the_others_as_they_are(): void
    {
        $kit = $this->table();
        $all = $kit->cards()->with('takings')->get();
        $bare = $all->firstOrFail();
        $focal = $bare->takings->firstWhere('part', 'focal') ?? self::fail('Card 1 has no picture.');
        $this->act($kit, 'grid/more', [
            'card' => $bare->id,
            'component' => "c$focal->component_id",
            'by' => -1,
        ])->assertSessionHasNoErrors();
        $this->act($kit, 'share-out', ['cards' => 10, 'stash' => false, 'words' => 'once', 'keep' => true]);
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];

        self::assertSame(
            [1],
            array_column(
                array_filter($proposal['changes'], static fn (array $one): bool => $one['kind'] !== 'stays'),
                'number',
            ),
        );
        $this->act($kit, "share-out/solutions/{$proposal['id']}/accept")->assertSessionHasNoErrors();
        self::assertSame($all->slice(1)->pluck('id')->all(), $kit->cards()->where('number', '>', 1)->pluck('id')->all());
        $this->assertInBalance($kit);
    }

    public function test_wishes_that_contradict_are_refused_in_words_and_the_cards_stay(): void
    {
        $kit = $this->table();
        $this->act($kit, 'taste', [
            'frame' => '',
            'wanted' => ['birthday' => 20],
            'set' => 2,
            'savesOne' => true,
            'stashCards' => '3',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [2, true, '3'],
            array_values(
                array_intersect_key($this->props("/kits/$kit->id/share-out")['taste'], [
                    'set' => 1,
                    'savesOne' => 1,
                    'stashCards' => 1,
                ]),
            ),
        );
        $this->act($kit, 'share-out', ['cards' => 12, 'stash' => false, 'words' => 'once'])->assertSessionHasErrors(
            [
                'cards' => '20 cards of certain occasions are asked for, but only 12 cards in all. '
                    .'Ask for 20 cards, or for fewer of the occasions.',
            ],
        );
        self::assertSame(10, $kit->cards()->count());
        foreach (['set' => 25, 'stashCards' => 'many'] as $field => $wrong) {
            $this->act($kit, 'taste', ['frame' => '', 'wanted' => [], 'set' => 1, $field => $wrong])->assertSessionHasErrors($field);
        }
    }

    public function test_the_cuts_are_planned_for_the_makers_trimmer(): void
    {
        $kit = $this->table();
        $wish = ['frame' => '', 'wanted' => [], 'set' => 1, 'savesOne' => false, 'stashCards' => ''];
        foreach (['1' => 'too short for a card', 'long' => 'is not a measure'] as $wrong => $says) {
            $this->act($kit, 'taste', [...$wish, 'trimmer' => (string) $wrong])->assertSessionHasErrors('trimmer');
            self::assertStringContainsString($says, session('errors')->first('trimmer'));
        }
        $this->act($kit, 'taste', [...$wish, 'trimmer' => '8 1/2'])->assertSessionHasNoErrors();
        $longest = Length::inches(8, 1, 2)->units;
        foreach (CutPlan::query()->with('sheet')->get() as $plan) {
            foreach ($plan->toCore()->cuts() as $cut) {
                $part = $cut->part()->size;
                self::assertLessThanOrEqual($longest, $cut->direction() === Direction::Down ? $part->height->units : $part->width->units);
            }
        }
        $this->assertInBalance($kit, true);
        $this->act($kit, 'undo');
        self::assertSame('', $this->props("/kits/$kit->id/share-out")['taste']['trimmer']);
        $this->assertInBalance($kit);
    }

    public function test_cards_that_would_do_for_a_man_are_marked_so(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'taste', ['frame' => '', 'wanted' => ['for-a-man' => 3], 'set' => 1])->assertSessionHasNoErrors();
        $this->shareOut($kit, 10);
        $marked = $kit->cards()->where('is_for_a_man', true)->get();
        self::assertCount(3, $marked);
        self::assertSame([], $this->props("/kits/$kit->id/share-out")['gaps']);
        self::assertNotContains('wedding', $marked->map(static fn (Card $card): string => $card->occasion->value)->all());
    }

    public function test_panels_inside_are_cut_where_they_are_wished_for(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'taste', ['frame' => '', 'wanted' => [], 'set' => 1, 'insides' => true])->assertSessionHasNoErrors();
        $this->shareOut($kit, 6);
        $insides = Taking::query()->where('part', 'inside')->with('card')->get();
        self::assertGreaterThan(2, $insides->count());
        self::assertSame('inside panel', $insides->firstOrFail()->partName());
        $this->assertInBalance($kit);

        // Another face up, another panel. A plain card stays without.
        $card = Card::query()->findOrFail($insides->firstOrFail()->card_id);
        $this->act($kit, "cards/$card->id/turn")->assertSessionHasNoErrors();
        $turned = Taking::query()->where('card_id', $card->id)->where('part', 'inside')->sole();
        self::assertSame([$insides->firstOrFail()->height, $insides->firstOrFail()->width], [$turned->width, $turned->height]);
        $this->assertInBalance($kit);
    }

    public function test_a_picture_cut_from_a_scrap_is_listed_and_gives_way_to_a_printed_one(): void
    {
        $kit = $this->harbour();
        $uses = [];
        foreach (
            Component::query()
                ->where('kit_id', $kit->id)
                ->get()
                ->filter(static fn (Component $one): bool => $one->toCore()->isFocalPoint()) as $picture
        ) {
            $uses[$picture->coreId()] = 'never';
        }
        $kit->update(['wishes' => ['uses' => $uses]]);
        $this->shareOut($kit, 3);
        $focal = Taking::query()->where('part', 'focal')->whereNotNull('width')->firstOrFail();
        $page = $this->props("/kits/$kit->id/cards/$focal->card_id");
        $part = array_column($page['stuck'], null, 'id')['focal'];
        self::assertSame(["c$focal->component_id/$focal->face", $focal->size()?->format($kit->unit)], [$part['filling'], $part['amount']]);
        self::assertStringStartsWith('a shape cut from ', $part['options'][0]['label']);
        $this->assertInBalance($kit);

        $this->act($kit, "cards/$focal->card_id/fill", [
            'part' => 'focal',
            'component' => array_key_first($uses),
            'face' => 0,
        ])->assertSessionHasNoErrors();
        self::assertSame(
            0,
            Taking::query()->where('card_id', $focal->card_id)->where('part', 'focal-die')->count(),
        );
        self::assertNull(Taking::query()->where('card_id', $focal->card_id)->where('part', 'focal')->sole()->width);
        $this->assertInBalance($kit);
    }

    public function test_a_share_out_after_undo_is_the_same_again(): void
    {
        $kit = $this->harbour();
        $shared = function () use ($kit): array {
            $this->shareOut($kit, 7);

            return Taking::query()
                ->whereRelation('card', 'kit_id', $kit->id)
                ->orderBy('id')
                ->get(['component_id', 'part', 'width', 'height', 'face', 'quantity'])
                ->toArray();
        };
        $first = $shared();
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(0, $kit->cards()->count());
        self::assertSame($first, $shared());
    }

    public function test_cards_use_only_sketches_that_are_switched_on(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'sketches/enable', ['sketch' => 'no-such'])->assertStatus(422);
        $all = array_column($this->props("/kits/$kit->id/sketches")['shelf'], 'key');
        foreach (array_slice($all, 3) as $sketch) {
            $this->act($kit, 'sketches/enable', ['sketch' => $sketch])->assertSessionHasNoErrors();
        }
        self::assertSame(array_slice($all, 3), $this->props("/kits/$kit->id/sketches")['off']);
        $this->shareOut($kit, 5);
        self::assertSame([], array_diff($kit->cards()->pluck('sketch')->all(), array_slice($all, 0, 3)));
        $this->act($kit, 'sketches/enable', ['sketch' => $all[3]]);
        self::assertNotContains($all[3], $this->props("/kits/$kit->id/sketches")['off']);
    }

    public function test_a_row_is_used_up_saved_or_never_used(): void
    {
        $kit = $this->table();
        $wave = Component::query()->where('name', 'Wave')->firstOrFail();
        foreach (['use up', 'save', 'never', 'as it comes'] as $use) {
            $this->act($kit, 'grid/use', ['component' => "c$wave->id"])->assertSessionHasNoErrors();
            self::assertSame($use, $this->row($kit, $wave->id)['use']);
            if ($use === 'never') {
                $this->shareOut($kit, 8);
                self::assertSame(0, Taking::query()->where('component_id', $wave->id)->count());
            }
        }
    }

    public function test_share_outs_are_kept_by_name_and_taken_up_again(): void
    {
        $kit = $this->table();
        $this->act($kit, 'share-out/keep', ['name' => ''])->assertSessionHasErrors([
            'name' => 'Write a name of up to 60 letters to know it by.',
        ]);
        $this->act($kit, 'share-out/keep', ['name' => 'Ten of them'])->assertSessionHasNoErrors();
        $before = Taking::query()->orderBy('card_id')->orderBy('id')->get(['component_id', 'part', 'width'])->toArray();
        $this->shareOut($kit, 4);
        $solutions = $this->props("/kits/$kit->id/share-out/compare")['solutions'];
        self::assertSame(
            [['On the table now', '4'], ['Ten of them', '10']],
            array_map(
                static fn (array $one): array => [$one['name'], $one['solution']['figures'][0]['value']],
                $solutions,
            ),
        );

        $this->act($kit, "share-out/solutions/{$solutions[1]['id']}/take-up")->assertSessionHasNoErrors();
        self::assertSame($before, Taking::query()->orderBy('card_id')->orderBy('id')->get(['component_id', 'part', 'width'])->toArray());
        $this->assertInBalance($kit);
        $this->act($kit, "share-out/solutions/{$solutions[1]['id']}/forget")->assertSessionHasNoErrors();
        self::assertSame(0, Solution::query()->count());
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(1, Solution::query()->count());
    }

    public function test_card_by_card_to_the_last_card(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 7);
        $kit->update(['uses_stash' => false]);
        $left = 3;
        while (($page = $this->props("/kits/$kit->id/share-out/next"))['options'] !== []) {
            $leaves = array_column($page['options'], 'leaves');
            self::assertSame($left - 1, $leaves[0], 'as many as can be made in the end');
            $sorted = $leaves;
            rsort($sorted);
            self::assertSame($sorted, $leaves);
            $this->act($kit, 'share-out/next', ['nth' => 0])->assertSessionHasNoErrors();
            $this->assertInBalance($kit);
            $left--;
        }
        self::assertSame([0, 10], [$left, $kit->cards()->count()]);
        $this->act($kit, 'share-out/next', ['nth' => 0])->assertSessionHasErrors();
    }

    public function test_the_share_out_is_taken_along_as_json_csv_and_on_paper(): void
    {
        $kit = $this->table();
        $json = (string) $this->get("/kits/$kit->id/share-out/export.json")->assertOk()->getContent();
        self::assertFits($json);
        self::assertCount(10, json_decode($json, true)['cards']);
        $csv = explode("\n", trim((string) $this->get("/kits/$kit->id/share-out/export.csv")->assertOk()->getContent()));
        self::assertSame(['card,occasion,sketch,part,component,face,amount', Taking::query()->count() + 1], [$csv[0], count($csv)]);
        self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/share-out/export.pdf")->assertOk()->getContent());
    }

    public function test_a_kit_file_is_shared_out_on_the_command_line(): void
    {
        $file = base_path('database/demo/knitted-hills.json');
        self::assertSame(0, Artisan::call('share:out', ['file' => $file, '--cards' => 'max', '--json' => true, '--steps' => 0]));
        self::assertFits(Artisan::output());
        self::assertSame(
            0,
            Artisan::call('share:out', [
                'file' => $file,
                '--cards' => '3',
                '--occasion' => ['sympathy=1'],
                '--steps' => 2,
            ]),
        );
        self::assertStringContainsString('3 cards; at most 10, bound by the', Artisan::output());
        foreach (
            [
                ['file' => $file, '--never' => ['moonlight']],
                ['file' => 'nowhere.json'],
                ['file' => $file, '--cards' => '2', '--occasion' => ['birthday=3']],
                ['file' => $file, '--cards' => '0'],
            ] as $wrong
        ) {
            self::assertSame(2, Artisan::call('share:out', $wrong));
        }
    }

    public function test_another_kits_cards_and_share_outs_are_out_of_reach(): void
    {
        $kit = $this->table();
        $hills = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, 'share-out/keep', ['name' => 'Mine'])->assertSessionHasNoErrors();
        $kept = Solution::query()->sole();
        $this->act($hills, 'grid/remove', ['card' => $card->id])->assertNotFound();
        $this->act($hills, "share-out/solutions/$kept->id/take-up")->assertNotFound();
        $this->act($kit, "share-out/solutions/$kept->id/accept")->assertNotFound();
        $this->act($kit, 'grid/remove', ['card' => $card->id, 'revision' => 0])->assertSessionHasErrors();
        self::assertNotNull($card->fresh());
    }

    private function table(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        Kit::query()->whereKey($kit->id)->update(['uses_stash' => true]);

        return $kit->refresh();
    }

    private function takingOf(Kit $kit, string $part): Taking
    {
        return Taking::query()->where('part', $part)->whereRelation('card', 'kit_id', $kit->id)->whereNull('width')->firstOrFail();
    }

    private function cutFor(Kit $kit, Card $card): void
    {
        $page = $this->props("/kits/$kit->id/cut?card=$card->id");
        $this->act($kit, "cut/{$page['sheet']['id']}/for/$card->id")->assertSessionHasNoErrors();
    }

    /** @return array<string, mixed> */
    private function cardOf(Kit $kit, int $card): array
    {
        return array_column($this->props("/kits/$kit->id/share-out")['cards'], null, 'id')[$card];
    }

    /** @return array<string, mixed> */
    private function row(Kit $kit, int $component): array
    {
        return $this->rows($kit)["c$component"];
    }

    /** @return array<string, array<string, mixed>> */
    private function rows(Kit $kit): array
    {
        return array_column(array_merge(...array_column($this->props("/kits/$kit->id/share-out")['groups'], 'lines')), null, 'id');
    }

    /** @return list<array<string, mixed>> */
    private function shortfalls(Kit $kit): array
    {
        return array_values(array_merge(...array_column($this->rows($kit), 'shorts')));
    }

    private static function assertFits(string $json): void
    {
        self::assertStringContainsString(ShareOutFile::FORMAT, $json);
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/share-out.schema.json')));
        unset($schema->{'$id'});
        $result = (new Validator)->validate(json_decode($json), $schema);
        self::assertTrue($result->isValid(), (string) $result);
    }
}
