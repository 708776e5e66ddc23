<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Attributes\Group;

/** Sharing out by keyboard: the grid, short rows, pins over a share-out, card by card, bonus cards, comparing. */
final class ShareTest extends BrowserTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_cells_are_changed_moved_and_explained_by_keyboard(): void
    {
        $this->sharedOut();
        $this->toRow('Lantern');
        $this->press('y');
        $this->see('Next best:');
        $this->press('m', WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->see('Moving: Lantern.');
        $this->press('m');
        $this->holds(
            3,
            'select c.number from takings t join cards c on c.id = t.card_id '
                ."join components k on k.id = t.component_id where k.name = 'Lantern' and t.part = 'focal'",
        );
        $this->see('Card 3 takes its focal point from Lantern');

        $this->press('x');
        $this->holds(
            0,
            "select count(*) from takings t join components k on k.id = t.component_id where k.name = 'Lantern' and t.part = 'focal'",
        );
        $this->press('z');
        $this->holds(
            1,
            "select count(*) from takings t join components k on k.id = t.component_id where k.name = 'Lantern' and t.part = 'focal'",
        );
        $this->press('-');
        $this->see('lacks focal point');
        $this->press('+');
        $this->holds(
            3,
            'select c.number from takings t join cards c on c.id = t.card_id '
                ."join components k on k.id = t.component_id where k.name = 'Lantern' and t.part = 'focal'",
        );
        $this->press('y');
        $this->see('Next best:');
        $this->press('z');
        $this->until(
            fn (): bool => ! str_contains($this->text(), 'Next best:'),
            'The answer outlives the table it was given for.',
        );
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_while_the_worker_is_busy_a_cell_answers_its_keys_and_the_card_follows(): void
    {
        $this->sharedOut();
        $this->table->occupyTheWorker();
        $this->toRow('Lantern');
        $cell = fn (): string => (string) $this->browser->switchTo()->activeElement()->getAttribute('aria-label');
        $this->press('-');
        $this->until(static fn (): bool => str_contains($cell(), 'takes nothing from Lantern'));
        $this->see('lacks focal point');
        $this->press('+');
        $this->until(static fn (): bool => str_contains($cell(), 'takes its focal point from Lantern'));
        $this->seeNo('lacks focal point');

        // Faster than the page can ask for the cards in between.
        $this->pressTwiceAtOnce('-');
        $this->see('takes nothing');
        $this->see('lacks focal point');
        $this->press('z');
        $this->seeNo('lacks focal point');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_going_to_a_card_and_back_returns_to_the_same_cell(): void
    {
        $this->sharedOut();
        $this->click('a', '1 birthday');
        $this->see('To scale, from its real papers.');
        $this->browser->navigate()->back();
        $this->see('from a kit for 10');
        $this->toRow('Lantern');
        $this->press('-');
        $this->see('lacks focal point');
        $this->press('z');
        $this->seeNo('lacks focal point');
        $this->browser->navigate()->back();
        $this->browser->navigate()->forward();
        $this->see('10 cards from a kit for 10');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_undoing_the_card_on_the_page_leads_to_the_grid(): void
    {
        $this->sharedOut();
        $this->press('c', 'd');
        $this->see('11 cards from a kit for 10');
        $card = (int) $this->table->value('select max(id) from cards');
        $this->open("/kits/1/cards/$card");
        $this->see('To scale, from its real papers.');
        $this->press('z');
        $this->see('10 cards from a kit for 10');
        $this->see('Undone: ');
        $this->press('Z');
        $this->see('11 cards from a kit for 10');
        $this->press('z');
        $this->see('10 cards from a kit for 10');
        $this->open("/kits/1/cards/$card");
        $this->see('Not here');
        $this->press(WebDriverKeys::ENTER);
        $this->see('10 cards from a kit for 10');
    }

    #[Group(self::SHARED_OUT)]
    public function test_of_a_long_grid_what_is_in_view_is_drawn_and_the_keys_lead_through_all_of_it(): void
    {
        $this->sharedOut();
        $this->table->lengthen('gems-sea', 400);
        $this->open('/kits/1/share-out');
        $this->element('td[data-cell="0/0"]');
        self::assertLessThan(2_500, $this->howMany('td[role=gridcell]'));
        $rows = (int) $this->element('[role=grid]')->getAttribute('aria-rowcount') - 1;
        self::assertGreaterThan(400, $rows);

        $this->press('c', ...array_fill(0, intdiv($rows, 8), WebDriverKeys::PAGE_DOWN));
        $this->press(...array_fill(0, 8, WebDriverKeys::ARROW_DOWN));
        $last = $this->browser->switchTo()->activeElement();
        self::assertSame($rows - 1 .'/0', $last->getAttribute('data-cell'));
        self::assertSame((string) ($rows + 1), $last->findElement(WebDriverBy::xpath('..'))->getAttribute('aria-rowindex'));

        // The selected cell stays, and so do its keys, while something else is viewed.
        $this->press(...array_fill(0, 12, WebDriverKeys::ARROW_UP));
        $this->see('takes nothing from Sea gems');
        $this->browser->executeScript("document.querySelector('.grid .scroll').scrollTop = 0");
        $this->see('Wave');
        $this->press('u');
        $this->holds(1, "select count(*) from kits, json_each(wishes, '$.uses') where kits.id = 1");
        $this->see('takes nothing from Sea gems');

        // On paper nothing is out of view.
        $cells = fn (): int => $this->howMany('td[role=gridcell]');
        $this->browser->executeScript("window.dispatchEvent(new Event('beforeprint'))");
        self::assertSame(11 * $rows, $cells());
        $this->browser->executeScript("window.dispatchEvent(new Event('afterprint'))");
        $this->until(static fn (): bool => $cells() < 2_500);
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_a_shortfall_is_resolved_by_one_key(): void
    {
        $this->sharedOut();
        $this->press('c', 'd');
        $this->see('11 cards from a kit for 10');
        $this->toRow('A2 base, ivory');
        $this->see('1 short. Card 11 is without its base.');
        $this->see('cut one from Heavy white, from the stash');
        $this->assertCellIsSeen();
        $this->press(...array_fill(0, 30, WebDriverKeys::ARROW_UP));
        $this->assertCellIsSeen();
        $this->toRow('A2 base, ivory');
        $this->see('1 short. Card 11 is without its base.');
        $this->press('f');
        $this->holds(1, "select count(*) from takings where part = 'base' and width is not null");
        $this->seeNo('Card 11 is without its base.');
        $this->press('v');
        $this->see('Large rows');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_pins_are_kept_over_a_solve_that_is_seen_before_it_replaces_anything(): void
    {
        $this->sharedOut();
        $this->press('c', 'P');
        $this->see('pinned');
        $pinned = $this->table->value(
            'select group_concat(component_id || part) from takings where card_id = (select id from cards where number = 1) order by id',
        );
        $this->typeInto('#cards', '7');
        $this->element('.top form button')->click();
        $this->see('new or changed,');
        $this->see('Card by card 1 stays as it is');
        $this->holds(10, 'select count(*) from cards');
        $this->press(WebDriverKeys::ESCAPE);
        $this->see('component, how many');
        $this->holds(0, 'select count(*) from solutions');

        $this->element('.top form button')->click();
        $this->see('new or changed,');
        $this->press('a');
        $this->see('7 cards from a kit for 10');
        $this->holds(7, 'select count(*) from cards');
        self::assertSame(
            $pinned,
            $this->table->value(
                'select group_concat(component_id || part) from takings '
                    .'where card_id = (select id from cards where number = 1) order by id',
            ),
        );
        $this->assertQuiet();
    }

    public function test_a_kit_without_envelopes_or_pictures_most_or_varied_leaner_and_twelve_of_one_card(): void
    {
        $this->open('/');
        $this->upload($this->table->file('two.json', self::twoSheets()));
        $this->see('A kit file: Two sheets.');
        $this->click('button', 'Bring in the file');
        $this->see('Nothing has been counted yet');
        $this->click('a', 'Share out');
        // The stash is not used until the maker says so. Without it there are six bases.
        $this->see('at most 6 cards: then bases run out');
        $this->see('18 with your stash.');
        $this->click('label', 'Use the stash too, where the kit runs out');
        $this->see('at most 18 cards: then bases run out');
        $this->holds(1, "select uses_stash from kits where name = 'Two sheets'");
        $this->click('label', 'Use the stash too, where the kit runs out');
        $this->see('at most 6 cards: then bases run out');
        $this->holds(0, "select uses_stash from kits where name = 'Two sheets'");
        $this->press('S');
        $this->see('6 cards from a kit for');
        // As many as possible is answered with how many there are of each sort.
        $this->see('6 cards, each with');
        $this->see('No more of these.');
        $this->holds(6, 'select count(*) from cards');
        $this->holds(0, "select count(*) from takings where part in ('envelope', 'focal', 'sentiment-label')");
        $this->holds(6, "select count(*) from takings where part = 'sentiment'");
        $this->click('a', 'Tally');
        $this->see('Envelopes to buy: 6 × A2');

        $this->click('a', 'Share out');
        $this->see('in²');

        // The wishes are beside the grid.
        $this->press('w');
        $this->typeInto('aside input[type=number]', '99');
        $this->press(WebDriverKeys::TAB);
        $this->see('Write how many of each card, from 1 to 24.');
        self::assertSame('99', $this->element('aside input[type=number]')->getAttribute('value'), 'what was typed stays');
        foreach (['2', '1'] as $set) {
            $this->element('aside input[type=number]')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys($set);
            $this->press(WebDriverKeys::TAB);
            $this->holds(1, "select count(*) from kits where name = 'Two sheets' and json_extract(wishes, '$.set') = $set");
        }
        self::assertSame(0, $this->howMany('aside .fault'));
        $this->click('label', 'one paper and words');
        $this->holds(1, "select count(*) from kits where name = 'Two sheets' and json_extract(wishes, '$.least') = 'paper'");
        // One key takes a sort of cards.
        $this->press('f');
        $this->see('cards, all different');
        $this->press($this->named('button', 'cards, all different')->findElement(WebDriverBy::cssSelector('kbd'))->getText());
        $this->click('button', 'Use this share-out');
        $this->holds(1, 'select max(n) from (select count(*) as n from cards group by sketch)');
        $this->press('w');

        $card = (int) $this->table->value('select id from cards where number = 1');
        $design = $this->table->value("select sketch from cards where id = $card");
        $this->element('td[data-cell="0/0"]')->click();
        $this->press('l');
        $this->see('Card 1 now uses');
        $this->holds(0, "select count(*) from cards where id = $card and sketch = '$design'");
        $this->press('z');
        $this->holds(1, "select count(*) from cards where id = $card and sketch = '$design'");

        $this->element('td[data-cell="0/0"]')->click();
        $this->press('k');
        $this->see('How many of card 1?');
        $this->press('9', '9', WebDriverKeys::ENTER);
        $this->see('Write how many of this card, from 1 to 24.');
        $this->typeInto('footer input', '12');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Card 1 is a set of 12. Missing now:');
        $this->holds(12, "select count(*) from cards where sketch = '$design'");
        $this->assertQuiet();
    }

    public function test_card_by_card_to_the_last_and_bonus_cards_until_something_stops(): void
    {
        $this->open('/kits/1/share-out');
        $this->click('label', 'Every card has an envelope');
        $this->holds(1, "select count(*) from kits where json_extract(wishes, '$.envelopes') = 1");
        $words = $this->named('label', 'the same words')->findElement(WebDriverBy::cssSelector('select'));
        (new WebDriverSelect($words))->selectByVisibleText('once');
        $this->holds(1, "select count(*) from kits where json_extract(wishes, '$.words') = 'once'");
        $this->see('At most 13 cards with these wishes; without them');
        $this->typeInto('#cards', '11');
        $this->press(WebDriverKeys::ENTER);
        $this->see('11 cards from a kit for 10');
        $this->open('/kits/1/share-out/next');
        for ($cards = 12; $cards <= 13; $cards++) {
            $this->see('Which one next?');
            $this->see((13 - $cards).' more possible after it');
            $this->press('f');
            $this->holds($cards, 'select count(*) from cards');
        }
        $this->see('No further card can be made');
        $this->open('/kits/1/keep');
        $this->see('The next needs one more envelope.');
        $this->assertQuiet();
    }

    public function test_folds_and_the_kits_own_designs_are_asked_for_and_made(): void
    {
        $this->open('/kits/1/share-out');
        $this->click('label', 'Follow the kit’s 4 designs');
        $this->holds(1, "select count(*) from kits where json_extract(wishes, '$.follows') = 1");
        $this->typeInto('section[aria-label="Which folds?"] label:nth-of-type(2) input', '2');
        $this->press(WebDriverKeys::TAB);
        $this->holds(1, "select count(*) from kits where json_extract(wishes, '$.folds.short-front') = 2");
        $this->typeInto('#cards', '7');
        $this->press(WebDriverKeys::ENTER);
        $this->see('7 cards from a kit for 10');
        $this->holds(2, "select count(*) from cards where fold = 'short-front'");
        $this->holds(2, "select count(*) from cards where sketch = 'stacked-mats' and number < 3");
        $this->see('What is left gives');
        $this->click('a', 'Card 6 ');
        $this->see('short front');
        $this->see('inside strip');
        $this->assertQuiet();
    }

    #[Group(self::SHARED_OUT)]
    public function test_what_is_done_in_one_tab_is_seen_in_the_other(): void
    {
        $this->sharedOut();
        $first = $this->browser->getWindowHandle();
        $this->openBeside('/kits/1/share-out');
        $this->press('c', WebDriverKeys::DELETE);
        $this->see('9 cards from a kit for 10');
        $this->browser->switchTo()->window($first);
        $this->see('9 cards from a kit for 10');
        $this->press('c', 'd');
        $this->holds(10, 'select count(*) from cards');
    }

    #[Group(self::SHARED_OUT)]
    public function test_the_later_of_two_browsers_is_told_and_loses_nothing(): void
    {
        $this->sharedOut();
        $first = $this->browser->getWindowHandle();
        $this->openBeside('/kits/1/share-out', false);
        $this->press('c', WebDriverKeys::DELETE);
        $this->see('9 cards from a kit for 10');
        $this->browser->switchTo()->window($first);
        $this->press('c', 'd');
        $this->see('The table has changed since this page was opened');
        $this->holds(9, 'select count(*) from cards');
        $this->see('9 cards from a kit for 10');

        // The first of two quick acts is refused. The second was meant for a table that was never seen.
        $this->browser->switchTo()->window($this->browser->getWindowHandles()[1]);
        $this->press('c', WebDriverKeys::DELETE);
        $this->see('8 cards from a kit for 10');
        $this->browser->switchTo()->window($first);
        $this->press('c');
        $this->pressTwiceAtOnce('Delete');
        $this->see('Your next action was not done either');
        $this->holds(8, 'select count(*) from cards');
        $this->see('8 cards from a kit for 10');
        $this->press('c', WebDriverKeys::DELETE);
        $this->see('7 cards from a kit for 10');
        self::assertStringNotContainsString('not done', $this->text());
    }

    /** A kit file: two sheets of paper, six bases and a stamp. */
    private static function twoSheets(): string
    {
        $face = static fn (string $colour): array => ['name' => 'Print', 'motif' => 'gingham', 'colours' => [$colour, '#ffffff']];
        $paper = static fn (string $id, string $colour): array => [
            'id' => $id,
            'kind' => 'paper',
            'name' => ucfirst($id),
            'count' => 1,
            'size' => ['width' => '4', 'height' => '4'],
            'faces' => [$face($colour), $face('#44a3a8')],
        ];
        $front = ['width' => '4 1/4', 'height' => '5 1/2'];
        $strip = ['width' => '2 1/2', 'height' => '3/4'];
        $kit = json_decode((string) file_get_contents(Support\Table::root().'/docs/formats/kit.example.json'), true);
        $kit = [...$kit, 'name' => 'Two sheets', 'unit' => 'in', 'front' => $front, 'components' => [
            $paper('reed', '#5fae6b'),
            $paper('brick', '#c94f4f'),
            ['id' => 'base', 'kind' => 'base', 'name' => 'Base', 'count' => 6, 'front' => $front, 'fold' => 'side', 'colour' => '#ffffff'],
            ['id' => 'hello', 'kind' => 'stamp', 'name' => 'Hello', 'size' => $strip, 'words' => 'hello', 'occasions' => ['hello']],
        ]];

        return (string) json_encode($kit);
    }

    /** Neither the head nor the foot of the grid covers the cell with the focus. */
    private function assertCellIsSeen(): void
    {
        $this->until(fn (): bool => (bool) $this->browser->executeScript(<<<'JS'
            const cell = document.activeElement
            const at = cell.getBoundingClientRect()
            return cell.contains(document.elementFromPoint(at.x + at.width / 2, at.y + at.height / 2))
            JS), 'The cell with the focus is not seen.');
    }

    /** Goes down the first column to a row. */
    private function toRow(string $name): void
    {
        $this->press('c');
        for ($n = 0; $n < 80; $n++) {
            $label = (string) $this->browser->switchTo()->activeElement()->getAttribute('aria-label');
            if (str_ends_with($label, "from $name")) {
                return;
            }
            $this->press(WebDriverKeys::ARROW_DOWN);
        }
        self::fail("There is no row for $name.");
    }
}
