<?php

namespace Tests\Feature\Unpack;

use App\Models\Component;
use Illuminate\Support\Facades\Artisan;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Measure\Unit;
use Tests\Feature\FeatureTestCase;

/** Whole pasted packing lists. */
final class ReadListTest extends FeatureTestCase
{
    private const LIST = "Cardstock (8.5x11):\n- 2 kelp\n- pearls\nPapers\n• Tide 6x6 x2\n\nfrogs and 7x\n5 yds satin ribbon";

    public function test_a_list_is_shown_line_by_line_and_what_is_understood_is_kept_in_one_act(): void
    {
        $kit = $this->harbour();
        $before = $kit->components()->count();
        $lines = $this->postJson("/kits/$kit->id/add/read-list", ['text' => self::LIST])->assertOk()->json('lines');
        self::assertSame([1, 2, 3, 4, 5, 7, 8], array_column($lines, 'number'));
        self::assertSame(
            [true, false, false, true, false, false, false],
            array_column($lines, 'isHeading'),
        );
        self::assertNotNull($lines[2]['fault']);
        self::assertStringContainsString('Kelp', $lines[1]['said'][0]);
        self::assertSame($before, $kit->components()->count(), 'looking keeps nothing');

        $this->act($kit, 'add/list', ['text' => "frogs\n7 of"])->assertSessionHasErrors('text');
        $this->act($kit, 'add/list', ['text' => self::LIST])->assertSessionHasNoErrors();
        $added = $kit->components()->reorder('id')->skip($before)->limit(9)->get();
        self::assertContains('Kelp', $added->pluck('name')->all());
        self::assertSame(2, $added->firstWhere('name', 'Kelp')?->sheets()->count());
        $this->act($kit, 'undo');
        self::assertSame($before, $kit->components()->count(), 'one act keeps them, one takes them back');
    }

    public function test_files_are_read_by_command_as_components_and_faults(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'list');
        file_put_contents($path, "12\" x 12\" paper, wave, x2\n12 papers 6x6\nenvelopes A2 x10\n");
        self::assertSame(0, Artisan::call('kit:read', ['file' => $path, '--json' => true]));
        $said = json_decode(Artisan::output(), true);
        self::assertSame(['Wave', 'Envelope'], array_column($said['components'], 'name'));
        self::assertSame([['line' => 2, 'word' => '12']], array_map(
            static fn (array $fault): array => ['line' => $fault['line'], 'word' => $fault['word']],
            $said['faults'],
        ));
        foreach ($said['components'] as $i => $written) {
            self::assertSame($written['name'], KitFile::component($written, Unit::Inch, "components[$i]")->name, 'as in a kit file');
        }
        self::assertSame(0, Artisan::call('kit:read', ['file' => $path, '--unit' => 'mm']));
        self::assertStringContainsString('2: not understood at "6x6"', Artisan::output());
        file_put_contents($path, "nothing here\n");
        self::assertSame(2, Artisan::call('kit:read', ['file' => $path, '--json' => true]));
        self::assertSame(2, Artisan::call('kit:read', ['file' => "$path.gone"]));
        self::assertSame(2, Artisan::call('kit:read', ['file' => $path, '--unit' => 'ell']));
        unlink($path);
        self::assertSame(0, Component::query()->count());
    }
}
