<?php

namespace Tests\Browser;

/** Another device at the table. This machine's other address stands for it. */
final class TabletTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->table->share();
    }

    public function test_a_tablet_is_let_in_once_follows_what_is_done_and_is_let_go(): void
    {
        $this->browser->get($this->table->shared('/'));
        $this->see('This device is not let in');

        $this->open('/tablet');
        $this->see('No other device.');
        $this->press('n');
        $this->see('It lets one device in, once');
        $link = $this->element('section p b')->getText();
        self::assertStringContainsString($this->table->shared('/in/'), $link);
        self::assertSame(1, $this->howMany('section svg path'), 'the code is drawn');

        $here = $this->browser->getWindowHandle();
        $this->browser->switchTo()->newWindow();
        $tablet = $this->browser->getWindowHandle();
        $this->browser->get($link);
        $this->see('Harbour Lanterns');
        $this->browser->get($link);
        $this->see('That code no longer works');
        $this->browser->get($this->table->shared('/kits/1/count'));
        $this->see('lines to count');
        $this->browser->get($this->table->shared('/tablet'));
        $this->see('403');

        $this->browser->switchTo()->window($here);
        $this->see('One other device.');
        $this->open('/kits/1/count');
        $this->element('input.number')->sendKeys("\n");
        $this->see('58 of 59 lines to count');
        $this->browser->switchTo()->window($tablet);
        $this->browser->get($this->table->shared('/kits/1/count'));
        $this->see('58 of 59 lines to count');

        // What is done on one device appears on the other by itself, in both directions.
        $this->element('tr:nth-of-type(2) input.number')->sendKeys("\n");
        $this->see('57 of 59 lines to count');
        $this->browser->switchTo()->window($here);
        $this->see('57 of 59 lines to count');
        $this->press("\u{E00C}", 'z');
        $this->see('58 of 59 lines to count');
        $this->browser->switchTo()->window($tablet);
        $this->see('58 of 59 lines to count');

        $this->browser->switchTo()->window($here);
        $this->open('/tablet');
        $this->press('x');
        $this->see('No other device.');
        $this->browser->switchTo()->window($tablet);
        $this->browser->get($this->table->shared('/icon.svg'));
        self::assertStringNotContainsString('<svg', $this->browser->getPageSource(), 'without the code nothing is served');
        self::assertSame([], $this->table->let(), 'and nothing is kept of who was let in');
    }
}
