<?php

namespace Tests\Feature\Unpack;

use App\Models\Component;
use App\Models\Kit;
use KeepShare\Core\Kit\Kind;
use Tests\Feature\FeatureTestCase;

/** Goods taken apart by hand, and for a bonus card. */
final class TakeApartTest extends FeatureTestCase
{
    public function test_an_envelope_no_card_needs_gives_its_liner_and_undo_puts_it_together(): void
    {
        $kit = $this->withSpareEnvelopes();
        $spare = $this->spares($kit)['A2 envelope'];
        self::assertSame([2, 1, '3 7/8 × 5 1/4 in'], [$spare['count'], $spare['each'], $spare['size']]);

        $this->act($kit, 'keep/apart', ['component' => $spare['id']])->assertSessionHasNoErrors()->assertRedirect("/kits/$kit->id/keep");
        $this->assertInBalance($kit);
        $liner = $this->liner() ?? self::fail('There is a liner.');
        self::assertSame([Kind::Panel, 1, 1], [$liner->kind, $liner->listed, $liner->sheets()->count()]);
        self::assertSame(1, $this->spares($kit)['A2 envelope']['count']);

        $this->act($kit, 'keep/apart', ['component' => $spare['id']]);
        self::assertSame(
            [1, 2],
            [Component::query()->where('name', 'Liner of A2 envelope')->count(), $liner->sheets()->count()],
            'like lies with like',
        );
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertNull($this->liner());
        self::assertSame(2, $this->spares($kit)['A2 envelope']['count']);
    }

    public function test_what_the_cards_need_and_what_gives_nothing_is_not_taken_apart(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $envelope = Component::query()->where('kit_id', $kit->id)->where('name', 'A2 envelope')->firstOrFail();
        $this->act($kit, 'keep/apart', ['component' => $envelope->coreId()])->assertSessionHasErrors('table');
        $twine = Component::query()->where('kit_id', $kit->id)->where('kind', Kind::Ribbon)->firstOrFail();
        $this->act($kit, 'keep/apart', ['component' => $twine->coreId()])->assertSessionHasErrors([
            'table' => "There is nothing in $twine->name that could be used apart.",
        ]);
        self::assertNull($this->liner());
    }

    public function test_a_bonus_card_takes_apart_what_it_needs(): void
    {
        $kit = $this->withSpareEnvelopes();
        // The maker wants none of the used papers any more.
        Component::query()
            ->where('kit_id', $kit->id)
            ->whereIn('kind', [Kind::Paper, Kind::Panel])
            ->get()
            ->each(
                fn (Component $paper) => $kit->update([
                    'wishes' => [
                        ...$kit->wishes,
                        'uses' => [...$kit->wishes['uses'] ?? [], $paper->coreId() => 'never'],
                    ],
                ]),
            );
        $kit->increment('moves');
        $this->busyWorker($kit, false);
        $bonus = $this->props("/kits/$kit->id/keep")['bonus']['cards'];
        self::assertCount(1, $bonus);
        self::assertStringContainsString('Liner of A2 envelope', implode(' ', $bonus[0]['uses']));

        $this->act($kit, 'keep', ['number' => $bonus[0]['number']])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
        self::assertSame(1, $this->liner()?->sheets()->where('is_whole', true)->count());
        self::assertSame(1, $kit->cards()->where('is_bonus', true)->count());
        $this->act($kit, 'undo');
        self::assertNull($this->liner());
        $this->assertInBalance($kit);
    }

    /** Seven cards, three envelopes left, and one base. */
    private function withSpareEnvelopes(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 7);
        $base = Component::query()->where('kit_id', $kit->id)->where('kind', Kind::Base)->firstOrFail();
        $this->act($kit, "count/$base->id", ['counted' => 8, 'was' => 10])->assertSessionHasNoErrors();

        return $kit->refresh();
    }

    /** @return array<string, array<string, mixed>> by name */
    private function spares(Kit $kit): array
    {
        return array_column($this->props("/kits/$kit->id/keep")['spares'], null, 'name');
    }

    private function liner(): ?Component
    {
        return Component::query()->where('name', 'Liner of A2 envelope')->first();
    }
}
