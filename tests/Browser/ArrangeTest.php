<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** The pieces of a card, arranged by keyboard, and an arrangement written by hand. */
final class ArrangeTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_pieces_are_moved_tucked_swapped_and_arranged_again_by_keyboard(): void
    {
        $this->sharedOut();
        $this->open('/kits/1/arrange?card='.$this->cardWithTwoSmall());
        $this->see('no two cards are built alike');
        $card = $this->cardWithTwoSmall();
        $this->toPiece('first small picture');

        $this->press(WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_UP);
        $this->holds(3, "select count(*) from acts where name like 'Move the %' and is_undone = 0");
        self::assertStringContainsString('"-1\/8 in"', $this->arranged($card), 'moved by two marks, and kept');
        self::assertStringContainsString('"-1\/16 in"', $this->arranged($card));
        $this->press('z', 'z', 'z');
        $this->holds(0, "select count(*) from cards where id = $card and arranged is not null");

        $this->press('g');
        $this->holds(1, "select count(*) from acts where name like 'Arrange card %' and is_undone = 0");
        $this->press('z');
        $this->holds(0, "select count(*) from acts where name like 'Arrange card %' and is_undone = 0");

        $this->toPiece('first small picture');
        $old = (int) $this->table->value("select component_id from takings where card_id = $card and part = 'piece-1'");
        $this->press('x');
        $this->holds(0, "select count(*) from takings where card_id = $card and part = 'piece-1' and component_id = $old");
        $this->press('z');
        $this->holds(1, "select count(*) from takings where card_id = $card and part = 'piece-1' and component_id = $old");

        $this->press(']');
        $this->holds(1, "select count(*) from acts where name like 'Bring forward %' and is_undone = 0");
        $this->press(WebDriverKeys::DELETE);
        $this->holds(0, "select count(*) from takings where card_id = $card and part = 'piece-1'");
        $this->see('an even number');
        $this->click('button', 'Leave the');
        $this->holds(0, "select count(*) from takings where card_id = $card and part = 'piece-2'");
        $this->press('.');
        $this->see('Selected:');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_piece_is_tucked_by_a_mark_and_the_measures_from_two_edges_follow(): void
    {
        $this->sharedOut();
        $card = $this->cardWithTwoSmall();
        $this->open("/kits/1/arrange?card=$card");
        $this->see('from the left edge to its middle');
        $this->click('button', 'Centred');
        $this->holds(1, "select count(*) from cards where id = $card and arrangement = 'centred'");
        $this->toPiece('first small picture');
        $before = $this->element('.where')->getText();
        $this->press('t');
        $this->holds(1, "select count(*) from acts where name like 'Tuck the %'");
        self::assertNotSame($before, $this->element('.where')->getText());
        $this->press('T');
        $this->holds(1, "select count(*) from acts where name like 'Pull out the %'");
        self::assertSame($before, $this->element('.where')->getText());
        $this->assertQuiet();
    }

    public function test_an_arrangement_is_copied_changed_and_saved(): void
    {
        $this->open('/kits/1/arrangements');
        $this->see('arrangements on');
        $this->press(WebDriverKeys::ARROW_RIGHT, 'c');
        $this->see('Write an arrangement');
        $this->typeInto('input[size="26"]', ' ');
        $this->click('button', 'Save the arrangement');
        $this->see('Give the arrangement a name');
        $this->typeInto('input[size="26"]', 'Round the window');
        $this->typeInto('input[aria-label="focal point, across"]', '9/8 of it');
        $this->see('not a share');
        $this->typeInto('input[aria-label="focal point, across"]', '1/3 of it');
        $this->click('button', 'Save the arrangement');
        $this->see('Round the window');
        $this->holds(1, "select count(*) from arrangements where name = 'Round the window'");
        $this->assertQuiet();
    }

    private function cardWithTwoSmall(): int
    {
        return (int) $this->table->value(
            "select card_id from takings where part in ('piece-1', 'piece-2', 'focal') "
                .'group by card_id having count(*) = 3 order by card_id limit 1',
        );
    }

    private function arranged(int $card): string
    {
        return (string) $this->table->value("select arranged from cards where id = $card");
    }

    /** Selects the next piece until it is this one. */
    private function toPiece(string $part): void
    {
        $this->see('Selected:');
        for ($n = 0; $n < 9 && ! str_contains($this->text(), "Selected: the $part"); $n++) {
            $this->press('n');
        }
        self::assertStringContainsString("Selected: the $part", $this->text());
    }
}
