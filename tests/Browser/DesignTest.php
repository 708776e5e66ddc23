<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;

/** Cards designed on their page: measures by keyboard, findings, folds, own sketches, prints. */
#[Group(self::SHARED_OUT)]
final class DesignTest extends BrowserTestCase
{
    private const PANEL = "select width from takings where card_id = 1 and part = 'panel'";

    public function test_a_measure_is_changed_by_keyboard_and_everything_follows(): void
    {
        $this->openCard('Panel on a mat');
        $this->see('3 3/4 × 5');
        $this->element('#parts-title')->click();
        $this->press('m');
        self::assertSame('mat, reveal', $this->browser->switchTo()->activeElement()->getAttribute('aria-label'));

        $this->element('input[aria-label="panel, reveal"]')->sendKeys([WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP]);
        $this->see('3 1/2 × 4 3/4');
        $this->holds(711_200, self::PANEL);
        self::assertSame('1/4', $this->element('input[aria-label="panel, reveal"]')->getAttribute('value'));

        $this->typeInto('input[aria-label="panel, reveal"]', '3');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Nothing is left of the panel: its measure "reveal" is 3 in');
        self::assertSame('3', $this->element('input[aria-label="panel, reveal"]')->getAttribute('value'), 'what was typed stays');
        $this->holds(711_200, self::PANEL);

        $this->click('button', 'Undo');
        $this->click('button', 'Undo');
        $this->holds(762_000, self::PANEL);
        $this->see('3 3/4 × 5');
        $this->assertQuiet();
    }

    public function test_a_card_is_turned_covered_and_folded_another_way(): void
    {
        $this->openCard('Panel on a mat');
        $this->element('#parts-title')->click();
        $this->press('t');
        $this->see('5 1/4 × 4');
        $this->click('button', 'Framed');
        $this->see('5 1/2 × 4 1/4');
        $this->see('Covered to the edge');
        $this->choose('.choices label:nth-of-type(2) select', 'gatefold');
        $this->see('would lie across both flaps');
        $this->see('score at 2 3/4 in and 8 1/4 in');
        $this->holds(1, "select count(*) from cards where id = 1 and fold = 'gatefold' and frame = 0 and front_width > front_height");
        $this->assertQuiet();
    }

    public function test_a_finding_is_repaired_at_once_or_ignored_with_a_reason(): void
    {
        $this->openCard('Panel on a mat');
        $this->click('button', 'One more of the embellishments');
        $this->see('4 embellishments are an even group');
        $this->click('p[contains(@class, "repairs")]//button', 'One more');
        $this->holds(5, "select quantity from takings where card_id = 1 and part = 'embellishment'");

        $this->click('button', 'One more of the embellishments');
        $this->see('6 embellishments are an even group');
        $this->click('button', 'Ignore this one');
        $this->see('Say briefly why it is fine');
        $this->typeInto('input[aria-label="Why it is fine"]', 'three pairs');
        $this->press(WebDriverKeys::ENTER);
        $this->see('Ignored: three pairs');
        $this->holds(1, "select count(*) from waivers where why = 'three pairs'");
        $this->assertQuiet();
    }

    public function test_a_sketch_is_written_from_parts_and_a_card_uses_it(): void
    {
        $this->open('/kits/1/sketches/new');
        $this->see('Write a sketch');
        $this->press('a');
        $this->see('3 3/4 × 5 part 2');
        $this->press('round label', WebDriverKeys::TAB);
        $this->choose('select[aria-label="round label, how it lies"]', 'is a circle set in');
        $this->typeInto('input[aria-label="round label, diameter"]', '9');
        $this->see('The round label is 9 in by its measure "diameter", but only 4 in is there.');
        $this->see('As written it cannot be drawn. The drawing shows it as it was before.');
        $this->typeInto('input[aria-label="round label, diameter"]', '5/8 of it');
        $this->see('2 1/2 × 2 1/2 round label');
        $this->choose('select[aria-label="round label, its form"]', 'round');
        $this->click('button', 'Save the sketch');
        $this->see('Give the sketch a name');
        $this->typeInto('input[size="24"]', 'Porthole');
        $this->click('button', 'Save the sketch');
        $this->see('Porthole is on the shelf.');
        $this->see('59 sketches on A2');
        $this->holds(1, "select count(*) from sketches where name = 'Porthole'");

        $this->openCard('Porthole');
        $this->see('2 1/2 × 2 1/2');
        $this->holds(1, "select count(*) from cards where id = 1 and sketch = 'own-1'");
        $this->assertQuiet();
    }

    public function test_folds_are_leafed_through_by_keyboard(): void
    {
        $this->open('/kits/1/folds');
        $this->see('score from the left at 2 1/8 and 6 3/8');
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->see('1 1/4 × 5 1/2');
        $this->press('l');
        $this->see('5 1/2 × 4 1/4 in');
        $this->click('button', 'shaker front');
        $this->see('Set the foam round it');
        $this->assertQuiet();
    }

    public function test_a_plan_and_a_front_are_printed(): void
    {
        $this->openCard('Circle on a mat');
        $this->see('The circle mat needs a die or punch');
        foreach (['Print its plan (PDF)' => 'application/pdf', 'Front (SVG)' => 'image/svg+xml'] as $link => $type) {
            $href = (string) $this->named('a', $link)->getAttribute('href');
            $got = $this->browser->executeAsyncScript(
                'const done = arguments[1]; fetch(arguments[0]).then(
                    async (r) => done([r.status, r.headers.get("content-type"), (await r.blob()).size > 1000]),
                )',
                [$href],
            );
            self::assertSame([200, $type, true], $got);
        }
    }

    private function openCard(string $sketch): void
    {
        $this->sharedOut();
        $this->click('a', 'Card 1 birthday');
        $this->choose('.choices label:nth-of-type(1) select', $sketch);
        $this->browser
            ->wait(10, 100)
            ->until(
                fn (): bool => (int) $this->table->value(
                    "select count(*) from acts where name = 'Change card 1 to $sketch'",
                ) === 1,
            );
    }
}
