<?php

namespace Tests\Feature\Card;

use App\Models\Card;
use App\Models\Kit;
use App\Models\OwnArrangement;
use App\Models\Taking;
use App\Table\TableState;
use Illuminate\Testing\TestResponse;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\FoamPart;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** The pieces of a card, moved one by one or all in another arrangement. Each act is undone again. */
final class ArrangeTest extends FeatureTestCase
{
    public function test_cards_are_arranged_as_they_are_shared_out_and_few_or_many_pieces_can_be_wished_for(): void
    {
        $kit = $this->table();
        $page = $this->props("/kits/$kit->id/arrange");
        self::assertFalse($page['isAlike']);
        self::assertSame('some', $page['many']);
        self::assertSame(47, $page['all']);
        self::assertSame(
            (int) Taking::query()->whereRelation('component', 'kind', 'die-cut')->sum('quantity')
                + (int) Taking::query()->whereRelation('component', 'kind', 'sticker')->sum('quantity'),
            $page['used'],
        );

        $this->act($kit, 'arrange/many', ['pieces' => 'crowds'])->assertSessionHasErrors('pieces');
        $this->act($kit, 'arrange/many', ['pieces' => 'few'])->assertSessionHasNoErrors();
        self::assertSame('few', $this->props("/kits/$kit->id/share-out")['taste']['pieces']);
        $kit->cards()->get()->each(fn (Card $card) => $this->act($kit, 'grid/remove', ['card' => $card->id]));
        $this->shareOut($kit, 6);
        self::assertLessThan($page['used'], $this->props("/kits/$kit->id/arrange")['used']);
        $this->assertInBalance($kit);
    }

    public function test_a_piece_is_moved_and_turned_and_the_change_is_stored_with_the_card(): void
    {
        $kit = $this->table();
        $card = $this->withSmall($kit);
        $before = $this->piece($card, 'piece-1');

        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'right', 'by' => 2])->assertSessionHasNoErrors();
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'up'])->assertSessionHasNoErrors();
        $moved = $this->piece($card, 'piece-1');
        self::assertSame([25_400, -12_700], [$moved->x - $before->x, $moved->y - $before->y]);
        self::assertNotNull($card->refresh()->arranged);
        self::assertNull(Card::query()->whereKeyNot($card->id)->whereNotNull('arranged')->first(), 'the others are as they were');

        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'turn', 'by' => -3]);
        self::assertSame($before->spot->turn - 15, $this->piece($card, 'piece-1')->spot->turn);
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'home']);
        self::assertSame([$before->x, $before->y], [$this->piece($card, 'piece-1')->x, $this->piece($card, 'piece-1')->y]);
        self::assertNull($card->refresh()->arranged, 'it ships as it is again');
        for ($n = 0; $n < 4; $n++) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame([$before->x, $before->y], [$this->piece($card, 'piece-1')->x, $this->piece($card, 'piece-1')->y]);
    }

    public function test_a_piece_is_tucked_further_and_brought_before_another(): void
    {
        $kit = $this->table();
        $card = $this->withSmall($kit);
        $this->do($card, 'arrange', ['arrangement' => 'centred'])->assertSessionHasNoErrors();
        $before = $this->piece($card, 'piece-1');
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'tuck', 'by' => 2])->assertSessionHasNoErrors();
        self::assertNotSame($before->x, $this->piece($card, 'piece-1')->x);

        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'forward'])->assertSessionHasNoErrors();
        $order = array_keys($this->group($card)->pieces);
        self::assertGreaterThan(array_search('piece-2', $order, true), array_search('piece-1', $order, true));

        $this->do($card, 'piece', ['part' => 'focal', 'do' => 'tuck'])->assertSessionHasErrors('table');
        self::assertStringContainsString('touches no other piece', session('errors')->first('table'));
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'explode'])->assertStatus(422);
        $this->do($card, 'piece', ['part' => 'elephant', 'do' => 'left'])->assertSessionHasErrors('table');
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'left', 'by' => 900])->assertSessionHasErrors('by');
    }

    public function test_another_arrangement_keeps_the_pieces_and_takes_the_foam_it_wants(): void
    {
        $kit = $this->table();
        [$card, $others] = $this->withOthers($kit);
        $pieces = static fn () => $card->takings()->where('part', '!=', FoamPart::ID)->orderBy('component_id');
        $components = static fn (): array => $pieces()->pluck('component_id')->all();
        $before = $components();

        $this->do($card, 'arrange', ['arrangement' => $others[0]['key']])->assertSessionHasNoErrors();
        self::assertSame($others[0]['key'], $card->refresh()->arrangement);
        self::assertSame($before, $components());
        $foam = $card->takings()->where('part', FoamPart::ID)->first();
        self::assertTrue($foam === null || $foam->quantity === CardGroup::foamFor($this->group($card)));
        $this->assertInBalance($kit);

        $this->do($card, 'arrange', ['arrangement' => 'words-alone'])->assertSessionHasErrors('table');
        $this->do($card, 'arrange', ['arrangement' => 'no such'])->assertStatus(422);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame($before, $components());
    }

    public function test_pieces_are_added_swapped_and_left_off_and_the_kit_stays_in_balance(): void
    {
        $kit = $this->table();
        $card = $this->withSmall($kit);
        $page = $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand'];
        $many = count($page['pieces']);
        $this->do($card, 'add-piece', ['component' => $page['more'][0]['key']])->assertSessionHasNoErrors();
        self::assertCount($many + 1, $this->group($card)->pieces);
        $this->assertInBalance($kit);

        $old = $card->takings()->where('part', 'piece-1')->sole()->component_id;
        $this->do($card, 'swap-piece', ['part' => 'piece-1'])->assertSessionHasNoErrors();
        self::assertNotSame($old, $card->takings()->where('part', 'piece-1')->sole()->component_id);
        self::assertSame(1, $card->takings()->where('part', 'piece-1')->sole()->quantity);
        $this->assertInBalance($kit);

        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'drop'])->assertSessionHasNoErrors();
        self::assertArrayNotHasKey('piece-1', $this->group($card)->pieces);
        $this->do($card, 'swap-piece', ['part' => 'piece-1'])->assertSessionHasErrors('table');
        $this->do($card, 'add-piece', ['component' => 'c999999'])->assertStatus(422);
        $this->assertInBalance($kit);
    }

    public function test_the_other_pieces_move_together_when_one_is_lost_and_ways_out_are_offered(): void
    {
        $kit = $this->table();
        $card = $this->withSmall($kit);
        $this->do($card, 'arrange', ['arrangement' => 'twins-beside']);
        $this->do($card, 'arrange', ['arrangement' => 'three-standing'])->assertSessionHasNoErrors();
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'drop']);
        $findings = $this->props("/kits/$kit->id/cards/$card->id")['findings'];
        $gone = array_values(array_filter($findings, static fn (array $one): bool => $one['check'] === 'group-closed-up'));
        self::assertCount(1, $gone);
        self::assertStringContainsString('is gone: the other pieces move together', $gone[0]['says']);
        self::assertNotSame([], $gone[0]['repairs']);

        $this->do($card, $gone[0]['repairs'][0]['does'], $gone[0]['repairs'][0]['with'])->assertSessionHasNoErrors();
        self::assertNotNull($card->takings()->where('part', 'piece-1')->first());
        $this->assertInBalance($kit);
    }

    public function test_what_is_glued_on_stays_where_it_is(): void
    {
        $kit = $this->table();
        [$card] = $this->withOthers($kit);
        $page = $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand'];
        $glued = $page['pieces'][array_key_last($page['pieces'])]['id'];
        $card->takings()->where('part', $glued)->update(['used_by' => "focal/$glued"]);
        $card->update(['begun_at' => now()]);
        $before = $this->group($card);

        $this->do($card, 'piece', ['part' => $glued, 'do' => 'left'])->assertSessionHasErrors('table');
        self::assertStringContainsString("on card $card->number already", session('errors')->first('table'));
        $this->do($card, 'piece', ['part' => $glued, 'do' => 'turn'])->assertSessionHasErrors('table');
        $this->do($card, 'piece', ['part' => $glued, 'do' => 'drop'])->assertSessionHasErrors('table');
        $after = $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand'];
        $offered = array_column($after['others'], 'key');
        self::assertLessThan(count($page['others']), count($offered), 'only those that leave it where it is are offered');
        foreach ($page['others'] as $other) {
            $refused = ! in_array($other['key'], $offered, true);
            $answer = $this->do($card, 'arrange', ['arrangement' => $other['key']]);
            $refused ? $answer->assertSessionHasErrors('table') : $answer->assertSessionHasNoErrors();
            self::assertSame($before->piece($glued)?->lies(), $this->group($card)->piece($glued)?->lies());
        }
        self::assertNotSame($card->id, $this->props("/kits/$kit->id/arrange")['inHand']['id'], 'one that is not begun comes first');
        $this->assertInBalance($kit);
    }

    public function test_an_older_page_changes_nothing(): void
    {
        $kit = $this->table();
        $card = $this->withSmall($kit);
        $stale = $kit->refresh()->revision;
        $this->do($card, 'piece', ['part' => 'piece-1', 'do' => 'left']);
        $now = $card->refresh()->arranged;
        $this->from("/kits/$kit->id/arrange")
            ->post("/kits/$kit->id/cards/$card->id/piece", ['part' => 'piece-1', 'do' => 'left', 'by' => 1, 'revision' => $stale])
            ->assertSessionHasErrors('table');
        self::assertSame($now, $card->refresh()->arranged);
    }

    public function test_an_arrangement_of_ones_own_is_written_changed_and_used_and_cards_keep_their_copy(): void
    {
        $kit = $this->table();
        $written = ArrangementWriter::write(Arrangements::all()['centred']->named('', 'Round the window'));
        $this->act($kit, 'arrangements', ['written' => [...$written, 'name' => '']])->assertSessionHasErrors('name');
        $this->postJson("/kits/$kit->id/arrangements/draw", ['written' => [...$written, 'family' => 'odd']])
            ->assertOk()
            ->assertJsonPath('drawn', null)
            ->assertJsonStructure(['faults' => ['family']]);
        self::assertSame(0, OwnArrangement::query()->count());

        $this->act($kit, 'arrangements', ['written' => $written])->assertSessionHasNoErrors();
        $own = OwnArrangement::query()->sole();
        $card = $this->withSmall($kit);
        $this->do($card, 'arrange', ['arrangement' => "own-$own->id"])->assertSessionHasNoErrors();
        $before = $this->piece($card, 'focal');
        $written['spots'][2]['measures']['across'] = '1/3 of it';
        $this->act($kit, "arrangements/$own->id", ['written' => $written])->assertSessionHasNoErrors();
        self::assertSame($before->x, $this->piece($card, 'focal')->x);
        self::assertSame($own->id, $this->props("/kits/$kit->id/arrangements?arrangement=own-$own->id")['own']);

        $token = ['revision' => $kit->refresh()->revision];
        $this->delete("/kits/$kit->id/arrangements/$own->id", $token)->assertSessionHasNoErrors();
        self::assertSame(0, OwnArrangement::query()->count());
        self::assertSame($before->x, $this->piece($card, 'focal')->x);
        $this->get("/kits/$kit->id/arrange?card=$card->id")->assertOk();
    }

    private function table(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 8);

        return $kit->refresh();
    }

    /** A card with two small pictures beside its own. */
    private function withSmall(Kit $kit): Card
    {
        return $kit->cards()
            ->whereHas('takings', static fn ($taking) => $taking->where('part', 'focal'))
            ->whereHas('takings', static fn ($taking) => $taking->where('part', 'piece-1'))
            ->whereHas('takings', static fn ($taking) => $taking->where('part', 'piece-2'))
            ->firstOrFail();
    }

    /** @return array{Card, list<array<string, mixed>>} a card with other arrangements that leave nothing off, and those */
    private function withOthers(Kit $kit): array
    {
        foreach ($kit->cards()->get() as $card) {
            $others = $this->props("/kits/$kit->id/arrange?card=$card->id")['inHand']['others'];
            $whole = array_values(array_filter($others, static fn (array $one): bool => $one['leavesOff'] === ''));
            if ($whole !== []) {
                return [$card, $whole];
            }
        }
        self::fail('No card has another arrangement.');
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<Response>
     */
    private function do(Card $card, string $act, array $data): TestResponse
    {
        return $this->act(Kit::query()->findOrFail($card->kit_id), "cards/$card->id/$act", $data);
    }

    private function group(Card $card): Group
    {
        $state = TableState::of(Kit::query()->findOrFail($card->kit_id));
        $core = Card::query()->with('takings')->findOrFail($card->id)->toCore();

        return CardGroup::of($core, $core->layout($state->kit->unit), $state->core, $state->kit->unit) ?? self::fail('It is not arranged.');
    }

    private function piece(Card $card, string $part): Placed
    {
        return $this->group($card)->piece($part) ?? self::fail("There is no $part.");
    }
}
