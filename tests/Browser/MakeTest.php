<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Making by keyboard: a whole card, a clock that survives reloading, 45 minutes, and a mistake. */
final class MakeTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_a_whole_card_is_made_by_keyboard_and_its_clock_goes_on(): void
    {
        $this->sharedOut();
        $this->press('5');
        $this->see('0 of 10 cards made');
        $this->see('One tool at a time, for all cards');
        $this->see('no order has fewer than');

        // How far one gets in 45 minutes. Nonsense is reported at its field and stays there.
        $this->typeInto('#minutes', 'soon');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Write whole minutes, from 1 to 1440.');
        self::assertSame('soon', $this->element('#minutes')->getAttribute('value'));
        $this->element('#minutes')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('45');
        $this->press(WebDriverKeys::ENTER);
        $this->see('With nothing wet or half glued:');
        $this->see('Stop after ');

        $card = (int) $this->table->value('select min(id) from cards where kit_id = 1');
        $this->click('button', 'Make card 1');
        $this->see('this card alone');
        // What is read out must outlast its step, or a screen reader would miss the next.
        $heard = $this->element('[aria-live=polite]:has(h1)');
        self::assertStringStartsWith('Card 1:', $heard->getText());
        $this->browser->executeScript("document.querySelector('.acts button').focus()");
        for ($n = 1; $this->table->value("select made_at from cards where id = $card") === null && $n < 40; $n++) {
            $this->press(' ');
            $this->holds($n, "select count(*) from step_marks where card_id = $card");
            // The focus stays where it was, and one press is one step.
            self::assertTrue($n > 2 || $heard->isDisplayed());
            self::assertTrue($n > 2 || str_starts_with($this->browser->switchTo()->activeElement()->getText(), 'Done'));
        }
        $this->see('Nothing is left to do');
        $this->holds(1, "select count(*) from cards where id = $card and made_at is not null");

        // Glue dries by the clock of the server, even while the page is closed.
        $this->table->restart();
        $this->open('/kits/1/make');
        $this->see('1 of 10 cards made');
        $this->see('✓ made');
        $this->see('Drying: do not touch');
        $this->table->soonDry(6);
        $this->open('/kits/1/make/table');
        $this->see('Drying: do not touch');
        $this->see('Card 1 is dry.');
        self::assertStringStartsWith('✓ Card 1 is dry.', $this->browser->getTitle());
        $this->open('/kits/1/share-out');
        $this->see('✓ made');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_step_back_undo_and_mistakes(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/make/table');
        $this->see('Read aloud');
        $this->press(' ');
        $this->holds(1, 'select count(*) from step_marks');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->holds(0, 'select count(*) from step_marks');
        $this->press(' ');
        $this->holds(1, 'select count(*) from step_marks');
        $this->click('button', 'Undo');
        $this->holds(0, 'select count(*) from step_marks');
        $this->press('w');
        $this->see('Ways to mend it from what is here');
        $this->see('Nothing here can replace it.');
        $this->click('button', 'Go on as it is');
        $this->holds(1, 'select count(*) from step_marks');
        // The mistake is in that step, and not in the next.
        $this->see('9 with this tool to go');
        self::assertStringNotContainsString('It went wrong', $this->text());
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->holds(0, 'select count(*) from step_marks');
        $this->press('w');
        $this->see('Ways to mend it from what is here');
        $this->press(WebDriverKeys::ESCAPE);

        $card = $this->table->value('select min(id) from cards where kit_id = 1');
        $this->open("/kits/1/make/table?card=$card");
        $this->see('Score and fold');
        $this->press(' ');
        $this->see('Dry-fit');
        $this->press(' ');
        $this->see('Mat layer on layer');
        $this->press('w');
        $this->see('Lay a strip over it');
        $this->holds(0, "select count(*) from acts where name like 'Card %: cut the %'");
        $this->press('a');
        $this->holds(1, "select count(*) from acts where name like 'Card %: cut the %'");
        $this->assertQuiet();
    }
}
