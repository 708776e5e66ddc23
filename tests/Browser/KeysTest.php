<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** By keyboard alone: where the focus is, what keys do, and what is read out. */
final class KeysTest extends BrowserTestCase
{
    public function test_the_focus_is_never_lost_and_keys_work_wherever_it_is(): void
    {
        $this->open('/kits/1/unpack');
        $this->see('Wave');
        $this->focusIs('page');
        $this->press(WebDriverKeys::PAGE_DOWN);
        $this->browser->wait(5, 50)->until(fn (): bool => $this->scrolled() > 100, 'PageDown scrolls');
        $this->press(' ');
        $before = $this->scrolled();
        $this->browser->wait(5, 50)->until(fn (): bool => $this->scrolled() >= $before, 'and so does Space');

        $this->press('3');
        $this->see('Nothing is shared out yet');
        $this->focusIs('page');
        $this->press('n');
        $this->focusIs('cards');
        $this->press(WebDriverKeys::ESCAPE);
        $this->focusIs('page');
        $this->press('n', '2', WebDriverKeys::ENTER);
        $this->see('2 cards from a kit for 10');
        self::assertNotSame('cards', $this->focus(), 'the number lets go of the keys');
        $this->press('4');
        $this->see('0 of 6 cut.');

        // In a list of choices, keys that the list does not need still work.
        $this->element('.for select');
        $this->browser->executeScript("document.querySelector('.for select').focus()");
        $this->press('1');
        $this->see('Each die cut is drawn whole');

        // The first Tab stop leads past the navigation.
        $this->browser->executeScript('document.activeElement.blur()');
        $skip = $this->browser->executeScript("return document.querySelector('a, button').textContent");
        self::assertSame('Skip to the page', $skip);
    }

    #[Group(self::SHARED_OUT)]
    public function test_the_grid_says_what_it_did_and_stays_where_it_is(): void
    {
        $this->sharedOut();
        $this->press('c');
        $this->at('0/0');
        $top = $this->top();
        $this->goToPaper();
        $this->press('x');
        $this->reads(' in the place of ');
        $new = $this->browser->executeScript('return document.activeElement.dataset.cell') ?? '';
        self::assertIsString($new);
        self::assertStringContainsString('Card 1 takes', (string) $this->element("[data-cell='$new']")->getAttribute('aria-label'));
        self::assertSame($top, $this->top(), 'the grid does not jump');
        $this->press('z');
        $this->reads('Undone: ');

        // Nothing can be picked up where nothing is taken. Labels are read out first.
        $empty = $this->element('td[aria-label^="Card 1 takes nothing"]')->getAttribute('data-cell');
        $this->browser->executeScript("document.querySelector('[data-cell=\"$empty\"]').focus()");
        $this->press('m');
        $this->see('there is nothing to pick up');
        $this->press('x');
        $this->see('takes nothing from');
        self::assertSame($top, $this->top(), 'nor when something is refused');
        self::assertGreaterThan(0, $this->howMany('td[aria-label^="1: Card "]'));
    }

    #[Group(self::SHARED_OUT)]
    public function test_beside_a_proposal_the_keys_that_work_are_listed_and_none_that_leads_away_drops_it(): void
    {
        $this->sharedOut();
        $this->press('n', '8', WebDriverKeys::ENTER);
        $this->see('Use this share-out');
        $this->press('?');
        $this->see('Undo the last action');
        $listed = $this->element('dialog[open]')->getText();
        self::assertStringContainsString('Keep the cards as they are', $listed);
        self::assertStringNotContainsString('One more', $listed, 'there is no grid beside it');
        $this->press(WebDriverKeys::ESCAPE, '1');
        $this->see('Each die cut is drawn whole');
        $this->press('3');
        $this->see('Use this share-out');
        $this->press(WebDriverKeys::ESCAPE);
        $this->seeNo('Use this share-out');
        $this->holds(10, 'select count(*) from cards');
    }

    public function test_keys_of_one_letter_can_be_switched_off_and_on_again(): void
    {
        $this->open('/kits/1/unpack');
        $this->press('?');
        $this->click('label', 'Keys of one letter or figure do something');
        $this->press(WebDriverKeys::ESCAPE, '2', 'z', '?');
        $this->open('/kits/1/unpack');
        $this->press('2');
        self::assertSame(0, $this->howMany('dialog[open]'));
        self::assertStringEndsWith('/kits/1/unpack', $this->browser->getCurrentURL(), 'neither then nor after loading again');

        $this->click('button', 'Show the keys');
        $this->click('label', 'Keys of one letter or figure do something');
        $this->press(WebDriverKeys::ESCAPE, '2');
        $this->until(fn (): bool => str_ends_with($this->browser->getCurrentURL(), '/kits/1/pair'), 'The key leads nowhere.');
    }

    private function focus(): string
    {
        $id = $this->browser->executeScript('return document.activeElement.id');

        return is_string($id) ? $id : '';
    }

    private function focusIs(string $id): void
    {
        $this->until(fn (): bool => $this->focus() === $id, "The focus is not at $id.");
    }

    private function scrolled(): int
    {
        $top = $this->browser->executeScript("return Math.round(document.querySelector('#page').scrollTop)");

        return is_numeric($top) ? (int) $top : 0;
    }

    private function top(): mixed
    {
        return $this->browser->executeScript("return Math.round(document.querySelector('table[role=grid]').getBoundingClientRect().top)");
    }

    private function at(string $cell): void
    {
        $at = fn (): mixed => $this->browser->executeScript('return document.activeElement.dataset.cell');
        $this->until(static fn (): bool => $at() === $cell, "The cursor is not at $cell.");
    }

    /** Goes to a cell of the first card with a piece of paper. */
    private function goToPaper(): void
    {
        $this->browser->executeScript(<<<'JS'
            const cells = [...document.querySelectorAll('td[data-cell$="/0"]')]
            cells.find((td) => td.querySelector('svg') && !td.ariaLabel.includes('takes nothing')).focus()
            JS);
    }

    private function reads(string $text): void
    {
        $script = "return [...document.querySelectorAll('[role=status]')].map((e) => e.textContent).join(' ')";
        $isSaid = function () use ($script, $text): bool {
            $said = $this->browser->executeScript($script);

            return is_string($said) && str_contains($said, $text);
        };
        $this->until($isSaid, "Not read out: $text");
    }
}
