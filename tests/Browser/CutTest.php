<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** The cutting table by keyboard: cut by cut, a wrong cut, undo. */
final class CutTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_sheets_are_cut_by_keyboard_and_a_wrong_cut_is_planned_again(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/cut');
        $this->see('0 of 23 cut.');
        $cuts = $this->howMany('aside ol li');
        $this->press('d');
        $this->see($cuts > 1 ? 'The part you are cutting' : '1 of 23 cut.');
        $this->holds(1, "select count(*) from sheets where state = 'cut'");
        for ($n = 1; $n < $cuts; $n++) {
            $before = (int) $this->table->value("select count(*) from sheets where state = 'cut'");
            $this->press('d');
            $this->holds($before + 1, "select count(*) from sheets where state = 'cut'");
        }
        $this->see('1 of 23 cut.');

        $this->press('w');
        $this->see('What happened to the part you are cutting?');
        $this->press('40', WebDriverKeys::ENTER);
        $this->see('the cut went somewhere between');
        $this->typeInto('.where input', '1/2');
        $this->press(WebDriverKeys::ENTER);
        $this->see('The plan from here');
        $this->press(WebDriverKeys::ESCAPE);
        $this->see('Report a mistake');
        $this->holds(0, "select count(*) from acts where name like 'A cut of % went wrong'");

        $this->press('w');
        $this->see('What happened to the part you are cutting?');
        $this->press('1/2', WebDriverKeys::ENTER);
        $this->see('The plan from here');
        $this->press('a');
        $this->see('Planned again.');
        $this->holds(1, "select count(*) from acts where name like 'A cut of % went wrong' and not is_undone");
        $this->click('button', 'Undo');
        $this->holds(1, "select count(*) from acts where name like 'A cut of % went wrong' and is_undone");

        $this->click('summary', 'Bags');
        $this->click('button', 'spoiled: ');
        $this->see('The plan from here');
        $this->click('button', 'Accept the plan');
        $this->see('Planned again.');
        $this->holds(1, "select count(*) from sheets where state = 'spoiled' and not is_whole");
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_one_card_is_cut_by_itself(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/cut');
        $this->see('0 of 23 cut.');
        $this->press('b');
        $this->choose('.for select', 'card 2');
        $this->see('Mark all for card 2 as cut');
        for ($n = 0; $n < 12 && ! str_contains($this->text(), 'All pieces of card 2 are cut'); $n++) {
            $before = (int) $this->table->value('select count(*) from takings where sheet_id is not null');
            $this->press('c');
            $this->until(
                fn (): bool => (int) $this->table->value(
                    'select count(*) from takings where sheet_id is not null',
                ) > $before,
            );
            $this->until(
                fn (): bool => str_contains($this->text(), 'All pieces of card 2 are cut')
                    || $this->howMany('aside .acts button[disabled]') === 0,
            );
        }
        $this->see('All pieces of card 2 are cut');
        $this->holds(
            0,
            'select count(*) from takings t join cards c on c.id = t.card_id '
                .'where c.number = 2 and t.width is not null and t.sheet_id is null',
        );
        $this->holds(0, "select count(*) from sheets where in_hand_id is not null and state = 'open'");
        $this->click('button', 'Go on with all sheets');
        $this->see('Report a mistake');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_two_tabs_on_one_sheet(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/cut');
        $this->see('0 of 23 cut.');
        $first = $this->browser->getWindowHandle();
        $this->browser->switchTo()->newWindow();
        $this->open('/kits/1/cut');
        $this->press('c');
        $this->see('1 of 23 cut.');

        $this->browser->switchTo()->window($first);
        $this->press('c');
        $this->see('The table has changed since this page was opened');
        $this->holds(1, "select count(*) from acts where name like 'Cut %'");
        $this->see('1 of 23 cut.');
    }

    #[Group(self::SHARED_OUT)]
    public function test_sheets_and_labels_are_printed_and_the_motor_cutter_cuts(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/cut');
        $this->see('0 of 23 cut.');
        foreach (['plan.pdf' => '%PDF', 'plan.svg' => '<svg'] as $file => $start) {
            $link = $this->element("a[href$='$file']")->getAttribute('href');
            self::assertStringContainsString(
                $start,
                substr(
                    (string) file_get_contents(
                        "http://127.0.0.1:{$this->table->port}".parse_url((string) $link, PHP_URL_PATH),
                    ),
                    0,
                    200,
                ),
            );
        }
        $this->click('summary', 'Bags');
        $this->click('button', 'Send to the label printer');
        $this->see('10 labels went to the label printer.');
        self::assertStringContainsString('Harbour Lanterns', (string) file_get_contents("http://127.0.0.1:{$this->table->toolsPort}/"));

        file_get_contents("http://127.0.0.1:{$this->table->toolsPort}/error/1.5");
        $this->click('button', 'Send to the motor cutter');
        $this->see('Planned again.');
        $this->see('1 of ');
        $this->assertQuiet();
    }
}
