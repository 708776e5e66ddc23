<?php

namespace Tests\Feature\Classes;

use App\Models\ClassPlan;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\LedgerReason;
use App\Models\Taking;
use Tests\Feature\FeatureTestCase;

/** Cards for a class, from the request to a bag that is packed again. */
final class ClassTest extends FeatureTestCase
{
    private function prepared(Kit $kit, string $people = '12', string $recipe = ''): ClassPlan
    {
        $this->act($kit, 'class', ['name' => 'Tuesday', 'people' => $people, 'recipe' => $recipe, 'cards' => ''])
            ->assertSessionHasNoErrors();

        return ClassPlan::query()->latest('id')->firstOrFail();
    }

    public function test_what_a_class_needs_what_is_here_and_what_is_to_be_bought(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        $class = $this->prepared($kit, '6');
        $page = $this->props("/kits/$kit->id/class/$class->id/look");
        $lines = array_column(array_merge(...array_column($page['groups'], 'lines')), null, 'component');
        $base = Component::query()->where('kit_id', $kit->id)->where('key', 'base')->firstOrFail()->coreId();

        self::assertSame(['28', '4', '6', '22'], [
            $lines[$base]['needs'],
            $lines[$base]['spares'],
            $lines[$base]['here'],
            $lines[$base]['add'],
        ], 'four cards for six, and one spare of each; of ten bases four are for the cards of the kit');
        foreach (Taking::query()->where('part', 'base')->whereRelation('card', 'kit_id', $kit->id)->get() as $taking) {
            $taking->update(['used_by' => 'score/base']);
            LedgerEntry::query()->create(['component_id' => $taking->component_id, 'delta' => -1, 'reason' => LedgerReason::Used]);
        }
        $page = $this->props("/kits/$kit->id/class/$class->id/look");
        $lines = array_column(array_merge(...array_column($page['groups'], 'lines')), null, 'component');
        self::assertSame('6', $lines[$base]['here'], 'what is glued on is not there once more');
        self::assertNotSame([], $page['settings']);
        self::assertNotSame([], $page['clock']);
        self::assertSame('14:00', $page['clock'][0]['at']);
    }

    public function test_what_is_asked_is_changed_and_what_is_wrong_stands_at_its_field(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'class', ['name' => '', 'people' => '0', 'recipe' => ''])->assertSessionHasErrors(['name', 'people', 'cards']);
        $class = $this->prepared($kit, '12', 'ten-from-one');
        $change = fn (string $field, string $value) => $this->act($kit, "class/$class->id", ['field' => $field, 'value' => $value]);
        $change('people', '41')->assertSessionHasErrors('people');
        $change('spare_in', '-1')->assertSessionHasErrors('spare_in');
        $change('begins', 'noon')->assertSessionHasErrors('begins');
        $change('begins', '9.30')->assertSessionHasNoErrors();
        $change('spare_in', '0')->assertSessionHasNoErrors();
        $change('ahead', 'front')->assertSessionHasNoErrors();
        $change('ahead', 'no-such-step')->assertNotFound();
        self::assertSame(['09:30', 0, 12], [$class->refresh()->begins, $class->spare_in, $class->people]);
        self::assertContains('front', $class->ahead);

        $clock = $this->props("/kits/$kit->id/class/$class->id/look")['clock'];
        self::assertSame('09:30', $clock[0]['at']);
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertNotContains('front', $class->refresh()->ahead);
    }

    public function test_bags_are_packed_line_by_line_and_a_lost_one_is_made_up_again(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $class = $this->prepared($kit, '12');
        $pack = fn (array $with) => $this->act($kit, "class/$class->id/pack", $with)->assertSessionHasNoErrors();
        $look = fn (int $bag): array => $this->props("/kits/$kit->id/class/$class->id/pack?bag=$bag");
        $first = $look(1)['lines'][0]['id'];

        $pack(['bag' => 3, 'line' => $first, 'packed' => '1']);
        self::assertTrue($look(3)['lines'][0]['isPacked']);
        self::assertFalse($look(4)['lines'][0]['isPacked']);
        $pack(['bag' => 3, 'line' => $first, 'packed' => '1', 'every' => '1']);
        self::assertSame(12, $look(4)['lines'][0]['inBags']);
        $pack(['bag' => 3, 'line' => '', 'packed' => '1']);
        self::assertSame($look(3)['all'], $look(3)['bags'][2]['packed']);
        $pack(['bag' => 3, 'line' => 'no/such-line', 'packed' => '1']);
        self::assertSame(1, $this->props("/kits/$kit->id/class")['classes'][0]['packed']);

        foreach ([['spare', 'from the spares'], ['spare', 'from the spares'], ['left', 'missing: to buy']] as $n => [, $from]) {
            $this->act($kit, "class/$class->id/lost", ['bag' => 3])->assertSessionHasNoErrors();
            $bag = $look(3);
            self::assertSame([0, $n + 1], [$bag['bags'][2]['packed'], $bag['bags'][2]['lost']]);
            self::assertContains($from, array_column($bag['lines'], 'from'));
        }
        $this->act($kit, 'undo')->assertSessionHasNoErrors();
        self::assertSame(2, $look(3)['bags'][2]['lost']);
        $this->act($kit, 'undo');
        $this->act($kit, 'undo');
        self::assertSame($look(3)['all'], $look(3)['bags'][2]['packed'], 'what lay in it is known again');
    }

    public function test_a_spare_goes_into_one_bag_only(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $class = $this->prepared($kit, '12');
        foreach ([3, 5, 7] as $bag) {
            $this->act($kit, "class/$class->id/lost", ['bag' => $bag])->assertSessionHasNoErrors();
        }
        $from = fn (int $bag): array => array_unique(array_column(
            $this->props("/kits/$kit->id/class/$class->id/pack?bag=$bag")['lines'],
            'from',
        ));
        self::assertSame([['from the spares'], ['from the spares']], [array_values($from(3)), array_values($from(5))]);
        self::assertNotContains('from the spares', $from(7), 'two spares are in two bags');
    }

    public function test_the_hand_out_and_the_list_of_the_leader_are_printed(): void
    {
        $kit = $this->harbour();
        $class = $this->prepared($kit, '3', 'ten-from-one');
        self::assertCount(10, array_unique(array_column($this->props("/kits/$kit->id/class/$class->id/pack")['lines'], 'card')));
        $this->shareOut($kit, 1);
        $small = $this->prepared($kit, '3');
        foreach (['leader.pdf', 'hand-out.pdf'] as $file) {
            self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/class/$small->id/$file")->assertOk()->getContent());
        }
        $this->delete("/kits/$kit->id/class/$small->id", ['revision' => $kit->refresh()->revision])->assertSessionHasNoErrors();
        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->get("/kits/$other->id/class/$class->id/look")->assertNotFound();
        $this->delete("/kits/$kit->id/class/$class->id", ['revision' => $kit->refresh()->revision])->assertSessionHasNoErrors();
        self::assertSame([], $this->props("/kits/$kit->id/class")['classes']);
    }
}
