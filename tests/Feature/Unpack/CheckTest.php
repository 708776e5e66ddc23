<?php

namespace Tests\Feature\Unpack;

use App\Models\Component;
use App\Models\Kit;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** Lines that were read wrongly are corrected. */
final class CheckTest extends FeatureTestCase
{
    public function test_a_line_is_corrected_field_by_field_and_each_change_is_undone(): void
    {
        $kit = $this->harbour();
        $wave = $this->line('wave');
        $before = DB::table('components')->where('id', $wave->id)->first();
        $path = "check/$wave->id";
        foreach (['name' => ' ', 'size' => '6', 'count' => 'two', 'colour' => 'blue'] as $field => $value) {
            $this->act($kit, $path, ['field' => $field, 'value' => $value])->assertSessionHasErrors('value');
        }
        $this->act($kit, $path, ['field' => 'colour', 'at' => 'size.width', 'value' => '#aabbcc'])->assertSessionHasErrors('value');
        $this->act($kit, $path, ['field' => 'weight', 'value' => 'heavy'])->assertNotFound();
        $this->act($kit, $path, ['field' => 'size', 'value' => '60 x 6'])->assertSessionHasErrors();
        self::assertEquals($before, DB::table('components')->where('id', $wave->id)->first(), 'nothing is half changed');

        $this->act($kit, $path, ['field' => 'name', 'value' => 'Breaker'])->assertSessionHasNoErrors();
        $this->act($kit, $path, ['field' => 'size', 'value' => '12 × 12'])->assertSessionHasNoErrors();
        $this->act($kit, $path, ['field' => 'count', 'value' => '5'])->assertSessionHasNoErrors();
        $sheets = Sheet::query()->where('component_id', $wave->id)->get();
        self::assertSame([5, 2_438_400], [$sheets->count(), $sheets->first()?->width]);
        self::assertSame(['Breaker', 5], [$wave->refresh()->name, $wave->listed]);
        $this->assertInBalance($kit);
        $this->act($kit, $path, ['field' => 'count', 'value' => '1'])->assertSessionHasNoErrors();
        self::assertSame([1, 1], [Sheet::query()->where('component_id', $wave->id)->count(), (int) $wave->ledger()->sum('delta')]);
        $this->assertInBalance($kit);
        foreach (range(1, 4) as $_) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        $sheets = Sheet::query()->where('component_id', $wave->id)->count();
        self::assertSame(['Wave', 2, 2], [$wave->refresh()->name, $wave->listed, $sheets]);
    }

    public function test_colours_are_corrected_and_guesses_are_confirmed(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'add', ['line' => 'cardstock plain thing x2'])->assertSessionHasNoErrors();
        $stock = $kit->components()->reorder('id', 'desc')->firstOrFail();
        $shown = function () use ($kit, $stock): array {
            foreach ($this->props("/kits/$kit->id/check")['groups'] as $group) {
                foreach ($group['lines'] as $line) {
                    if ($line['id'] === $stock->id) {
                        return $line;
                    }
                }
            }
            self::fail('The line is not shown.');
        };
        self::assertSame([['at' => 'colour', 'says' => 'its colour', 'hex' => '#d8d5cc']], $shown()['colours']);
        self::assertSame(['the usual size', 'no colour said'], $shown()['guesses']);

        $to = ['field' => 'colour', 'at' => 'colour', 'value' => '#AA1122'];
        $this->act($kit, "check/$stock->id", $to)->assertSessionHasNoErrors();
        $details = $stock->refresh()->details;
        self::assertSame(['#aa1122', '#aa1122', ['the usual size']], [$details['colour'], $details['back'], $shown()['guesses']]);
        $this->act($kit, "check/$stock->id", ['field' => 'right', 'value' => ''])->assertSessionHasNoErrors();
        self::assertSame([], $shown()['guesses']);
        $this->act($kit, 'undo');
        self::assertSame(['the usual size'], $shown()['guesses']);

        $wave = $this->line('wave');
        $this->act($kit, "check/$wave->id", ['field' => 'colour', 'at' => 'faces.1.colours.0', 'value' => '#102030']);
        self::assertSame('#102030', $wave->refresh()->details['faces'][1]['colours'][0]);
    }

    public function test_how_many_cards_there_can_be_stands_beside_the_list(): void
    {
        $kit = $this->harbour();
        $kit->update(['uses_stash' => false]);
        $atMost = $this->props("/kits/$kit->id/add")['atMost'];
        self::assertSame(10, $atMost['cards']);
        self::assertStringContainsString('then bases run out', $atMost['says']);
        self::assertFalse($atMost['isSharedOut']);
    }

    public function test_a_line_is_removed_as_long_as_nothing_is_made_of_it(): void
    {
        $kit = $this->harbour();
        $wave = $this->line('wave');
        $lines = $kit->components()->count();
        $this->delete("/kits/$kit->id/check/$wave->id", ['revision' => $kit->fresh()?->revision])->assertSessionHasNoErrors();
        self::assertSame([$lines - 1, 0], [$kit->components()->count(), Sheet::query()->where('component_id', $wave->id)->count()]);
        $this->act($kit, 'undo');
        self::assertSame(2, Sheet::query()->where('component_id', $wave->id)->count());

        $this->shareOut($kit, 6);
        $used = $kit->papers()->whereIn('id', DB::table('takings')->select('component_id'))->firstOrFail();
        $this->delete("/kits/$kit->id/check/$used->id", ['revision' => $kit->fresh()?->revision])->assertSessionHasErrors('table');
        $this->act($kit, "check/$used->id", ['field' => 'size', 'value' => '5 x 5'])->assertSessionHasErrors('table');
        $this->act($kit, "check/$used->id", ['field' => 'count', 'value' => '0'])->assertSessionHasErrors('table');
        $this->act($kit, "check/$used->id", ['field' => 'name', 'value' => 'Any other'])->assertSessionHasNoErrors();
        $this->assertInBalance($kit);
    }

    public function test_assumptions_stand_beside_the_line(): void
    {
        $kit = $this->harbour();
        $list = ['cardstock x3', 'wave paper 6x6 x2', 'die cuts frobnicator x2', 'sentiment "sunshine" x2', '1 sheet of puffy stickers'];
        $this->act($kit, 'add/list', ['text' => implode("\n", $list)]);
        $groups = $this->props("/kits/$kit->id/check")['groups'];
        $guesses = array_column(array_merge(...array_column($groups, 'lines')), 'guesses', 'name');
        self::assertSame(['the usual size', 'no colour said'], $guesses['Cardstock']);
        self::assertContains('no shape that is known', $guesses['Frobnicator']);
        self::assertContains('words for any occasion', $guesses['Sunshine']);
        self::assertContains('a whole sheet as one', $guesses['Puffy stickers']);
        self::assertSame([], $guesses['Lantern']);
    }

    public function test_a_price_is_read_as_people_write_it(): void
    {
        $kit = $this->harbour();
        $about = ['name' => 'x', 'unit' => 'in', 'front_width' => '4', 'front_height' => '5', 'promised' => '10', 'currency' => 'USD'];
        $prices = ['34,50' => 3_450, '34.5' => 3_450, '1 234,50' => 123_450, '1,234.50' => 123_450, '1.234' => 123_400, '7' => 700];
        foreach ($prices as $typed => $minor) {
            $this->act($kit, 'about', [...$about, 'price' => (string) $typed])->assertSessionHasNoErrors();
            self::assertSame($minor, Kit::query()->findOrFail($kit->id)->price_minor, (string) $typed);
        }
        foreach (['a lot', '1,2,3', '-4', '34,5000'] as $typed) {
            $this->act($kit, 'about', [...$about, 'price' => $typed])->assertSessionHasErrors('price');
        }
    }

    private function line(string $key): Component
    {
        return Component::query()->where('key', $key)->firstOrFail();
    }
}
