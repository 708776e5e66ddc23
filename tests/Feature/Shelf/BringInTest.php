<?php

namespace Tests\Feature\Shelf;

use App\Models\Component;
use App\Models\CsvMapping;
use App\Models\Kit;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Packing lists as tables, and the kit post. */
final class BringInTest extends FeatureTestCase
{
    private const HEADER = 'kind,name,count,width,height,colour';

    public function test_a_packing_list_is_shown_line_by_line_and_brought_in(): void
    {
        $token = $this->upload(self::HEADER."\npaper,Check,2,6,6,#7fa3b1\nenvelope,White,4,4 3/8,5 3/4,#ffffff\n");
        $page = $this->props("/packing-list/$token");
        self::assertTrue($page['isMapped']);
        self::assertSame(
            ['paper · Check: 2 sheets, 6 × 6 in, Check (calm) / Check, back (calm)', []],
            [$page['lines'][0]['said'], $page['lines'][0]['faults']],
        );
        self::assertSame(0, Kit::query()->count(), 'nothing is written yet');

        $this->post("/packing-list/$token", [
            'name' => 'My list',
            'unit' => 'in',
            'width' => '4 1/4',
            'height' => '5 1/2',
        ])->assertSessionHasNoErrors();
        self::assertSame(['Check', 'White'], Component::query()->orderBy('id')->pluck('name')->all());
    }

    public function test_a_line_with_a_problem_keeps_everything_out(): void
    {
        $token = $this->upload(self::HEADER."\npaper,Check,two,6,6,#7fa3b1\nenvelope,White,4,4 3/8,5 3/4,#ffffff\n");
        self::assertStringContainsString('line 2.count', $this->props("/packing-list/$token")['lines'][0]['faults'][0]);

        $this->post("/packing-list/$token", [
            'name' => 'My list',
            'unit' => 'in',
            'width' => '4 1/4',
            'height' => '5 1/2',
        ])->assertSessionHasErrors('lines');
        $this->post("/packing-list/$token", [
            'name' => '',
            'unit' => 'in',
            'width' => '4 1/4',
            'height' => '5 1/2',
        ])->assertSessionHasErrors('name');
        self::assertSame(0, Kit::query()->count());
    }

    public function test_another_header_is_mapped_once_and_remembered(): void
    {
        $list = "Sort;Was;Wieviel\npaper;Karo;2\n";
        $token = $this->upload($list);
        self::assertFalse($this->props("/packing-list/$token")['isMapped']);
        $this->post("/packing-list/$token/columns", ['columns' => ['name' => 1]])->assertSessionHasErrors(
            'columns',
        );
        $this->post("/packing-list/$token/columns", [
            'columns' => ['kind' => 0, 'name' => 1, 'count' => 2, 'nonsense' => 1, 'width' => 99],
        ])->assertSessionHasNoErrors();

        self::assertSame(['kind' => 0, 'name' => 1, 'count' => 2], CsvMapping::query()->sole()->columns);
        self::assertTrue($this->props('/packing-list/'.$this->upload($list))['isMapped'], 'the next file with this header');
    }

    /** @return array<string, array{string, string}> */
    public static function encodings(): array
    {
        $text = self::HEADER."\nenvelope,Crème,4,4 3/8,5 3/4,#ffffff\n";

        return [
            'UTF-8 with a mark' => ["\xEF\xBB\xBF".$text, 'Crème'],
            'Windows-1252' => [mb_convert_encoding($text, 'Windows-1252', 'UTF-8'), 'Crème'],
            'UTF-16' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'), 'Crème'],
            'a formula' => [str_replace('Crème', '"=SUM(A1:A9)"', $text), '=SUM(A1:A9)'],
        ];
    }

    #[DataProvider('encodings')]
    public function test_any_usual_encoding_is_read(string $bytes, string $name): void
    {
        self::assertSame($name, $this->props('/packing-list/'.$this->upload($bytes))['lines'][0]['name']);
    }

    /** @return array<string, array{string, string}> */
    public static function noTables(): array
    {
        return [
            'fifty thousand lines' => [self::HEADER.str_repeat("\nbase,B,1,4,5,#ffffff", 50_000), 'more than 2 000 lines'],
            'nothing' => ['', 'is empty'],
            'one column' => ["hello\nworld\n", 'not a table'],
            'a picture' => ["\x89PNG\r\n\x1a\n\x00\x00,\x00", 'not a text'],
        ];
    }

    #[DataProvider('noTables')]
    public function test_what_is_no_packing_list_is_refused_at_the_field(string $bytes, string $said): void
    {
        $this->from('/')
            ->post('/kits', ['kit_file' => UploadedFile::fake()->createWithContent('list.csv', $bytes)])
            ->assertSessionHasErrors('kit_file');

        self::assertStringContainsString($said, (string) session('errors')?->first('kit_file'));
    }

    public function test_the_kit_post_answers_with_a_kit(): void
    {
        Http::fake(['*/kits/ORCHARD-12' => Http::response((string) file_get_contents(base_path('standins/kits/orchard-12.json')))]);
        $this->post('/kit-post', ['code' => 'orchard-12'])->assertSessionHasNoErrors();

        self::assertSame('Orchard Wall', Kit::query()->sole()->name);
    }

    public function test_every_kit_of_the_stand_in_is_good(): void
    {
        $files = glob(base_path('standins/kits/*.json')) ?: [];
        self::assertCount(4, $files);
        foreach ($files as $file) {
            self::assertSame(0, $this->withoutMockingConsoleOutput()->artisan('kit:import', ['file' => $file]));
        }
    }

    public function test_the_kit_post_down_slow_ignorant_or_mad_is_answered_clearly(): void
    {
        Http::fake([
            '*/kits/DOWN-1' => static fn () => throw new ConnectionException('refused'),
            '*/kits/NONE-1' => Http::response('{}', 404),
            '*/kits/SICK-1' => Http::response('oops', 500),
            '*/kits/MAD-1' => Http::response('{"format": "something else"'),
        ]);
        foreach (
            [
                'DOWN-1' => 'does not answer',
                'NONE-1' => 'knows no kit',
                'SICK-1' => 'with an error (500)',
                'MAD-1' => 'something that is no kit',
                '../etc' => 'A code is a word and a number',
            ] as $code => $said
        ) {
            $this->post('/kit-post', ['code' => $code])->assertSessionHasErrors('code');
            self::assertStringContainsString($said, (string) session('errors')?->first('code'));
        }
        self::assertSame(0, Kit::query()->count());
    }

    private function upload(string $bytes): string
    {
        $answer = $this->from('/')->post('/kits', ['kit_file' => UploadedFile::fake()->createWithContent('list.csv', $bytes)]);

        return basename((string) $answer->assertSessionHasNoErrors()->headers->get('Location'));
    }
}
