<?php

namespace Tests\Feature\Card;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Taking;
use KeepShare\Core\Measure\Unit;
use Tests\Feature\FeatureTestCase;

/** Changes to the design of a card. Each is undone again. */
final class CardDesignTest extends FeatureTestCase
{
    public function test_a_measure_is_changed_and_what_is_cut_follows(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        self::assertSame(['4 × 5 1/4', '3 3/4 × 5'], $this->sizes($card));

        $this->change($card, 'measure', ['part' => 'panel', 'measure' => 'reveal', 'value' => '1/4'])->assertSessionHasNoErrors();
        self::assertSame(['4 × 5 1/4', '3 1/2 × 4 3/4'], $this->sizes($card));
        self::assertSame('3 1/2 × 4 3/4', $this->taking($card, 'panel')->size()?->format(Unit::Inch));
        $this->assertInBalance($kit);

        // An arrow key is a sixteenth. Two presses counted together are one eighth.
        $this->change($card, 'measure', ['part' => 'panel', 'measure' => 'reveal', 'value' => '1/4', 'steps' => -2]);
        self::assertSame('3 3/4 × 5', $this->sizes($card)[1]);

        $this->act($kit, 'undo');
        self::assertSame('3 1/2 × 4 3/4', $this->sizes($card)[1]);
        $this->act($kit, 'undo');
        self::assertSame('3 3/4 × 5', $this->sizes($card)[1]);
        self::assertNull($card->fresh()?->design);
        $this->assertInBalance($kit);
    }

    public function test_a_measure_that_does_not_fit_or_cannot_be_read_changes_nothing(): void
    {
        [, $card] = $this->card('panel-on-mat');
        $before = Taking::query()->orderBy('id')->get()->toArray();

        foreach (
            [
                '3' => 'Nothing is left of the panel: its measure "reveal" is 3 in',
                'wide' => '"wide" is not a measure',
                '9/8 of it' => 'not a share',
                '' => 'Write a measure',
            ] as $typed => $says
        ) {
            $this->change($card, 'measure', [
                'part' => 'panel',
                'measure' => 'reveal',
                'value' => (string) $typed,
            ])->assertSessionHasErrors('value');
            self::assertStringContainsString($says, session('errors')->first('value'));
        }
        $this->change($card, 'measure', ['part' => 'panel', 'measure' => 'nonsense', 'value' => '1'])->assertStatus(422);
        self::assertSame($before, Taking::query()->orderBy('id')->get()->toArray());
        self::assertNull($card->fresh()?->design);
    }

    public function test_another_sketch_keeps_what_it_can_and_fills_the_rest(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $mat = $this->taking($card, 'mat')->component_id;
        $this->change($card, 'sketch', ['sketch' => 'diagonal-band'])->assertSessionHasNoErrors();

        self::assertSame($mat, $this->taking($card, 'mat')->component_id, 'the mat stays what it was');
        self::assertSame('5 3/16 × 3/4', $this->taking($card, 'band')->size()?->format(Unit::Inch), 'cut long, to be trimmed flush');
        self::assertSame([], $this->props($this->url($card))['front']['lacks']);
        $this->assertInBalance($kit);
        $this->act($kit, 'undo');
        self::assertSame('panel-on-mat', $card->fresh()?->sketch);
        $this->assertInBalance($kit);
    }

    public function test_framed_or_covered_and_turned(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->change($card, 'frame', ['frame' => '0']);
        self::assertSame(['4 1/4 × 5 1/2', '4 × 5 1/4'], $this->sizes($card));
        $this->change($card, 'frame', ['frame' => '', 'steps' => 4]);
        self::assertSame(['3 3/4 × 5', '3 1/2 × 4 3/4'], $this->sizes($card));
        $this->change($card, 'frame', ['frame' => '5'])->assertSessionHasErrors('frame');
        $this->change($card, 'turn');
        self::assertSame(['5 × 3 3/4', '4 3/4 × 3 1/2'], $this->sizes($card));
        // The frame of the card is the reveal of what lies on it, so typing one changes the other.
        $this->change($card, 'measure', ['part' => 'mat', 'measure' => 'reveal', 'value' => '1/8']);
        self::assertSame(['5 1/4 × 4', '5 × 3 3/4'], $this->sizes($card));
        $this->assertInBalance($kit);
    }

    public function test_a_kit_of_covered_fronts(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'taste', ['frame' => '0', 'wanted' => []])->assertSessionHasNoErrors();
        $this->shareOut($kit, 5);
        $card = $kit->cards()->firstOrFail();

        self::assertSame(0, $card->frame);
        self::assertContains('4 1/4', explode(' × ', $this->sizes($card)[0]));
        $this->act($kit, 'taste', ['frame' => '3', 'wanted' => []])->assertSessionHasErrors('frame');
        $this->act($kit, 'taste', ['frame' => '', 'wanted' => ['birthday' => 'many']])->assertSessionHasErrors('wanted.birthday');
    }

    public function test_a_fold_brings_its_blank_and_its_parts(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->change($card, 'fold', ['fold' => 'short-front'])->assertSessionHasNoErrors();
        self::assertSame(['3 × 5 1/4', '2 3/4 × 5'], $this->sizes($card), 'the sketch lies on the short front');
        self::assertSame('1 1/4 × 5 1/2', $this->taking($card, 'fold-inside-strip')->size()?->format(Unit::Inch));

        $this->change($card, 'fold', ['fold' => 'gatefold']);
        $page = $this->props($this->url($card));
        self::assertContains('glued-shut', array_column($page['findings'], 'check'));
        self::assertSame(['2 1/8', '6 3/8'], array_column($page['build']['blank']['scores'], 'label'));
        self::assertSame(
            '8 1/2 × 5 1/2',
            $this->taking($card, 'base')->size()?->format(Unit::Inch),
            'a base that is scored elsewhere cannot be folded twice',
        );
        $this->assertInBalance($kit);

        $this->change($card, 'fold', ['fold' => 'side']);
        self::assertSame(0, $card->takings()->where('part', 'like', 'fold-%')->count());
        $this->assertInBalance($kit);
    }

    public function test_what_fills_a_part_is_changed_and_the_row_may_go_short(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        [, $panel] = $this->props($this->url($card))['parts'];
        $other = array_values(array_diff(array_column($panel['options'], 'key'), [$panel['filling']]))[0];
        [$component, $face] = explode('/', $other);
        $this->change($card, 'fill', ['part' => 'panel', 'component' => $component, 'face' => $face])->assertSessionHasNoErrors();
        self::assertSame(substr($component, 1), (string) $this->taking($card, 'panel')->component_id);
        $this->assertInBalance($kit);

        $gems = $this->taking($card, 'embellishment');
        $this->change($card, 'quantity', ['part' => 'embellishment', 'quantity' => 5])->assertSessionHasNoErrors();
        self::assertSame(5, $gems->fresh()?->quantity);
        $this->change($card, 'quantity', ['part' => 'embellishment', 'more' => -2]);
        $this->change($card, 'quantity', ['part' => 'embellishment', 'more' => -20]);
        self::assertSame(1, $gems->refresh()->quantity, 'there is no card with none of what it takes');
        $this->change($card, 'quantity', [
            'part' => 'embellishment',
            'quantity' => 200,
        ])->assertSessionHasNoErrors();
        self::assertNotNull(
            array_column(
                array_merge(...array_column($this->props("/kits/$kit->id/share-out")['groups'], 'lines')),
                'short',
                'id',
            )["c$gems->component_id"],
            'the row goes short',
        );
        $this->assertInBalance($kit, true);
    }

    public function test_a_part_that_is_cut_stays_as_it_is(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->cutFor($kit, $card, 'panel');
        $this->change($card, 'measure', ['part' => 'panel', 'measure' => 'reveal', 'value' => '1/4'])->assertSessionHasErrors('value');
        self::assertStringContainsString('The panel is cut already', session('errors')->first('value'));
        $this->change($card, 'fill', ['part' => 'panel', 'component' => 'c1', 'face' => 0])->assertSessionHasErrors('table');
        $this->assertInBalance($kit);
    }

    public function test_a_set_takes_goods_for_each_card_and_is_not_a_finding(): void
    {
        [$kit, $card] = $this->card('framed-panel', repeat: true, cards: 2);
        // The kit's two copies are spread over both cards. For a copy both are needed here.
        Taking::query()->where('part', 'like', 'piece-%')->delete();
        $kelp = \App\Models\Component::query()->where('kit_id', $kit->id)->where('key', 'kelp')->firstOrFail();
        $this->change($card, 'fill', ['part' => 'panel', 'component' => $kelp->coreId(), 'face' => 1])->assertSessionHasNoErrors();
        $this->change($card, 'copies', ['copies' => 2])->assertSessionHasNoErrors();

        self::assertSame([3, 2], [$kit->cards()->count(), $kit->cards()->where('set', $card->id)->count()]);
        self::assertSame([1, 3], $this->props($this->url($card))['design']['set']);
        self::assertNotContains('said-twice', array_column($this->props($this->url($card))['findings'], 'check'));
        $this->assertInBalance($kit);

        $this->change($card, 'copies', ['copies' => 12])->assertSessionHasNoErrors();
        self::assertSame(13, $kit->cards()->count());
        self::assertStringContainsString('a set of 12. Missing now: ', (string) session('notice'));
        self::assertStringContainsString('3 × A2 base, ivory', (string) session('notice'), 'ten bases for thirteen cards');
        $this->change($card, 'copies', ['copies' => 1])->assertSessionHasNoErrors();
        self::assertSame(2, $kit->cards()->count());
        $this->assertInBalance($kit);
    }

    public function test_occasion_notes_and_the_spread(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->change($card, 'occasion', ['occasion' => 'sympathy']);
        $this->change($card, 'notes', ['notes' => ' for Uncle in the harbour ', 'isForAMan' => false]);
        self::assertSame(['sympathy', 'for Uncle in the harbour'], [$card->fresh()?->occasion->value, $card->fresh()?->notes]);

        $this->act($kit, 'taste', ['frame' => '', 'wanted' => ['sympathy' => 2, 'for-a-man' => 1, 'wedding' => 0]]);
        self::assertSame(
            ['Only 1 of the 2 cards for sympathy that you asked for.', 'No card for a man. You asked for 1.'],
            $this->props("/kits/$kit->id/share-out")['gaps'],
        );
        $this->change($card, 'notes', ['notes' => '', 'isForAMan' => true]);
        self::assertCount(1, $this->props("/kits/$kit->id/share-out")['gaps']);
    }

    public function test_a_kind_of_hint_is_switched_off_for_the_kit_and_on_again(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->change($card, 'quantity', ['part' => 'embellishment', 'quantity' => 4]);
        $checks = fn (): array => array_column($this->props($this->url($card))['findings'], 'check');
        self::assertContains('odd-group', $checks());
        $this->act($kit, 'mute', ['check' => 'odd-group']);
        self::assertNotContains('odd-group', $checks());
        $this->act($kit, 'mute', ['check' => 'odd-group']);
        self::assertContains('odd-group', $checks());
    }

    public function test_a_page_from_before_an_act_changes_nothing(): void
    {
        [$kit, $card] = $this->card('panel-on-mat');
        $this->post($this->url($card).'/occasion', ['occasion' => 'hello', 'revision' => 0])->assertSessionHasErrors('table');
        self::assertSame('birthday', $card->fresh()?->occasion->value);
    }

    /** @return array{Kit, Card} */
    private function card(string $sketch, bool $repeat = false, int $cards = 1): array
    {
        $kit = $this->harbour();
        $asked = ['cards' => $cards, 'stash' => true, 'words' => $repeat ? 'freely' : 'once'];
        $this->act($kit, 'share-out', $asked)->assertSessionHasNoErrors();
        $card = $kit->cards()->firstOrFail();
        if ($card->front_width > $card->front_height) {
            $this->change($card, 'turn');
        }
        $this->change($card, 'sketch', ['sketch' => $sketch])->assertSessionHasNoErrors();

        return [$kit, $card->refresh()];
    }

    /**
     * @param  array<string, mixed>  $with
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(Card $card, string $what, array $with = []): \Illuminate\Testing\TestResponse
    {
        return $this->act($card->kit, "cards/$card->id/$what", $with);
    }

    private function cutFor(Kit $kit, Card $card, string $part): void
    {
        $wanted = $this->taking($card, $part)->id;
        foreach ($this->props("/kits/$kit->id/cut")['sheets'] as $sheet) {
            $plan = \App\Models\CutPlan::query()->where('sheet_id', $sheet['id'])->first();
            if ($plan !== null && str_contains((string) json_encode($plan->tree), "\"$wanted\"")) {
                $this->act($kit, "cut/{$sheet['id']}")->assertSessionHasNoErrors();
            }
        }
        self::assertNotNull($this->taking($card, $part)->sheet_id, 'it has been cut');
    }

    private function taking(Card $card, string $part): Taking
    {
        return Taking::query()->where('card_id', $card->id)->where('part', $part)->firstOrFail();
    }

    private function url(Card $card): string
    {
        return "/kits/$card->kit_id/cards/$card->id";
    }

    /** @return list<string> */
    private function sizes(Card $card): array
    {
        return array_column($this->props($this->url($card))['parts'], 'size');
    }
}
