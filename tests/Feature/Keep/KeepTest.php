<?php

namespace Tests\Feature\Keep;

use App\Cards\BonusCards;
use App\Keep\TurnTray;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Table\TableState;
use Illuminate\Support\Facades\Queue;
use KeepShare\Core\Measure\Size;
use Tests\Feature\FeatureTestCase;

/** Scraps that become standard parts, one by one and the whole tray. */
final class KeepTest extends FeatureTestCase
{
    private mixed $queue;

    public function test_a_scrap_becomes_parts_that_cards_use_and_its_cuts_are_listed_on_cut(): void
    {
        $kit = $this->cut(4);
        $keep = $this->keep($kit);
        $scrap = $this->first($keep, static fn (array $scrap): bool => $scrap['isThere'] && $scrap['width'] > 400_000);
        $chosen = $this->keep($kit, $scrap['id'])['chosen'];
        $option = $chosen['options'][1];
        self::assertGreaterThan(1, count($option['plan']['parts']));

        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => $option['key']])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        $sheet = Sheet::query()->findOrFail((int) $scrap['id']);
        self::assertSame(SheetState::Parted, $sheet->state);
        $parts = Sheet::query()->where('parent_id', $sheet->id)->get();
        self::assertSame($sheet->size()->exactArea(), $parts->sum(static fn (Sheet $part): int => $part->size()->exactArea()));
        $box = $this->keep($kit)['tray'][0];
        self::assertSame('standard parts', $box['label']);
        self::assertFalse($box['scraps'][0]['isThere'], 'not before it is cut');
        self::assertContains($sheet->id, array_column($this->props("/kits/$kit->id/cut")['sheets'], 'id'));

        $this->act($kit, "cut/$sheet->id")->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame(SheetState::Cut, $sheet->refresh()->state);
        self::assertTrue($this->keep($kit)['tray'][0]['scraps'][0]['isThere']);
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertSame(SheetState::Open, $sheet->refresh()->state);
        self::assertSame(0, Sheet::query()->where('parent_id', $sheet->id)->count());
        $this->assertInBalance($kit);
    }

    public function test_a_scrap_that_is_still_part_of_a_sheet_is_divided_off_and_turned_back(): void
    {
        $kit = $this->shared(6);
        $before = $this->pieces();
        $scrap = $this->first($this->keep($kit), static fn (array $scrap): bool => ! $scrap['isThere'] && $scrap['width'] > 400_000);
        $option = $this->keep($kit, $scrap['id'])['chosen']['options'][0];
        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => $option['key']])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame($before, $this->pieces(), 'what the cards take stays planned');

        $part = Sheet::query()->whereNotNull('part')->firstOrFail();
        $this->act($kit, "keep/back/$part->id")->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame(0, Sheet::query()->whereNotNull('part')->orWhere('state', SheetState::Parted)->count());
        self::assertSame($before, $this->pieces());
    }

    public function test_every_cut_of_a_divided_sheet_can_be_made_one_by_one(): void
    {
        $kit = $this->shared(6);
        $this->act($kit, 'keep/turn');
        self::assertTrue($this->keep($kit)['turned']['isLooking']);
        $this->work($kit, TurnTray::class);
        self::assertFalse($this->keep($kit)['turned']['isLooking']);
        $this->act($kit, 'keep/turn/take', ['scraps' => ''])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertGreaterThan(10, Sheet::query()->whereNotNull('part')->count());
        $pieces = count($this->pieces());
        for ($n = 0; $n < 400 && ($plan = CutPlan::query()->whereNull('cut_at')->first()) !== null; $n++) {
            $this->act($kit, "cut/$plan->sheet_id/once")->assertSessionHasNoErrors();
        }
        $this->assertInBalance($kit);
        self::assertSame($pieces, Sheet::query()->where('state', SheetState::Piece)->count());
        self::assertSame(0, Sheet::query()->where('state', SheetState::Parted)->count());
    }

    public function test_something_gone_is_reported_and_nothing_is_done(): void
    {
        $kit = $this->cut(3);
        $scrap = $this->first($this->keep($kit), static fn (array $scrap): bool => $scrap['isThere'] && $scrap['width'] > 400_000);
        $option = $this->keep($kit, $scrap['id'])['chosen']['options'][0];
        $before = $this->records($kit);
        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => 'none'])->assertSessionHasErrors('table');
        $this->act($kit, 'keep/take', ['scrap' => '0', 'option' => $option['key']])->assertSessionHasErrors('table');
        $this->act($kit, 'keep/turn/take', ['scraps' => $scrap['id']])->assertSessionHasErrors('table');
        $this->act($kit, 'keep', ['number' => '99'])->assertSessionHasErrors('table');
        self::assertSame($before, $this->records($kit));

        // Another tab turns it into something else meanwhile.
        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => $option['key']])->assertSessionHasNoErrors();
        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => $option['key']])->assertSessionHasErrors('table');
        $this->post("/kits/$kit->id/keep/take", ['revision' => 1, 'scrap' => $scrap['id'], 'option' => $option['key']])
            ->assertSessionHasErrors('table');
        $this->assertInBalance($kit);
    }

    public function test_all_bonus_cards_come_of_the_parts_and_turning_one_back_costs_no_card(): void
    {
        $kit = $this->shared(6);
        $this->act($kit, 'keep/turn');
        $this->work($kit, TurnTray::class);
        $this->act($kit, 'keep/turn/take', ['scraps' => ''])->assertSessionHasNoErrors();
        $this->keep($kit);
        $this->work($kit, BonusCards::class);
        $numbers = array_column($this->keep($kit)['bonus']['cards'], 'number');
        $this->act($kit, 'keep', ['number' => implode(',', $numbers)])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame(6 + count($numbers), $kit->cards()->count(), 'all at once');
        $part = Sheet::query()->whereNotNull('part')->whereHas('plan')->firstOrFail();
        $this->act($kit, "keep/back/$part->id");
        $this->assertInBalance($kit);
        self::assertSame(6 + count($numbers), $kit->cards()->count(), 'no card loses anything by it');
    }

    public function test_confetti_is_thrown_away_in_one_act_and_the_middle_of_a_mat_is_cut_out(): void
    {
        $kit = $this->cut(4);
        $tiny = Sheet::query()->where('state', SheetState::Open)->where('is_whole', false)->firstOrFail();
        $tiny->update(['width' => 40_000, 'height' => 400_000]);
        self::assertGreaterThanOrEqual(1, $confetti = $this->keep($kit)['confetti']);
        $this->act($kit, 'keep/throw')->assertSessionHasNoErrors();
        self::assertSame([0, SheetState::Spoiled], [$this->keep($kit)['confetti'], $tiny->refresh()->state]);
        $this->act($kit, 'keep/throw')->assertSessionHasErrors('table');
        $this->act($kit, 'undo');
        self::assertSame($confetti, $this->keep($kit)['confetti']);

        $middle = $this->keep($kit)['middles'][0] ?? self::fail('Some mat has a middle that no one sees.');
        self::assertTrue($middle['isThere']);
        $before = Sheet::query()->where('state', SheetState::Open)->count();
        $this->act($kit, "keep/middle/{$middle['taking']}")->assertSessionHasNoErrors();
        self::assertSame($before + 1, Sheet::query()->where('state', SheetState::Open)->count());
        $this->act($kit, "keep/middle/{$middle['taking']}")->assertSessionHasErrors('table');
        $this->act($kit, 'undo');
        self::assertSame($before, Sheet::query()->where('state', SheetState::Open)->count());
    }

    public function test_a_kit_put_away_leaves_its_scraps_in_the_box_and_another_kit_finds_and_uses_one(): void
    {
        $kit = $this->cut(3);
        $half = $kit->cards()->orderBy('number')->pluck('number')->implode(' and ');
        $this->act($kit, 'keep/put-away')->assertSessionHasErrors('table');
        self::assertStringContainsString('begun and not made', (string) session('errors')?->first('table'), $half);
        $kit->cards()->update(['made_at' => now()]);
        $scraps = Sheet::query()->where('state', SheetState::Open)->where('is_whole', false)->count();

        $this->act($kit, 'keep/put-away')->assertSessionHasNoErrors();
        $stash = Kit::stash() ?? self::fail('There is a stash.');
        $inBox = Sheet::query()->whereIn('component_id', $stash->components()->pluck('id'))->where('is_whole', false)->get();
        self::assertCount($scraps, $inBox);
        self::assertSame([$kit->name], $inBox->pluck('came_from')->unique()->values()->all());
        self::assertTrue($kit->refresh()->is_put_away);
        self::assertGreaterThan(0, array_sum(array_column($this->props("/kits/$kit->id/keep/scraps")['months'], 'in')));

        $other = $this->other();
        Queue::swap($this->queue);
        $this->shareOut($other, 4);
        $page = $this->props("/kits/$other->id/keep/scraps?find=".urlencode('anything 1 x 1'));
        self::assertNull($page['fault']);
        $boxed = array_filter($page['found'], static fn (array $one): bool => str_starts_with($one['from'], 'scrap box'));
        $one = array_values(array_filter($boxed, static fn (array $one): bool => $one['fits'] !== []))[0] ?? self::fail('One fits.');
        $part = $one['fits'][0];
        $this->act($other, 'keep/use', ['sheet' => $one['id'], 'face' => $one['face'], 'part' => $part])->assertSessionHasNoErrors();
        [$card, $name] = explode('/', $part, 2);
        self::assertSame(
            Sheet::query()->whereKey($one['id'])->value('component_id'),
            $other->cards()->with('takings')->findOrFail((int) $card)->takings->firstWhere('part', $name)?->component_id,
        );
        $this->act($other, 'keep/use', ['sheet' => 999_999, 'face' => 0, 'part' => $part])->assertSessionHasErrors('table');
        self::assertNotNull($this->props("/kits/$other->id/keep/scraps?find=0x0")['fault']);
    }

    public function test_a_directional_scrap_is_not_used_for_parts_that_fit_only_on_their_side(): void
    {
        $kit = $this->shared(4);
        $paper = $kit->papers()->get()->firstOrFail(static fn (Component $one): bool => $one->toCore()->face(0)?->directional === true);
        $part = $this->keepsItsUp($kit);
        $sheet = static fn (Size $size): Sheet => Sheet::query()->create([
            'component_id' => $paper->id,
            'number' => 90,
            'width' => $size->width->units,
            'height' => $size->height->units,
            'is_whole' => false,
            'state' => SheetState::Open,
            'x' => 0,
            'y' => 0,
        ]);
        foreach ([[$part['size'], true], [$part['size']->turned(), false]] as [$size, $does]) {
            $scrap = $sheet($size);
            $found = array_column($this->props("/kits/$kit->id/keep/scraps?find=".urlencode("anything $paper->name"))['found'], null, 'id');
            self::assertSame($does, in_array($part['key'], $found[$scrap->id]['fits'], true));
            $answer = $this->act($kit, 'keep/use', ['sheet' => $scrap->id, 'face' => 0, 'part' => $part['key']]);
            $does ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('table');
            self::assertSame([], TableState::of($kit->refresh())->shorts());
            $this->act($kit, 'undo');
        }
    }

    public function test_a_price_starts_no_search_and_leaves_every_list(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $this->busyWorker($kit, false);
        $lists = $this->props("/kits/$kit->id/keep/shopping")['lists'];
        self::assertGreaterThan(2, count($lists));
        $line = array_values(array_filter($lists[0]['lines'], static fn (array $one): bool => $one['component'] !== null))[0];
        $queue = Queue::fake();
        $id = substr($line['component'], 1);
        $this->act($kit, "keep/price/$id", ['price' => '3.20'])->assertSessionHasNoErrors();
        $page = $this->props("/kits/$kit->id/keep/shopping");
        self::assertSame([array_column($lists, 'title'), false], [array_column($page['lists'], 'title'), $page['isLooking']]);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(array_column($lists, 'title'), array_column($this->props("/kits/$kit->id/keep/shopping")['lists'], 'title'));
        self::assertCount(0, $queue->pushedJobs());
    }

    public function test_a_ready_made_thing_is_found_and_unknown_words_are_named(): void
    {
        $kit = $this->harbour();
        $page = $this->props("/kits/$kit->id/keep/scraps?find=gulls");
        $gull = $kit->components()->where('key', 'gull')->firstOrFail();
        $things = array_column($page['things'], null, 'id');
        self::assertSame([$gull->name, 'Harbour Lanterns', 1], [
            $things[$gull->id]['name'], $things[$gull->id]['from'], $things[$gull->id]['left'],
        ], 'two listed, one missing');
        $found = array_column($page['found'], 'component');
        self::assertNotContains($kit->components()->where('kind', 'cardstock')->firstOrFail()->coreId(), $found);
        self::assertSame(['zebra'], $this->props("/kits/$kit->id/keep/scraps?find=".urlencode('calm zebra'))['unknown']);
    }

    public function test_a_whole_sheet_of_another_kit_is_handed_over_by_the_ledger(): void
    {
        $harbour = $this->harbour();
        $kit = $this->other();
        $this->shareOut($kit, 4);
        $found = $this->props("/kits/$kit->id/keep/scraps?find=".urlencode('anything 4 x 5 harbour'))['found'];
        $whole = array_values(array_filter($found, static fn (array $one): bool => $one['from'] === $harbour->name && $one['fits'] !== []));
        $use = ['sheet' => $whole[0]['id'], 'face' => $whole[0]['face'], 'part' => $whole[0]['fits'][0]];
        $this->act($kit, 'keep/use', $use)->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        $this->assertInBalance($harbour);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        $this->assertInBalance($harbour);
    }

    public function test_scraps_of_other_kits_are_laid_in_the_box_and_taken_back_out_by_undo(): void
    {
        $done = $this->cut(3);
        $kit = $this->other();
        $others = $this->props("/kits/$kit->id/keep/scraps")['others'];
        self::assertSame([$done->id], array_column($others, 'id'));
        $area = $this->area();
        $this->act($kit, 'keep/gather', ['kits' => (string) $done->id])->assertSessionHasNoErrors();
        self::assertTrue($kit->refresh()->uses_stash);
        self::assertSame([], $this->props("/kits/$kit->id/keep/scraps")['others']);
        self::assertSame($area, $this->area(), 'paper only changes its place');
        $this->act($kit, 'keep/gather', ['kits' => (string) $done->id])->assertSessionHasErrors('table');
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame([$done->id], array_column($this->props("/kits/$kit->id/keep/scraps")['others'], 'id'));
    }

    public function test_the_shopping_list_reckons_with_prices_and_leaves_as_text_table_and_print(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10, stash: true);
        Queue::fake();
        $list = $this->props("/kits/$kit->id/keep/shopping")['lists'];
        $again = array_values(array_filter($list, static fn (array $one): bool => $one['key'] === 'again'))[0];
        $line = $again['lines'][0];
        $id = substr($line['component'], 1);
        $this->act($kit, "keep/price/$id", ['price' => 'four'])->assertSessionHasErrors("price.$id");
        $this->act($kit, "keep/price/$id", ['price' => '4.50'])->assertSessionHasNoErrors();
        $priced = $this->props("/kits/$kit->id/keep/shopping");
        $again = array_values(array_filter($priced['lists'], static fn (array $one): bool => $one['key'] === 'again'))[0];
        self::assertSame(['amount' => '4.50', 'currency' => 'USD'], $again['lines'][0]['cost']);
        self::assertSame(count($again['lines']) - 1, $again['unpriced']);
        $text = $this->get("/kits/$kit->id/keep/shopping.txt")->assertOk()->getContent();
        self::assertStringContainsString($again['title'], (string) $text);
        self::assertStringContainsString('4.50 USD', (string) $text);
        $csv = (string) $this->get("/kits/$kit->id/keep/shopping.csv")->assertOk()->getContent();
        self::assertStringContainsString('"The same 10 cards once more"', $csv);
        self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/keep/shopping.pdf")->assertOk()->getContent());
        $this->act($kit, "keep/price/$id", ['price' => ''])->assertSessionHasNoErrors();
        self::assertNull($this->props("/kits/$kit->id/keep/shopping")['lists'][0]['sum']);
    }

    /** @return list<string> the pieces of the cards that a plan yields, by taking */
    private function pieces(): array
    {
        $pieces = [];
        foreach (CutPlan::query()->with('sheet')->get() as $plan) {
            foreach ($plan->toCore()->pieces() as $leaf) {
                $pieces[] = (string) $leaf->piece;
            }
        }
        $pieces = array_filter($pieces, is_numeric(...));
        sort($pieces);

        return $pieces;
    }

    /** Searches do not run here, since no one waits for bonus cards. */
    private function shared(int $cards): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, $cards);
        $this->queue = Queue::getFacadeRoot();
        Queue::fake();

        return $kit;
    }

    /** The worker does what a page has asked for. */
    private function work(Kit $kit, string $task): void
    {
        app($task)->run($kit->id);
    }

    private function cut(int $cards): Kit
    {
        $kit = $this->shared($cards);
        while (($plan = CutPlan::query()->whereNull('cut_at')->first()) !== null) {
            $this->act($kit, "cut/$plan->sheet_id");
        }

        return $kit;
    }

    /** For everything that is there. */
    private function area(): int
    {
        return (int) Sheet::query()->where('state', SheetState::Open)->selectRaw('sum(width / 1000 * height / 1000) as n')->value('n');
    }

    /** Another kit on the same shelf. */
    private function other(): Kit
    {
        return Kit::query()->where('name', 'Windfall Orchard')->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function keep(Kit $kit, string $scrap = ''): array
    {
        return $this->props("/kits/$kit->id/keep?scrap=$scrap");
    }

    /**
     * @param  array<string, mixed>  $keep
     * @param  callable(array<string, mixed>): bool  $is
     * @return array<string, mixed>
     */
    private function first(array $keep, callable $is): array
    {
        foreach ($keep['tray'] as $box) {
            foreach ($box['scraps'] as $scrap) {
                if ($is($scrap)) {
                    return $scrap;
                }
            }
        }
        self::fail('There is no such scrap.');
    }

    /** @return array{key: string, size: Size} a part of a card, higher than wide, on which a print may not lie */
    private function keepsItsUp(Kit $kit): array
    {
        foreach ($kit->cards()->with('takings')->get() as $card) {
            foreach ($card->takings as $taking) {
                $role = $card->toCore()->layout($kit->unit)->part($taking->part)?->part->role;
                if ($taking->width < $taking->height && $role?->mayTurn() === false) {
                    return ['key' => "$card->id/$taking->part", 'size' => $taking->size() ?? self::fail('It is cut.')];
                }
            }
        }
        self::fail('Every part may be turned.');
    }
}
