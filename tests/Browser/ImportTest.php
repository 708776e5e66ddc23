<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

final class ImportTest extends BrowserTestCase
{
    public function test_a_kit_of_ones_own_is_brought_in(): void
    {
        $kit = str_replace(
            '"name": "Knitted Hills"',
            '"name": "<b onclick=alert(1)>Tea & Thyme</b>"',
            (string) file_get_contents(Support\Table::root().'/database/demo/knitted-hills.json'),
        );
        $this->open('/');
        $this->upload($this->table->file('mine.json', $kit));
        $this->see('A kit file:');
        $this->click('button', 'Bring in the file');
        $this->see('Nothing has been counted yet');
        $this->see('<b onclick=alert(1)>Tea & Thyme</b>');

        self::assertSame(5, (int) $this->table->value('select count(*) from kits'));
        $this->open('/');
        $this->click('button', 'Undo: Bring in');
        $this->see('A new kit');
        $this->holds(4, 'select count(*) from kits');
        $this->assertQuiet();
    }

    public function test_a_kit_is_begun_from_a_pasted_list_and_shared_out_by_keyboard(): void
    {
        $this->open('/');
        $this->typeInto('#brought', "Cloud Pasture, $28.00, 6 cards, A2\n"
            ."8 sheets 6x6 double-sided, 2 each of 4: clover/stripe, sheep/dots, sky/gingham, moss/chevron\n"
            ."6 cardstock 8.5x11: 3 oat, 3 barn red\ndie cuts: lamb, fox, bird, \"hello you\", \"happy birthday\" x2, tag\n"
            ."6 A2 card bases with envelopes\nfoam squares x40\nzzz 7 of 9");
        $this->see('A packing list of 6 lines, for a new kit; 1 line will be asked about.');
        self::assertSame('28.00 USD', $this->element('#about-price')->getAttribute('value'));
        $this->open('/');
        $this->see('A packing list of 6 lines');
        $this->typeInto('#about-price', 'a lot');
        $this->click('button', 'Begin a kit with it');
        $this->see('Write the price as in 28.00, or $28.00.');
        $this->typeInto('#about-price', '31.50');
        $this->click('button', 'Begin a kit with it');
        $this->see('Cloud Pasture is begun: 6 cards, A2.');
        $this->holds(3150, "select price_minor from kits where name = 'Cloud Pasture' and currency = 'USD'");
        $this->see('15 things understood; 1 line not.');
        $this->click('button', 'Add the 15 that are understood');
        $this->holds(15, "select count(*) from components where kit_id = (select id from kits where name = 'Cloud Pasture')");
        $this->see('zzz 7 of 9');
        $this->open((string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH));
        $this->see('zzz 7 of 9');
        $this->click('button', 'One line at a time');
        $this->click('a', 'Share out: up to');
        $this->see('Nothing is shared out yet');
        $this->click('button', 'As many as possible');
        $many = "select count(*) from cards where kit_id = (select id from kits where name = 'Cloud Pasture')";
        $this->holds(3, $many);
        $this->see('some cards without words: 3 more');
        $this->assertQuiet();
    }

    public function test_a_table_and_a_kit_file_may_be_pasted_as_well(): void
    {
        $this->open('/');
        $this->typeInto('#brought', "kind,name,count,width,height\nenvelope,White,4,4 3/8,5 3/4");
        $this->see('A packing list as a table, for a new kit.');
        $this->click('button', 'Look at its columns');
        $this->see('1 line, all of them good');

        $kit = ['format' => 'keepshare/kit', 'version' => 1, 'name' => 'Pasted', 'unit' => 'ell', 'components' => []];
        $this->open('/');
        $this->typeInto('#brought', (string) json_encode($kit));
        $this->see('A kit file: Pasted.');
        $this->click('button', 'Bring in the file');
        $this->see('Nothing was brought in.');
        self::assertStringContainsString('"Pasted"', (string) $this->element('#brought')->getAttribute('value'), 'what was pasted stays');
    }

    public function test_what_is_half_written_is_there_after_leaving_and_loading_again(): void
    {
        $this->open('/');
        $this->typeInto('#brought', "Half a list\n3 oat");
        $this->open('/kits/1/add');
        $this->typeInto('#line', '12 pap');
        $this->open('/kits/1/check');
        $this->typeInto('[aria-label="Wave: size"]', '6 by');
        $this->press(WebDriverKeys::TAB);
        $this->see('Write both sides, such as 6 x 6.');
        $stands = fn (string $field): string => (string) $this->element($field)->getAttribute('value');
        $this->open('/');
        self::assertSame("Half a list\n3 oat", $stands('#brought'));
        $this->open('/kits/1/add');
        self::assertSame('12 pap', $stands('#line'));
        $this->open('/kits/1/check');
        self::assertSame('6 by', $stands('[aria-label="Wave: size"]'));
        $this->typeInto('[aria-label="Fish scale: name"]', 'Scales');
        $this->press(WebDriverKeys::TAB);
        $this->holds(1, "select count(*) from components where name = 'Scales'");
        self::assertSame('6 × 6', $stands('[aria-label="Wave: size"]'), 'with another act done it is as it is in force');
    }

    public function test_a_bad_kit_is_refused_by_the_field_with_every_place(): void
    {
        $data = json_decode((string) file_get_contents(Support\Table::root().'/database/demo/harbour-lanterns.json'), true);
        $data['components'][0]['count'] = -2;
        $data['components'][3]['size']['width'] = '24 1/2';
        $data['components'][9]['id'] = 'wave';
        $this->open('/');
        $this->upload($this->table->file('bad.json', (string) json_encode($data)));
        $this->see('A kit file: Harbour Lanterns.');
        $this->click('button', 'Bring in the file');

        $this->see('Nothing was brought in. 3 things are wrong:');
        $this->see('components[0].count: -2 is less than none.');
        $this->see('components[3].size.width: 24 1/2 in is longer than 24 in.');
        $this->see('components[9].id: "wave" is the id of components[0] already.');
        self::assertSame(4, (int) $this->table->value('select count(*) from kits'));
    }

    public function test_ten_megabytes_are_refused_before_they_are_sent(): void
    {
        $this->open('/');
        $this->upload($this->table->file('noise.json', random_bytes(10_000_000)));
        $this->see('Keep Share does not know this kind of file.');
        $this->click('button', 'Another');
        $this->upload($this->table->file('large.json', '{"format": "keepshare/kit", "name": "Large", '.str_repeat(' ', 10_000_000)));
        $this->see('A kit file: Large.');
        $this->click('button', 'Bring in the file');
        $this->see('The file is larger than 2 MB.');
        self::assertSame(4, (int) $this->table->value('select count(*) from kits'));
    }
}
