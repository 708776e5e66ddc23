<?php

namespace Tests\Feature\Shelf;

use App\Journal\Act;
use App\Models\Component;
use App\Models\Kit;
use App\Models\LedgerEntry;
use App\Models\Sheet;
use Database\Demo\Demo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use KeepShare\Core\Kit\KitFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class ImportTest extends FeatureTestCase
{
    public function test_a_kit_file_brings_in_lines_sheets_and_ledger(): void
    {
        $this->upload(KitFile::write(Demo::file('harbour-lanterns')))->assertSessionHasNoErrors();

        $kit = Kit::query()->sole();
        self::assertSame(['Harbour Lanterns', 10, 3450, 'USD'], [$kit->name, $kit->promised, $kit->price_minor, $kit->currency]);
        self::assertSame(count(Demo::file('harbour-lanterns')->components), $kit->components()->count());
        $wave = Component::query()->where('key', 'wave')->sole();
        self::assertSame([1_219_200, 1_219_200], Sheet::query()->where('component_id', $wave->id)->pluck('width')->all());
        self::assertSame(2, (int) LedgerEntry::query()->where('component_id', $wave->id)->sole()->delta);
        self::assertEquals(Demo::file('harbour-lanterns')->components[0]->good, $wave->toCore()->good);
    }

    public function test_a_kit_is_begun_from_its_pasted_list_which_stays_until_it_is_kept(): void
    {
        $asks = ['list' => 'Paste the packing list of the kit, one thing a line.'];
        $this->post('/kits/list', ['list' => ''])->assertSessionHasErrors($asks);
        $list = "Cloud Pasture, $28.00, about ten cards, A2\nPapers 6x6\nclover/stripe (2)\n3 of 4 of 5\n10 A2 bases";
        $this->post('/kits/list', ['list' => $list])->assertSessionHasNoErrors();

        $kit = Kit::query()->sole();
        self::assertSame(
            ['Cloud Pasture', 10, 2800, 'USD', false],
            [$kit->name, $kit->promised, $kit->price_minor, $kit->currency, $kit->uses_stash],
        );
        $pasted = fn (): string => $this->props("/kits/$kit->id/add")['pasted'];
        self::assertSame($list, $pasted());
        self::assertSame($list, $pasted(), 'however often the page is loaded');
        $this->act($kit, 'add/list', ['text' => $list])->assertSessionHasNoErrors();
        self::assertSame(['Clover / stripe', 'Base'], $kit->components()->pluck('name')->all());
        self::assertSame("Papers 6x6:\n3 of 4 of 5", $pasted(), 'what is not understood is left');
    }

    public function test_bringing_in_can_be_taken_back_and_done_again(): void
    {
        $this->upload(KitFile::write(Demo::file('stash')));
        $before = [Kit::query()->count(), Component::query()->count(), Sheet::query()->count(), LedgerEntry::query()->count()];

        $this->post('/undo')->assertSessionHasNoErrors();
        self::assertSame(
            [0, 0, 0, 0],
            [
                Kit::query()->count(),
                Component::query()->count(),
                Sheet::query()->count(),
                LedgerEntry::query()->count(),
            ],
        );
        $this->post('/redo')->assertSessionHasNoErrors();
        self::assertSame($before, [
            Kit::query()->count(),
            Component::query()->count(),
            Sheet::query()->count(),
            LedgerEntry::query()->count(),
        ]);
    }

    public function test_a_kit_that_has_been_worked_on_is_not_swept_away_by_undo(): void
    {
        $this->upload(KitFile::write(Demo::file('harbour-lanterns')));
        $this->shareOut(Kit::query()->sole(), 2);

        $this->post('/undo')->assertSessionHasErrors('undo');
        self::assertSame(2, Kit::query()->sole()->cards()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        $good = KitFile::write(Demo::file('harbour-lanterns'));
        yield 'no JSON' => ['{"format": "keepshare/kit", ', 'This is not a JSON file'];
        yield 'an unknown version' => [
            str_replace('"version": 1', '"version": 9', $good),
            'version: this Keep Share reads version 1',
        ];
        yield 'a negative count' => [
            self::replaceFirst('"count": 2', '"count": -2', $good),
            'components[0].count: -2 is less than none',
        ];
        yield 'an unreadable length' => [
            self::replaceFirst('"width": "6"', '"width": "six"', $good),
            'components[0].size.width: "six" is not a measure',
        ];
        yield 'a paper wider than 24 in' => [
            self::replaceFirst('"width": "6"', '"width": "25"', $good),
            'components[0].size.width: 25 in is longer than 24 in',
        ];
        yield 'a duplicate id' => [
            str_replace('"id": "fish-scale"', '"id": "wave"', $good),
            'components[1].id: "wave" is the id of components[0] already',
        ];
    }

    #[DataProvider('bad')]
    public function test_a_file_with_a_fault_is_refused_as_a_whole_by_the_page_and_the_command(string $json, string $said): void
    {
        $this->upload($json)->assertSessionHasErrors('kit_file');
        self::assertStringContainsString($said, $this->fault());

        $file = (string) tempnam(sys_get_temp_dir(), 'kit');
        file_put_contents($file, $json);
        self::assertSame(2, $this->withoutMockingConsoleOutput()->artisan('kit:import', ['file' => $file]));
        unlink($file);
        $this->assertNothingWritten();
    }

    public function test_ten_megabytes_of_noise_and_a_missing_file_are_refused(): void
    {
        $this->upload(random_bytes(10_000_000))->assertSessionHasErrors('kit_file');
        self::assertStringContainsString('larger than 2 MB', $this->fault());
        $this->post('/kits')->assertSessionHasErrors(['kit_file' => 'Choose a kit file first.']);
        self::assertSame(2, $this->withoutMockingConsoleOutput()->artisan('kit:import', ['file' => '/nowhere.json']));
        $this->assertNothingWritten();
    }

    public function test_the_command_brings_a_kit_in(): void
    {
        self::assertSame(
            0,
            $this->withoutMockingConsoleOutput()->artisan('kit:import', [
                'file' => database_path('demo/knitted-hills.json'),
            ]),
        );
        self::assertStringContainsString('Knitted Hills is on the table: 31 lines.', Artisan::output());
        self::assertSame('mm', Kit::query()->sole()->unit->value);
    }

    public function test_script_in_names_is_text(): void
    {
        $this->upload(
            str_replace(
                '"name": "Harbour Lanterns"',
                '"name": "<script>alert(1)</script>"',
                KitFile::write(Demo::file('harbour-lanterns')),
            ),
        );

        $page = (string) $this->get('/')->assertOk()->assertHeader('Content-Security-Policy')->getContent();
        self::assertStringNotContainsString('<script>alert', $page);
        self::assertStringContainsString("script-src 'self'", (string) $this->get('/')->headers->get('Content-Security-Policy'));
        self::assertSame('<script>alert(1)</script>', Kit::query()->sole()->name);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $contents): TestResponse
    {
        return $this->from('/')->post('/kits', ['kit_file' => UploadedFile::fake()->createWithContent('kit.json', $contents)]);
    }

    private function fault(): string
    {
        return (string) session('errors')?->first('kit_file');
    }

    private function assertNothingWritten(): void
    {
        self::assertSame(
            [0, 0, 0, 0],
            [Kit::query()->count(), Component::query()->count(), Sheet::query()->count(), Act::query()->count()],
        );
    }

    private static function replaceFirst(string $what, string $with, string $in): string
    {
        return (string) preg_replace('/'.preg_quote($what, '/').'/', $with, $in, 1);
    }
}
