<?php

namespace Tests\Feature;

use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Taking;
use App\Table\TableState;
use App\Tally\KitsGave;
use KeepShare\Core\Kit\Kind;

/** One stash beside all kits: each of them sees every change to it. */
final class StashTest extends FeatureTestCase
{
    public function test_a_proposal_is_old_when_another_kit_has_taken_from_the_stash(): void
    {
        [$kit, $other] = $this->two();
        $this->shareOut($kit, 4);
        $this->act($kit, 'share-out', ['cards' => 13, 'stash' => true, 'words' => 'once'])->assertSessionHasNoErrors();
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        self::assertNotNull($proposal);
        $revision = $kit->refresh()->revision;

        $base = $this->ofStash(Kind::Cardstock);
        $this->act($this->stash(), "move/$base->id", ['to' => $other->id, 'count' => '1'])->assertSessionHasNoErrors();
        self::assertNull($this->props("/kits/$kit->id/share-out")['proposal'], 'it was found for another stash');
        $this->post("/kits/$kit->id/share-out/solutions/{$proposal['id']}/accept", ['revision' => $revision])->assertSessionHasErrors();
        self::assertSame(4, $kit->cards()->count());
    }

    public function test_a_page_from_before_the_stash_changed_is_refused_and_one_kit_alone_leaves_the_others(): void
    {
        [$kit, $other] = $this->two();
        $revision = $other->refresh()->revision;
        $this->shareOut($kit, 3);
        self::assertSame($revision, $other->refresh()->revision, 'nothing of the stash was touched');

        $this->shareOut($kit, 13, true);
        self::assertGreaterThan(0, Taking::query()->whereRelation('component', 'kit_id', $this->stash()->id)->count());
        $this->post("/kits/$other->id/grid/add", ['revision' => $revision])->assertSessionHasErrors('table');
    }

    public function test_a_deleted_kit_frees_what_it_would_take_from_the_stash_and_undo_takes_it_again(): void
    {
        [$kit, $other] = $this->two();
        $there = static fn (): array => [
            TableState::of($other->refresh())->table()->laying->free,
            array_map(count(...), TableState::of($other)->table()->promised),
            CutPlan::query()->whereRelation('sheet.component.kit', 'is_stash', true)->count(),
        ];
        $before = $there();
        $this->shareOut($kit, 13, true);
        $taken = $there();
        self::assertNotEquals($before, $taken);

        $this->delete("/kits/$kit->id")->assertRedirect();
        self::assertEquals($before, $there());
        $this->post('/undo')->assertSessionHasNoErrors();
        self::assertEquals($taken, $there());
        $this->assertInBalance($kit);
    }

    public function test_what_is_undone_on_the_shelf_makes_the_pages_of_its_kit_old(): void
    {
        [$kit] = $this->two();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $card->update(['made_at' => now(), 'begun_at' => now()]);
        $day = Day::query()->get()->first(static fn (Day $one): bool => $one->meaning() !== null) ?? self::fail('There is a day.');
        $revisions = [$kit->refresh()->revision];
        $acts = [
            "/people/days/$day->id/card" => ['card' => $card->id],
            '/undo' => [],
            "/kits/$kit->id/put-away" => ['away' => true],
        ];
        foreach ($acts as $path => $with) {
            $this->post($path, $with)->assertSessionHasNoErrors();
            $revisions[] = $kit->refresh()->revision;
        }
        $this->post('/undo');
        $revisions[] = $kit->refresh()->revision;

        self::assertSame($revisions, array_values(array_unique($revisions)));
    }

    public function test_handing_some_over_makes_the_others_no_dearer(): void
    {
        [$kit] = $this->two();
        $thing = $this->ofStash(Kind::Foam);
        $listed = $thing->listed;
        $this->act($kit, 'tally/stash-price', ['component' => $thing->id, 'price' => '12.00'])->assertSessionHasNoErrors();
        $card = $this->carded($kit);
        $taking = Taking::query()->create(['card_id' => $card, 'component_id' => $thing->id, 'part' => 'more-words', 'quantity' => 1]);
        $cost = static fn (): int => KitsGave::costOf($thing->refresh(), collect([$taking]));
        $before = $cost();
        self::assertSame(intdiv(2 * 1_200 + $listed, 2 * $listed), $before);

        $half = ['to' => $kit->id, 'count' => (string) intdiv($listed, 2)];
        $this->act($this->stash(), "move/$thing->id", $half)->assertSessionHasNoErrors();
        self::assertLessThan($listed, $thing->refresh()->listed);
        self::assertSame($before, $cost());
    }

    private function carded(Kit $kit): int
    {
        $this->shareOut($kit, 1);

        return $kit->cards()->firstOrFail()->id;
    }

    /** @return array{Kit, Kit} */
    private function two(): array
    {
        $kit = $this->harbour();

        return [$kit, Kit::query()->where('name', 'Knitted Hills')->firstOrFail()];
    }

    private function stash(): Kit
    {
        return Kit::stash() ?? self::fail('There is a stash.');
    }

    /** Something of one of these kinds of which there are at least two. */
    private function ofStash(Kind ...$kinds): Component
    {
        return $this->stash()->components()->whereIn('kind', $kinds)->where('listed', '>', 1)->firstOrFail();
    }
}
