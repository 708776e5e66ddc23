<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** The tray by keyboard, the scrap box, and a kit that is put away and used again. */
final class KeepTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_a_scrap_becomes_parts_by_keys_alone_and_the_whole_tray_is_looked_at(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/keep');
        $this->see('What it can become');
        $this->press('c');
        // Enter before the next scrap is looked up must take nothing, and not the scrap before.
        $this->browser->executeScript(<<<'JS'
            for (const key of ['ArrowRight', 'Enter'])
                document.activeElement.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
            JS);
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->element('.desk[aria-busy=false]');
        $name = explode(',', $this->element('h1')->getText())[0];
        $this->press(WebDriverKeys::ARROW_DOWN);
        $says = $this->element('[role=radio][aria-checked=true] b')->getText();
        $this->press(WebDriverKeys::ENTER);
        $this->holds(1, "select count(*) from sheets join components on components.id = component_id
            where state = 'parted' and name = '{$name}'");
        $this->see('standard parts');
        self::assertStringContainsString(explode(' ', $says)[1], $this->text(), 'what was taken lies on the tray');
        self::assertNotNull($this->browser->executeScript('return document.activeElement.closest(".tray")'), 'the focus stays on the tray');
        $this->open('/kits/1/cut');
        $this->see('Mark the cut as done');
        $this->press('z');
        $this->holds(0, "select count(*) from sheets where state = 'parted'");

        $this->open('/kits/1/keep');
        $this->press('w');
        $this->see('The whole tray at once');
        $this->see('of the scraps would be left over');
        $this->press(WebDriverKeys::ESCAPE);
        $this->see('What it can become');
        $this->press('w', WebDriverKeys::ENTER);
        $this->see('turned into standard parts');
        self::assertGreaterThan(10, (int) $this->table->value('select count(*) from sheets where part is not null'));
        $this->press('c', 'b');
        $this->see('It is a scrap again');
        $this->press('z', 'z');
        $this->holds(0, 'select count(*) from sheets where part is not null');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_bonus_cards_are_added_together_and_what_to_buy_is_priced(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/keep');
        $this->see('bonus cards');
        $this->see('what it takes');
        $this->choose('header select', 'best looking first');
        $this->see('what it takes');
        $this->click('button', 'Add all');
        $this->holds(20, 'select count(*) from cards');
        $this->press('z');
        $this->holds(10, 'select count(*) from cards');

        $this->open('/kits/1/keep/shopping');
        $this->see('The same 10 cards once more');
        $this->typeInto('section:last-of-type li input', 'four');
        $this->press(WebDriverKeys::TAB);
        $this->see('Write the price as in 4.50.');
        self::assertSame('four', $this->element('section:last-of-type li input')->getAttribute('value'), 'what was typed stays');
        $this->typeInto('section:last-of-type li input', '4.50');
        $this->press(WebDriverKeys::TAB);
        $this->holds(1, 'select count(*) from components where price_minor = 450');
        $this->see('Together $4.50');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_kit_is_put_away_and_its_scraps_are_found_and_used_in_another(): void
    {
        $this->sharedOut();
        $this->cutFirstSheet();
        $this->open('/kits/1/keep/scraps');
        $this->click('button', 'Put the kit away');
        $this->see('begun and not made');
        $this->table->change("update cards set made_at = '2026-11-01 10:00:00'");
        $this->open('/kits/1/keep/scraps');
        $this->click('button', 'Put the kit away');
        $this->see('The scrap box: 3 scraps');
        $this->see('Nov');

        $this->open('/kits/3/share-out');
        $this->click('label', 'Use the stash too, where the kit runs out');
        $this->see('at most 18 cards');
        $this->press('s');
        $this->see('cards from a kit for 8');
        $this->open('/kits/3/keep/scraps');
        $this->press('/');
        $this->browser->switchTo()->activeElement()->sendKeys('gibberish');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Nothing is called “gibberish”, in any kit.');
        $this->press(...array_fill(0, 9, WebDriverKeys::BACKSPACE));
        $this->browser->switchTo()->activeElement()->sendKeys('anything 1 x 1 harbour');
        $this->press(WebDriverKeys::ENTER);
        $this->see('scrap box, from Harbour Lanterns');
        $this->click('button', 'Use it: scrap of');
        $this->see('takes its');
        self::assertSame(1, (int) $this->table->value(
            'select count(*) from takings t join cards c on c.id = t.card_id join components m on m.id = t.component_id '
                .'join kits k on k.id = m.kit_id where c.kit_id = 3 and k.is_stash = 1 and t.width is not null',
        ));
        $this->press('z');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_card_gets_notes_is_found_among_all_and_its_materials_are_chosen(): void
    {
        $this->sharedOut();
        $this->table->change("update cards set made_at = '2026-11-01 10:00:00' where number = 2");
        $this->open('/kits/1/tally/cards');
        $this->see('How they turned out');
        $this->click('button', '4 stars');
        $this->holds(1, 'select count(*) from cards where stars = 4');
        $minutes = $this->element('[aria-label="Card 2: minutes it took"]');
        $minutes->sendKeys('an hour');
        $this->press(WebDriverKeys::TAB);
        $this->see('Write the minutes, from 1 to 6 000.');
        self::assertSame('an hour', $minutes->getAttribute('value'), 'what was typed stays');
        $this->element('[aria-label="Card 2: given to"]')->sendKeys('Aunt Ida');
        $this->press(WebDriverKeys::TAB);
        $this->holds(1, "select count(*) from cards where given_to = 'Aunt Ida'");

        $this->open('/cards');
        $this->see('1 card made');
        $this->press('/');
        $this->browser->switchTo()->activeElement()->sendKeys('harbour ida');
        $this->press(WebDriverKeys::ENTER);
        $this->see('given to Aunt Ida');

        $this->open('/kits/1/tally/materials');
        $this->see('Card 10:');
        $this->click('label', '10, ');
        $this->seeNo('Card 10:');
        $this->press('m');
        $this->see(' mm)');
        $this->assertQuiet();
    }

    private function cutFirstSheet(): void
    {
        $this->open('/kits/1/cut');
        $this->press('c');
        $this->holds(1, "select count(*) from sheets where state = 'cut'");
    }
}
