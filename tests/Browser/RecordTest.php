<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use ZipArchive;

/** The whole kit on the table, and which papers match. */
final class RecordTest extends BrowserTestCase
{
    public function test_a_whole_kit_is_counted_by_keyboard_with_two_differences(): void
    {
        $this->open('/kits/2/count');
        $this->see('31 of 31 lines to count.');
        $lines = $this->browser->executeScript(
            "return [...document.querySelectorAll('input[id^=count-]')].map((field) => field.getAttribute('aria-label'))",
        );
        foreach (is_array($lines) ? $lines : [] as $line) {
            $typed = match (strtok($line, ':')) {
                'Cable' => '1',
                'Sheep' => '3',
                'Mitten' => '1',
                default => '',
            };
            $this->press($typed, WebDriverKeys::ENTER);
        }
        $this->press('=');
        $this->see('Every line is counted.');

        $this->holds(0, 'select count(*) from components where kit_id = 2 and not is_counted');
        $this->holds(
            1,
            "select sum(delta) from ledger_entries join components on components.id = component_id where kit_id = 2 and key = 'cable'",
        );
        $this->holds(
            3,
            "select sum(delta) from ledger_entries join components on components.id = component_id where kit_id = 2 and key = 'sheep'",
        );
        $this->see('- Cable: 1 missing (listed: 2)');
        $this->see('- Sheep: 1 more than listed (listed: 2)');
        $this->see('counted');
        $this->assertQuiet();
    }

    public function test_fewer_with_a_reason_by_mouse_and_undone(): void
    {
        $this->open('/kits/1/count');
        $this->typeInto('[aria-label="Wave: how many are there"]', '1');
        $this->press(WebDriverKeys::ENTER);
        $this->see('- Wave: 1 missing (listed: 2)');
        $this->choose('select[aria-label="Why fewer Wave"]', 'bent');
        $this->see('- Wave: 1 bent or damaged (listed: 2)');
        $this->typeInto('input[aria-label="Note on Wave"]', 'coffee');
        $this->press(WebDriverKeys::TAB);
        $this->see('- Wave: 1 bent or damaged (listed: 2), coffee');
        $this->holds(1, "select count(*) from ledger_entries where reason = 'damaged' and note = 'coffee'");
        $this->typeInto('[aria-label="Wave: how many are there"]', '2');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(0, "select count(*) from ledger_entries where reason = 'damaged' and note = 'coffee'");
        self::assertStringNotContainsString('- Wave', $this->text(), 'a recount takes the place of what was said before');
        $this->holds(
            2,
            "select sum(delta) from ledger_entries join components on components.id = component_id where kit_id = 1 and key = 'wave'",
        );
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_count_below_what_cards_need_makes_rows_short_without_counting_cut_pieces(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/count');
        $this->typeInto('[aria-label="A2 base, ivory: how many are there"]', '9');
        $this->press(WebDriverKeys::ENTER);
        $this->see('1 card is without A2 base, ivory now. Its row on Share out shows the ways out.');
        $this->holds(
            9,
            "select sum(delta) from ledger_entries join components on components.id = component_id where kit_id = 1 and key = 'base'",
        );

        $this->open('/kits/1/cut');
        $this->press('c');
        $this->holds(1, "select count(*) from sheets where is_whole and state = 'cut'");
        $cut = $this->table->value(
            "select c.id || ' ' || c.name from sheets s join components c on c.id = s.component_id where s.is_whole and s.state = 'cut'",
        );
        [$id, $name] = explode(' ', is_string($cut) ? $cut : '', 2);
        $this->open('/kits/1/count');
        $this->typeInto("#count-$id", '0');
        $this->press(WebDriverKeys::ENTER);
        $this->see("- $name: 1 missing");
        $this->holds(0, "select sum(delta) from ledger_entries where component_id = $id");
        $this->holds(1, "select count(*) from sheets where is_whole and state = 'cut'");
        $this->assertQuiet();
    }

    public function test_two_browsers_counting_one_kit(): void
    {
        $this->open('/kits/1/count');
        $this->see('lines to count');
        $first = $this->browser->getWindowHandle();
        $this->openBeside('/kits/1/count', false);
        $this->typeInto('[aria-label="Wave: how many are there"]', '1');
        $this->press(WebDriverKeys::ENTER);
        $this->see('- Wave: 1 missing');

        $this->browser->switchTo()->window($first);
        $this->typeInto('[aria-label="Wave: how many are there"]', '5');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Another tab has counted Wave since: 1.');
        self::assertSame(
            '5',
            $this->element('[aria-label="Wave: how many are there"]')->getAttribute('value'),
            'what was typed stays',
        );
        $this->holds(
            1,
            "select sum(delta) from ledger_entries join components on components.id = component_id where kit_id = 1 and key = 'wave'",
        );
    }

    public function test_saving_everything_is_one_act_that_ends_in_the_file(): void
    {
        $folder = sys_get_temp_dir().'/keepshare-saved-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            $this->devTools('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $folder]);
            $this->open('/safe');
            $this->see('Save everything');
            $this->press('s');
            $this->until(static fn (): bool => glob("$folder/*.zip") !== [], 'No file comes.');
            $zip = new ZipArchive;
            self::assertTrue($zip->open(glob("$folder/*.zip")[0] ?? ''));
            self::assertGreaterThan(1, $zip->count());
            $this->see('.zip again');
            $this->assertQuiet();
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    public function test_a_line_is_typed_understood_and_added(): void
    {
        $this->open('/kits/1/add');
        $this->typeInto('#line', 'papers 6x6 two');
        $this->see('Are that 2 designs, or 2 sheets of one?');
        self::assertSame('two', $this->element('mark')->getText());
        $this->typeInto('#line', '2 papers 6x6 x2 "dusk / dawn" busy|calm');
        $this->see('paper · Dusk / dawn 2: 2 sheets, 6 × 6 in, dusk (busy) / dawn (calm)');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(2, "select count(*) from components where name like 'Dusk /%'");
        $this->holds(
            4,
            "select count(*) from sheets join components on components.id = component_id where name like 'Dusk /%'",
        );
        $this->until(
            fn (): bool => $this->element('#line')->getAttribute('value') === '',
            'The line is not cleared for the next.',
        );
    }

    public function test_a_pasted_list_is_shown_line_by_line_and_kept_and_what_is_not_understood_stays(): void
    {
        $this->open('/kits/1/add');
        $this->press('l');
        $this->element('#list')->sendKeys("Cardstock (8.5x11):\n- 2 heron\n- 3 dusk, heavy\npearls\n5 yds satin ribbon, 1/4in wide");
        $this->see('3 things understood; 1 line not');
        $this->see('Heron: 2 sheets, 8 1/2 × 11 in');
        $this->see('How many are there?');
        $this->click('button', 'Add the 3 that are understood');
        $this->holds(3, "select count(*) from components where name in ('Heron', 'Dusk', 'Satin ribbon 1/4in wide')");
        $this->holds(5, "select count(*) from sheets join components on components.id = component_id where name in ('Heron', 'Dusk')");
        $this->see('0 things understood; 1 line not');
        self::assertSame("Cardstock (8.5x11):\npearls", $this->element('#list')->getAttribute('value'), 'it stays, to be mended');
        $this->assertQuiet();
    }

    public function test_a_packing_list_with_another_header(): void
    {
        $this->open('/');
        $this->upload(
            $this->table->file(
                'mine.csv',
                "Sort;Was;Stueck;Breite;Hoehe\nenvelope;White;4;4 3/8;5 3/4\nbase;Base;zwei;4 1/4;5 1/2\n",
            ),
        );
        $this->see('A packing list as a table, for a new kit.');
        $this->click('button', 'Look at its columns');
        $this->see('Which column is which?');
        foreach (
            [
                'kind' => 'Sort (envelope)',
                'name' => 'Was (White)',
                'count' => 'Stueck (4)',
                'width' => 'Breite (4 3/8)',
                'height' => 'Hoehe (5 3/4)',
            ] as $ours => $theirs
        ) {
            $this->named('label', $ours)
                ->findElement(WebDriverBy::xpath(".//select/option[normalize-space(.) = '$theirs']"))
                ->click();
        }
        $this->click('button', 'Show the lines');
        $this->see('2 lines, 1 with a problem');
        $this->see('line 3.count: expected a whole number');
        self::assertSame(4, (int) $this->table->value('select count(*) from kits'));

        $this->open('/');
        $this->upload(
            $this->table->file(
                'mended.csv',
                "Sort;Was;Stueck;Breite;Hoehe\nenvelope;White;4;4 3/8;5 3/4\nbase;Base;2;4 1/4;5 1/2\n",
            ),
        );
        $this->see('A packing list as a table, for a new kit.');
        $this->click('button', 'Look at its columns');
        $this->see('2 lines, all of them good');
        $this->click('button', 'Bring in 2 lines');
        $this->see('Nothing has been counted yet');
        $this->holds(5, 'select count(*) from kits');
        $this->assertQuiet();
    }

    public function test_the_kit_post_answers_and_is_missed_when_it_is_down(): void
    {
        $this->open('/');
        $this->see('a stand-in that ships with Keep Share');
        $this->typeInto('#brought', 'TRAMLINE-3');
        $this->see('A code of the kit post, for a new kit.');
        $this->click('button', 'Ask the kit post');
        $this->see('Night Tram');
        $this->holds(5, 'select count(*) from kits');

        $this->open('/');
        $this->typeInto('#brought', 'GARBLED-1');
        $this->see('A code of the kit post, for a new kit.');
        $this->click('button', 'Ask the kit post');
        $this->see('The kit post answered with something that is no kit');
        $this->table->silenceTheKitPost();
        $this->click('button', 'Ask the kit post');
        $this->see('The kit post does not answer');
        self::assertSame('GARBLED-1', $this->element('#brought')->getAttribute('value'));
    }

    public function test_a_photograph_becomes_the_swatch(): void
    {
        $image = imagecreatetruecolor(900, 900);
        imagefill($image, 0, 0, 0x24414F);
        imagefilledrectangle($image, 0, 0, 400, 900, 0xE9D3A2);
        ob_start();
        imagejpeg($image);
        $this->open('/kits/1');
        $this->click('a', 'Looks of Wave');
        $this->see('Looks of this face');
        $this->upload($this->table->file('sheet.jpg', (string) ob_get_clean()));
        $this->click('button', 'Read its looks');
        $this->see('of 100 for busyness');
        $this->click('button', 'Save these looks');
        $this->holds(1, 'select count(*) from photos');
        $this->open('/kits/1');
        $this->see('Wave');
        self::assertSame(
            1,
            (int) $this->browser->executeScript(
                "return document.querySelectorAll('pattern[id=\"surface-c1-0\"] image').length",
            ),
        );
        self::assertStringNotContainsString(
            'dbe9ee',
            (string) $this->table->value('select details from components where id = 1'),
            'its colours are those of the picture',
        );
        $this->assertQuiet();
    }

    public function test_papers_are_flipped_paired_and_kept_as_a_palette_by_keyboard(): void
    {
        $this->open('/kits/1/pair');
        $this->see('Wave calm');
        $this->press('f');
        $this->see('Sea glass calm');
        $this->press('c', 'p', WebDriverKeys::ARROW_RIGHT, 'p', WebDriverKeys::ARROW_RIGHT, 't', 'p');
        self::assertSame(4, $this->howMany('aside svg[role=img]'));
        $this->typeInto('#palette-name', 'Shallows');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(1, 'select count(*) from palettes');
        $this->see('1 palette');
        self::assertContains('c1/1', (array) json_decode((string) $this->table->value('select surfaces from palettes')));

        $this->click('button', 'Remove');
        $this->holds(0, 'select count(*) from palettes');
        $this->press('z');
        $this->holds(1, 'select count(*) from palettes');
        $this->assertQuiet();
    }

    public function test_a_kit_is_started_by_hand_put_away_and_deleted_with_undo(): void
    {
        $this->open('/');
        $this->click('button', 'Start an empty kit instead');
        $this->click('button', 'Start this kit');
        $this->see('Give the kit a name');
        $this->typeInto('#kit-name', 'Odds and ends');
        $this->typeInto('#kit-front_width', 'wide');
        $this->click('button', 'Start this kit');
        $this->see('"wide" is not a measure.');
        self::assertSame('Odds and ends', $this->element('#kit-name')->getAttribute('value'));
        $this->typeInto('#kit-front_width', '4 1/4');
        $this->click('button', 'Start this kit');
        $this->see('One component a line');

        $this->click('a', 'About the kit');
        $this->click('button', 'Put away');
        $this->see('Odds and ends, put away');
        $this->click('a', 'Odds and ends');
        $this->click('a', 'About the kit');
        $this->click('button', 'Delete');
        $this->holds(1, 'select count(*) from kits where is_deleted');
        $this->click('button', 'Undo: Delete');
        $this->holds(0, 'select count(*) from kits where is_deleted');
        $this->see('Odds and ends, put away');
    }

    public function test_the_ladder_is_worked_out_while_typing_and_the_last_good_one_stays(): void
    {
        $this->open('/kits/1/measures');
        $this->see('3 3/4 × 5 in');
        $this->typeInto('form label:nth-of-type(3) input', '1/4');
        $this->see('layer 1 3 3/4 × 5 in');
        $this->typeInto('form label:nth-of-type(3) input', '1/16, 1/16');
        $this->see('layer 2 4 × 5 1/4 in');
        // Typed over the old value. If the field were cleared first, the ladder without reveals would be the last valid
        // one.
        $this->element('form label:nth-of-type(3) input')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('3');
        $this->see('Nothing is left of layer 1');
        $this->see('layer 2 4 × 5 1/4 in');

        $this->click('a', 'Sketches');
        $this->see('58 sketches on A2');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->see('The middle 2 3/4 × 4 in can be cut out and used');
        $this->press('l');
        $this->see('5 1/2 × 4 1/4 in');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_card_is_opened_from_the_grid_and_leafed_through(): void
    {
        $this->sharedOut();
        $this->click('a', 'Card 1 birthday');
        $this->see('The stack, from the side');
        $this->see('Nothing is missing.');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->see('Card 2, thank you');
        $this->assertQuiet();
    }
}
