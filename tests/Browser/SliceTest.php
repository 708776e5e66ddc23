<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** From the packing list to bonus cards, as a cardmaker does it. */
final class SliceTest extends BrowserTestCase
{
    public function test_the_whole_slice_by_mouse(): void
    {
        $this->open('/');
        $this->click('a', 'Harbour Lanterns');
        $this->see('2 lines differ from the packing list: Fish scale, 1 of 2; Gull, 1 of 2.');
        self::assertSame(13, $this->howMany('[data-component] figcaption') / 2, 'twelve papers and a panel with both faces');
        self::assertEqualsWithDelta(
            34.9 * 96 / 25.4,
            $this->element('[data-component="Wave"] svg')->getSize()->getWidth(),
            1,
            'at true scale',
        );

        $this->click('a', 'Share out');
        $this->typeInto('#cards', '10');
        $this->click('button', 'Share out');
        $this->see('10 cards from a kit for 10.');
        self::assertSame(10, $this->howMany('thead svg.front'));
        self::assertSame(
            '0 0 107.95 139.7',
            $this->element('thead svg.front')->getAttribute('viewBox'),
            'the face is drawn from exact sizes',
        );
        self::assertSame(10, (int) $this->table->value('select count(*) from cards'));
        $this->see('What is left gives 10 more; the one after needs one more base.');

        $this->click('a', 'Cut');
        $this->see('Wave, sheet 1 of 2');
        $this->see('Cut 1 of');
        $this->click('button', 'Cut 2');
        $this->see('Cut 2 of');
        $this->see('on its back.');
        $this->click('button', 'Mark the sheet as cut');
        $this->see("1 of {$this->sheets()} cut.");
        self::assertSame(1, (int) $this->table->value("select count(*) from sheets where state = 'cut'"));

        $this->click('a', 'Keep');
        $this->see('10 bonus cards');
        $this->see('The one after needs one more base.');
        $this->click('button', 'Add card 11');
        $this->see('9 bonus cards');
        self::assertSame('11', (string) $this->table->value('select number from cards where is_bonus'));

        $this->click('a', 'Tally');
        $this->see('$3.14 a card');
        $this->see('10 promised, 1 of them bonus cards');
        $this->see('Heavy white 1 piece');

        $this->click('button', 'Undo');
        $this->holds(10, 'select count(*) from cards');
        $this->see('Nothing: the kit alone.');
        $this->assertQuiet();
    }

    public function test_the_whole_slice_by_keyboard(): void
    {
        $this->open('/kits/2');
        $this->see('Knitted Hills');
        $this->press('3');
        $this->see('Nothing is shared out yet');
        $this->press('n');
        $this->press('4', WebDriverKeys::ENTER);
        $this->see('4 cards from a kit for 6.');

        while ($this->browser->switchTo()->activeElement()->getAttribute('role') !== 'gridcell') {
            $this->press(WebDriverKeys::TAB);
        }
        $this->press(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_RIGHT);
        self::assertSame('2/1', $this->browser->switchTo()->activeElement()->getAttribute('data-cell'));
        self::assertStringStartsWith(
            'Card 2 takes',
            (string) $this->browser->switchTo()->activeElement()->getAttribute('aria-label'),
        );
        self::assertStringContainsString(
            (string) $this->browser->switchTo()->activeElement()->getAttribute('aria-label'),
            $this->text(),
            'the foot line says what is in the cell in hand',
        );

        $this->press('4');
        $this->see('Cable, sheet 1 of 2');
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->see('Fair Isle, sheet 1 of 2');
        $this->press('c');
        $this->holds(1, "select count(*) from sheets where state = 'cut'");

        $this->press('6');
        $this->see('what it takes');
        $this->press('a');
        $this->see('Share out 5 cards');
        $this->press('7');
        $this->see('6 promised, 1 of them bonus cards');
        $this->press('z');
        $this->see('Share out 4 cards');
        $this->press('Z');
        $this->see('Share out 5 cards');
        $this->holds(5, 'select count(*) from cards');

        $this->press('?');
        $this->see('Undo the last action');
        $this->press(WebDriverKeys::ESCAPE, '0');
        $this->see('Kits on the shelf');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_all_of_it_survives_a_restart(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/cut');
        $this->press('c');
        $this->see("1 of {$this->sheets()} cut.");

        $this->table->restart();
        $this->open('/kits/1/share-out');
        $this->see('10 cards from a kit for 10.');
        $this->click('button', 'Undo');
        $this->see("0 of {$this->sheets()} sheets");
    }

    public function test_what_is_typed_wrongly_stays_and_is_answered_at_its_field(): void
    {
        $this->open('/kits/1/share-out');
        $this->typeInto('#cards', 'two');
        $this->click('button', 'Share out');
        $this->see('Write how many cards, from 1 to 200, or max');

        self::assertSame('two', $this->element('#cards')->getAttribute('value'));
        self::assertSame('cards-fault', $this->element('#cards')->getAttribute('aria-describedby'));
        self::assertSame(0, (int) $this->table->value('select count(*) from solves'));
    }

    public function test_the_evening_theme_stays(): void
    {
        $this->open('/');
        $this->press('e');
        $this->open('/kits/1');
        $this->see('Harbour Lanterns');

        self::assertSame('evening', $this->element('html')->getAttribute('data-theme'));
    }

    /** How many sheets the share-out needs cut. */
    private function sheets(): int
    {
        return (int) $this->table->value('select count(*) from cut_plans');
    }
}
