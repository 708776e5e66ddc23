<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Tests\Browser\Support\Table;

/** Cards given away, calendars read, and the whole table moved to another machine. */
final class PassedOnTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_a_card_finds_its_day_and_is_given_by_keys_alone(): void
    {
        $this->sharedOut();
        $this->table->change("update cards set made_at = '2026-11-01 10:00:00'");
        $this->open('/people');
        $this->see('Dela Thorne, get well');
        $this->press('.');
        $this->see('Ada Fenn, birthday,');
        $this->see('Likes: boats, gulls, blue');
        $this->press('c');
        $said = (string) $this->browser->executeScript('return document.activeElement.innerText');
        self::assertMatchesRegularExpression('/birthday\s+Harbour Lanterns, card (\d+)/', $said, 'what suits comes first');
        preg_match('/card (\d+)/', $said, $found);
        $number = (int) ($found[1] ?? 0);
        $this->press(WebDriverKeys::ENTER);
        $this->holds($number, "select number from cards join people on people.id = meant_for_id where name = 'Ada Fenn'");
        $this->see("card $number of Harbour Lanterns");
        self::assertNotSame('BODY', $this->browser->executeScript('return document.activeElement.tagName'), 'the focus is not lost');

        $this->click('button', 'Ada Fenn, birthday');
        $this->see('Mark the card as given');
        $this->press('g');
        $this->holds(1, "select count(*) from cards where number = $number and given_to = 'Ada Fenn' and given_on is not null");
        $this->see('given');
        $this->open('/cards?find=ada');
        $this->see('given to Ada Fenn');
        $this->open('/people');
        $this->press('z');
        $this->holds(0, "select count(*) from cards where given_to = 'Ada Fenn'");
        $this->see('Who gets which');
        $this->assertQuiet();
    }

    public function test_a_calendar_is_looked_at_and_kept_and_somebody_new_is_written_down(): void
    {
        $on = gmdate('Ymd', time() + 20 * 86_400);
        $this->open('/people');
        $this->see('Address book and calendar');
        $event = static fn (string $says): string => "BEGIN:VEVENT\r\nSUMMARY:$says\r\nDTSTART;VALUE=DATE:$on\r\nEND:VEVENT\r\n";
        $events = $event("Gus Wren's birthday").$event('Dentist');
        $this->upload($this->table->file('days.ics', "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n{$events}END:VCALENDAR\r\n"));
        $this->see('1 new day, 1 new person');
        $this->see("\"Dentist\": nobody's day that a card is for");
        $this->holds(0, "select count(*) from people where name = 'Gus Wren'");
        $this->click('button', 'Save them');
        $this->holds(1, "select count(*) from days join people on people.id = person_id where name = 'Gus Wren'");
        $this->see('Gus Wren, birthday');

        $this->press('n', 'Ada Fenn', WebDriverKeys::ENTER);
        $this->see('Ada Fenn is written down already');
        $this->press(', the younger', WebDriverKeys::ENTER);
        $this->holds(1, "select count(*) from people where name = 'Ada Fenn, the younger'");
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_table_is_saved_and_opened_in_a_fresh_application(): void
    {
        $this->sharedOut();
        $this->open('/safe');
        $this->press('s');
        $this->see('Saved: 4 kits, 10 cards');
        $this->named('a', 'Download keep-share');
        $saved = (string) file_get_contents("http://127.0.0.1:{$this->table->port}/safe/saved");
        $says = $this->table->value('select sum(quantity) + sum(width) from takings');

        $first = $this->table;
        $this->table = Table::bare();
        try {
            $this->open('/safe');
            $this->see('On the table: 0 kits');
            $this->click('button', 'Open it beside what is here');
            $this->see('Choose a saved table first.');
            $this->upload($this->table->file('torn.zip', substr($saved, 0, 9_000)));
            $this->click('button', 'Open it beside what is here');
            $this->see('is not a complete zip file');
            $this->holds(0, 'select count(*) from kits');
            $this->upload($this->table->file('table.zip', $saved));
            $this->click('button', 'Open it beside what is here');
            $this->see('Opened beside what was here: 4 kits, 10 cards');
            self::assertSame($says, $this->table->value('select sum(quantity) + sum(width) from takings'));
            $this->press('1');
            $this->see('Harbour Lanterns');
            $this->see('10 cards shared out');
            $this->open('/kits/1/cut');
            $this->see('Fish scale');
            $this->assertQuiet();
        } finally {
            $first->sweep();
        }
    }
}
