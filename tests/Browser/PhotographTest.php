<?php

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use Tools\Bench\DrawnTable;

/** From a photograph of eight pieces to components on cards, by keyboard. */
final class PhotographTest extends BrowserTestCase
{
    public function test_a_photograph_of_eight_pieces_becomes_components_on_cards(): void
    {
        $photo = DrawnTable::ofEight()->jpeg(sys_get_temp_dir().'/keepshare-eight-'.getmypid().'.jpg');
        $this->open('/kits/1/photographs');
        $this->element('#pieces-file')->setFileDetector(new LocalFileDetector)->sendKeys($photo);
        $this->browser->executeScript('document.querySelector("#pieces-file").focus()');
        $this->press(WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->see('What is each of them?');
        unlink($photo);
        $this->see('Measured by piece');
        $this->see('2 of the same picture');
        $this->see('Save 7 pieces');

        // Each piece is named on the way down the list. Enter goes to the next.
        $this->press('c', WebDriverKeys::ENTER, 'c', 'a', 'k', 'e', WebDriverKeys::ENTER);
        $this->holds(1, "select count(*) from photographs where edits like '%cake%'");
        $this->see('die cut · Cake: ');
        $fields = $this->howMany('[data-column=said]');
        self::assertSame(7, $fields);
        $this->press('lace tape 2in', WebDriverKeys::ENTER);
        $this->see('What is cut out of a photograph is a die cut, a sticker or a layered picture.');
        $this->press(WebDriverKeys::ESCAPE, 'k');
        $this->see('What is cut out of a photograph is a die cut, a sticker or a layered picture.');
        $this->holds(0, 'select count(*) from photos');
        $this->press(WebDriverKeys::ESCAPE, 'x');
        $this->see('is removed.');
        $this->press('k');
        $this->see('6 pieces are saved, each with its picture.');
        $this->holds(6, 'select count(*) from photos');

        $this->open('/kits/1/share-out');
        $this->press('s');
        $this->see('10 cards from a kit for 10');
        $this->holds(1, 'select count(*) > 0 from takings join photos on photos.component_id = takings.component_id');
        self::assertGreaterThan(0, $this->howMany('svg image[href^="/photos/"]'), 'A photographed piece is drawn as itself.');
        $this->assertQuiet();
    }

    public function test_a_corner_is_moved_and_two_are_parted_by_keyboard_and_taken_back(): void
    {
        $table = new DrawnTable;
        $table->rectangle(66, 85, 107.95, 139.7, 0xFFFDF8, 3);
        $table->round(190, 70, 44, 0x2B6B5A);
        $table->round(232, 70, 44, 0xB03040);
        $photo = $table->jpeg(sys_get_temp_dir().'/keepshare-two-'.getmypid().'.jpg');
        $this->open('/kits/1/photographs');
        $this->element('#pieces-file')->setFileDetector(new LocalFileDetector)->sendKeys($photo);
        $this->click('button', 'Find the pieces');
        $this->see('These may be two pieces that touch. Separate them.');
        unlink($photo);
        $this->see('Save 1 piece');
        $this->press('c', 'p');
        $this->see('Save 2 pieces');
        $this->press('z');
        $this->see('Save 1 piece');
        $this->press('l', WebDriverKeys::ENTER);
        $this->see('Save 2 pieces');
        $before = $this->text();
        $this->browser->executeScript('document.querySelector(".handle").focus()');
        $this->press(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->holds(1, "select count(*) from photographs where edits like '%handles%'");
        self::assertNotSame('', $before);
        $this->press('z');
        $this->holds(0, "select count(*) from photographs where edits like '%handles%'");
        $this->assertQuiet();
    }
}
