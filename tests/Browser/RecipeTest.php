<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** A share-out used again: saved as a recipe, used with the other kit, printed, and packed for a class of twelve. */
final class RecipeTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_a_recipe_is_saved_used_with_another_kit_and_paper_and_printed(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/recipes');
        $this->see('Eighteen from six');
        $this->press('k');
        $named = $this->browser->switchTo()->activeElement();
        $named->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('Ten from the harbour');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(1, "select count(*) from recipes where name = 'Ten from the harbour'");
        $this->see('What else is needed');
        $this->press(WebDriverKeys::ARROW_RIGHT);
        $this->see('Paper B');

        // What is printed is there: a page to lay beside the trimmer.
        $pdf = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1]
            const link = [...document.querySelectorAll('a')].find((one) => one.textContent.includes('Print it (PDF)'))
            fetch(link.href).then((answer) => answer.text()).then((text) => done(text.slice(0, 4)))
            JS);
        self::assertSame('%PDF', $pdf);

        $this->open('/kits/3/recipes/eighteen-from-six/lay');
        $this->see('cards can be made');
        $was = $this->element('[data-letter=A]')->getText();
        $this->element('[data-letter=A]')->click();
        $this->press('n');
        $this->see('Your choice');
        self::assertNotSame($was, $this->element('[data-letter=A]')->getText());
        self::assertSame(
            'A',
            $this->browser->executeScript('return document.activeElement.dataset.letter'),
            'the focus stays on the letter',
        );
        $this->press('b');
        $this->see('Proven');
        self::assertSame($was, $this->element('[data-letter=A]')->getText());
        $this->holds(0, 'select count(*) from cards where kit_id = 3');
        $laid = $this->howMany('ol li');
        $this->press('l');
        $this->see("$laid cards are on the table.");
        $this->holds($laid, 'select count(*) from cards where kit_id = 3');
        $this->press('z');
        $this->holds(0, 'select count(*) from cards where kit_id = 3');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_class_of_twelve_is_prepared_and_packed_and_a_lost_bag_made_up_again(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/class');
        // Only the first card, which stands for ten.
        $this->see('10 of 10 cards');
        $this->browser->executeScript("[...document.querySelectorAll('fieldset input')].slice(1).forEach((one) => one.click())");
        $this->see('1 of 10 cards');
        $this->press('n', 'Tuesday evening', WebDriverKeys::ENTER);
        $this->see('Tuesday evening: 12 people, 1 card each');
        $this->see('Cuts, by the setting of the guide');
        $this->press('p');
        $this->see('bag 1 of 12');
        $lines = $this->howMany('.line');
        $this->press(WebDriverKeys::ARROW_DOWN, ' ');
        $this->see("1 of $lines in this bag");
        $this->press('a');
        $this->see('1 of 12 bags are packed');
        $this->press('o');
        $this->see('bag 2 of 12');
        // Each line into every bag, as people lay them out side by side.
        for ($line = 1; $line <= $lines; $line++) {
            $this->press($line === 1 ? WebDriverKeys::ARROW_UP : WebDriverKeys::ARROW_DOWN, 'i');
            $this->see("$line of $lines in this bag");
        }
        $this->see('12 of 12 bags are packed');
        $this->holds(12, 'select count(*) from json_each((select packed from classes))');

        $this->press('x');
        $this->see('This bag was lost. Pack it again.');
        $this->see('from the spares');
        $this->see('11 of 12 bags are packed');
        $this->press('z');
        $this->see('12 of 12 bags are packed');
        $this->assertQuiet();
    }

    public function test_a_recipe_is_computed_with_progress_and_saved(): void
    {
        $this->open('/kits/1/recipes/make');
        $this->typeInto('#make-sheets', 'six');
        $this->press('', WebDriverKeys::ENTER);
        $this->see('Expected a whole number, not "six".');
        self::assertSame('six', $this->element('#make-sheets')->getAttribute('value'));
        $this->element('#make-sheets')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('1');
        $this->element('#make-seconds')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys('2');
        $this->press(WebDriverKeys::ENTER);
        $this->see('of the paper on cards');
        $this->see('Save it');
        $this->typeInto('#made-name', 'From one sheet');
        $this->press(WebDriverKeys::ENTER);
        $this->holds(1, "select count(*) from recipes where name = 'From one sheet'");
        $this->see('Paper A');
        $this->assertQuiet();
    }
}
