<?php

namespace Tests\Feature;

use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;

/** Scraps that become standard parts, one by one and the whole tray. */
final class KeepTest extends FeatureTestCase
{
    public function test_a_scrap_that_lies_there_becomes_parts_that_cards_use_and_the_cuts_go_to_cut(): void
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
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $before = $this->pieces();
        $scrap = $this->first($this->keep($kit), static fn (array $scrap): bool => ! $scrap['isThere'] && $scrap['width'] > 400_000);
        $option = $this->keep($kit, $scrap['id'])['chosen']['options'][0];
        $this->act($kit, 'keep/take', ['scrap' => $scrap['id'], 'option' => $option['key']])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame($before, $this->pieces(), 'what the cards take stays planned');

        $part = Sheet::query()->whereNotNull('part')->firstOrFail();
        $this->act($kit, "keep/back/$part->id")->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame([0, 0], [Sheet::query()->whereNotNull('part')->count(), Sheet::query()->where('state', SheetState::Parted)->count()]);
        self::assertSame($before, $this->pieces());
    }

    public function test_every_cut_of_a_divided_sheet_can_be_made_one_by_one(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $this->act($kit, 'keep/turn');
        $turned = $this->keep($kit)['turned'];
        self::assertFalse($turned['isLooking']);
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

    private function cut(int $cards): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, $cards);
        while (($plan = CutPlan::query()->whereNull('cut_at')->first()) !== null) {
            $this->act($kit, "cut/$plan->sheet_id");
        }

        return $kit;
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
}
