<?php

namespace Tests\Core;

use KeepShare\Core\Cut\File\BadCutOrder;
use KeepShare\Core\Cut\File\CutOrder;
use KeepShare\Core\Json\BadJson;
use KeepShare\Core\Json\JsonText;
use KeepShare\Core\Kit\BadKit;
use KeepShare\Core\Kit\KitFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** Files from outside: where they are not JSON, and what they must not contain. */
final class JsonTextTest extends TestCase
{
    /** @return array<string, array{string, int, int, string}> the text, line and column of what is wrong, and what is expected there */
    public static function faults(): array
    {
        return [
            'nothing' => ['', 1, 1, 'a value'],
            'a comma too many' => ["{\n  \"a\": [1, 2,],\n}", 2, 14, 'a value'],
            'a comma at the end' => ["{\n  \"a\": 1,\n}", 3, 1, 'a name in quotes'],
            'no comma' => ["{\n  \"a\": 1\n  \"b\": 2\n}", 3, 3, 'a comma or the end of the object'],
            'no colon' => ['{"a" 1}', 1, 6, 'a colon'],
            'a name without quotes' => ['{a: 1}', 1, 2, 'a name in quotes or the end of the object'],
            'single quotes' => ["['x']", 1, 2, 'a value or the end of the list'],
            'not closed' => ["[1,\n [2, 3]", 2, 8, 'a comma or the end of the list'],
            'closed otherwise' => ['[1}', 1, 3, 'a comma or the end of the list'],
            'more after the end' => ['{} {}', 1, 4, 'nothing more'],
            'an umlaut before it' => ['["äöü" 1]', 1, 8, 'a comma or the end of the list'],
            'a number with a leading nought' => ['[01]', 1, 2, 'a value or the end of the list'],
            'a word' => ['[yes]', 1, 2, 'a value or the end of the list'],
        ];
    }

    #[DataProvider('faults')]
    public function test_text_that_is_not_json_is_refused_with_its_place(string $json, int $line, int $column, string $expected): void
    {
        $this->expectExceptionObject(BadJson::at($line, $column, $expected));
        JsonText::read($json, 20);
    }

    public function test_all_json_is_read_and_for_cut_off_json_the_place_is_named(): void
    {
        $json = Kits::json('harbour-lanterns');
        self::assertSame(json_decode($json, true), JsonText::read("\u{FEFF}$json", 40));
        for ($length = 1; $length < strlen($json) - 2; $length += 97) {
            try {
                JsonText::read(substr($json, 0, $length), 40);
                self::fail('Half a file was read.');
            } catch (BadJson $wrong) {
                self::assertStringContainsString('in line '.(1 + substr_count(substr($json, 0, $length), "\n")), $wrong->getMessage());
            }
        }
        $this->expectExceptionMessage('more than 3 brackets');
        JsonText::read('[[[[1]]]]', 3);
    }

    public function test_a_kit_file_may_begin_with_a_byte_order_mark(): void
    {
        $json = Kits::json('harbour-lanterns');

        self::assertEquals(KitFile::read($json), KitFile::read("\u{FEFF}$json"));
    }

    public function test_names_that_cannot_be_seen_are_refused(): void
    {
        foreach (['\u200b\u200b', 'Line\u0007 bell', '\u00ad'] as $name) {
            $json = preg_replace('/"name": "[^"]*"/', '"name": "'.addcslashes($name, '\\').'"', Kits::json('stash'), 1);
            try {
                KitFile::read(str_replace('\\\\u', '\\u', (string) $json));
                self::fail("It was read: $name");
            } catch (BadKit $wrong) {
                self::assertStringContainsString('cannot be seen', $wrong->getMessage());
            }
        }
        $family = str_replace('"Stash"', '"Ours 👩‍👧"', Kits::json('stash'));
        self::assertNotSame('', KitFile::read($family)->name, 'what is joined of several signs is a name');
    }

    public function test_a_sheet_that_nobody_has_is_refused_at_its_size(): void
    {
        $order = static fn (string $side): string => (string) json_encode([
            'format' => 'keepshare/cut-order',
            'version' => 1,
            'unit' => 'in',
            'sheets' => [['id' => 'a', 'paper' => 'p', 'width' => $side, 'height' => '300', 'count' => 2_000]],
            'pieces' => [['id' => 'x', 'paper' => 'p', 'width' => '4', 'height' => '5', 'count' => 1, 'turn' => true]],
        ]);
        CutOrder::read($order('300'));

        $this->expectException(BadCutOrder::class);
        $this->expectExceptionMessage('sheets[0].width: 3900 in is longer than 300 in.');
        CutOrder::read($order('3900'));
    }
}
