<?php

namespace Tests\Feature\Shelf;

use App\Models\Kit;
use App\Shelf\Csv;
use Database\Demo\Demo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use KeepShare\Core\Kit\KitFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** Everything brought to the shelf is recognised, and what would be done is said first. */
final class ArrivalsTest extends FeatureTestCase
{
    /** @return iterable<string, array{string, string, string, string}> name of the file, its first bytes, what is said, where it is sent */
    public static function things(): iterable
    {
        $kit = KitFile::write(Demo::file('knitted-hills'));
        $list = "Cloud Pasture\n12 papers 6x6 x2\nzzz 7 of 9";
        $stock = "Qty,Item\n4,12x12 cardstock - cream";
        $shareOut = '{"format": "keepshare/share-out", "kit": "Harbour Lanterns"}';
        $recipe = '{"format": "keepshare/recipe", "name": "Six strips"}';
        $record = '{"format": "keepshare/record", "kit": "X"}';
        $asked = 'A packing list of 2 lines, for a new kit; 1 line will be asked about.';
        $table = 'A packing list as a table, for a new kit.';
        yield 'a list' => ['', $list, $asked, '/kits/list'];
        yield 'a list in a file' => ['list.txt', $list, $asked, '/kits/list'];
        yield 'a kit file' => ['hills.json', $kit, 'A kit file: Knitted Hills.', '/kits'];
        $escaped = '{"format":"keepshare\/kit","name":"Tea \u0026 thyme"}';
        yield 'a kit file of another program' => ['k.json', $escaped, 'A kit file: Tea & thyme.', '/kits'];
        yield 'what may be a kit' => ['k.json', '{"components": []}', 'A file that may be a kit.', '/kits'];
        yield 'a kit file that is pasted' => ['', $kit, 'A kit file: Knitted Hills.', '/kits'];
        yield 'a table' => ['list.csv', "Sort;Was;Zahl\npaper;Wave;2", $table, '/kits'];
        yield 'a table with our headers' => ['', "kind,name,count\npaper,Wave,2", $table, '/kits'];
        yield 'how many of what' => ['stock.csv', $stock, 'A packing list of 1 line, for a new kit.', '/kits/list'];
        yield 'a code' => ['', ' ORCHARD-12 ', 'A code of the kit post, for a new kit.', '/kit-post'];
        yield 'a share-out' => ['o.json', $shareOut, 'A share-out, to be compared.', '/kits/{kit}/share-out/read'];
        yield 'a recipe' => ['r.json', $recipe, 'A recipe of cards: Six strips.', '/kits/{kit}/recipes/read'];
        yield 'a record' => ['r.json', $record, 'What is remembered of cards.', '/kits/{kit}/tally/record'];
        yield 'a saved table' => ['all.zip', "PK\x03\x04\x14", 'A saved table. What is here stays.', '/safe/open'];
        yield 'a photograph' => ['p.jpg', "\xFF\xD8\xFF\xE0", 'A photograph. What does it show?', '/kits/{kit}/photographs'];
    }

    #[DataProvider('things')]
    public function test_it_is_said_what_would_be_done_with_it(string $name, string $start, string $says, string $address): void
    {
        $offer = $this->look($name, $start);

        self::assertSame([$says, $address], [$offer['says'] ?? null, $offer['choices'][0]['address'] ?? null]);
        self::assertSame(0, Kit::query()->count(), 'nothing is done yet');
    }

    public function test_noise_and_empty_pictures_are_refused(): void
    {
        self::assertNull($this->look('noise.bin', "\x00\x01\xFE\xFF"));
        self::assertNull($this->look('', "  \n "));
        self::assertNull($this->look('other.json', '{"name": "Something else"}'));
        self::assertSame('A new kit; its lines are written next.', $this->look('', 'Cloud Pasture')['says'] ?? '');
    }

    public function test_the_kit_that_is_begun_is_what_the_fields_say_and_faults_stand_at_theirs(): void
    {
        $list = "Cloud Pasture, 28.00, ten cards, A2\n10 bases";
        $this->post('/kits/list', ['list' => $list, 'cards' => 'many', 'front' => 'A2'])->assertSessionHasErrors('cards');
        $this->post('/kits/list', ['list' => $list, 'front' => 'wide'])->assertSessionHasErrors('front');
        $this->post('/kits/list', ['list' => $list, 'price' => 'a lot'])->assertSessionHasErrors('price');
        self::assertSame(0, Kit::query()->count());

        $said = ['list' => $list, 'name' => 'Pasture', 'cards' => '12', 'front' => '5 x 7', 'price' => '£31'];
        $this->post('/kits/list', $said)->assertSessionHasNoErrors();
        $kit = Kit::query()->sole();
        self::assertSame(['Pasture', 12, 3100, 'GBP'], [$kit->name, $kit->promised, $kit->price_minor, $kit->currency]);
        self::assertSame('5 × 7', $kit->front()->format($kit->unit));
        $this->post('/kits/list', ['list' => "Next, 20.00\n10 bases"])->assertSessionHasNoErrors();
        self::assertSame('GBP', Kit::query()->latest('id')->value('currency'), 'the currency used last');
    }

    public function test_a_price_without_a_currency_takes_that_of_the_reader(): void
    {
        $this->withHeader('Accept-Language', 'en-GB,en;q=0.8')->post('/kits/list', ['list' => "Tide, 20.00\n10 bases"]);

        self::assertSame('GBP', Kit::query()->sole()->currency);
    }

    public function test_a_table_of_how_many_of_what_is_read_as_a_list(): void
    {
        self::assertSame(
            "12x12 cardstock, cream x4\nred twine 3 yds\nbrads, large x10",
            Csv::asList("Qty,Item,Note\n4,\"12x12 cardstock, cream\",\n3 yds,red twine,\n10,brads,large\n"),
        );
        self::assertSame(
            'A packing list of 2 lines, for a new kit.',
            $this->look('', "Qty,Item,Note\n4,\"12x12 cardstock, cream\",\n3 yds,red twine,\n")['says'] ?? '',
        );
        self::assertSame("kind,name,qty\npaper,Wave,2", Csv::asList("kind,name,qty\npaper,Wave,2"));
        self::assertSame('12 papers, 6x6', Csv::asList('12 papers, 6x6'));
    }

    public function test_how_a_list_is_written_is_one_page(): void
    {
        $html = $this->props('/how-to-write-a-list')['html'];

        self::assertStringContainsString('<h1>How to write a list</h1>', $html);
        self::assertGreaterThan(30, substr_count($html, '<tr>'));
    }

    public function test_the_command_says_what_is_left_over_and_the_sums(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'list');
        file_put_contents((string) $file, "Die cuts (9 pieces)\newe x4\nlamb x4\nMetal dies: nested ovals (4), leaf\n");
        Artisan::call('kit:read', ['file' => $file, '--json' => true]);
        $lines = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR)['lines'];

        self::assertSame(['said' => 9, 'understood' => 8], $lines[0]['sum']);
        self::assertSame(['4'], $lines[3]['left_over']);
        self::assertSame(['ewe'], $lines[1]['components']);
    }

    /** @return array<string, mixed>|null */
    private function look(string $name, string $start): ?array
    {
        $file = UploadedFile::fake()->createWithContent('start', $start);

        $sent = $name === '' ? ['text' => $start] : ['name' => $name, 'start' => $file];

        return $this->post('/kits/look', $sent)->assertOk()->json('offer');
    }
}
