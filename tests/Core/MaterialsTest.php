<?php

namespace Tests\Core;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\StepKinds;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Materials\AsMarkdown;
use KeepShare\Core\Materials\AsText;
use KeepShare\Core\Materials\CardMaterials;
use KeepShare\Core\Materials\Lines;
use KeepShare\Core\Materials\Measured;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Sketches;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** Materials and measures, written for a maker who has nothing else. Set GOLDEN=write to write the files again. */
final class MaterialsTest extends TestCase
{
    #[TestWith(['harbour-lanterns', false, 'inches.md'])]
    #[TestWith(['harbour-lanterns', true, 'inches-and-millimetres.md'])]
    #[TestWith(['knitted-hills', false, 'millimetres.md'])]
    public function test_a_card_is_written_as_it_was_agreed(string $kit, bool $both, string $file): void
    {
        $kit = Kits::demo($kit);
        $text = AsMarkdown::of("$kit->name: materials", ['One card.'], [self::lines($kit, $both)]);
        $path = __DIR__."/golden/materials-$file";
        if (getenv('GOLDEN') === 'write') {
            file_put_contents($path, $text);
        }
        self::assertStringEqualsFile($path, $text);
    }

    public function test_nothing_of_the_card_is_left_out_and_plain_text_says_the_same(): void
    {
        $kit = Kits::demo();
        $lines = self::lines($kit, false);
        $text = AsText::of('Title', [], [$lines]);
        foreach (self::card($kit)->takings as $taking) {
            self::assertStringContainsString(self::byId($kit)[$taking->component]->name, $text);
        }
        $markdown = AsMarkdown::of('Title', [], [$lines]);
        foreach ($lines->under as $heading => $own) {
            self::assertStringContainsString("### $heading", $markdown);
            foreach ($own as $line) {
                self::assertStringContainsString($line, $text);
            }
        }
        self::assertStringContainsString('scored at 4 1/4 in', $text);
        self::assertStringContainsString('1/8 in shows all round', $text);
    }

    public function test_what_means_something_in_markdown_stays_a_sign(): void
    {
        self::assertStringContainsString('# Sea \\*and\\* \\_shore\\_ \\#1', AsMarkdown::of('Sea *and* _shore_ #1', [], []));
    }

    private static function lines(Kit $kit, bool $both): Lines
    {
        $bench = CardAtBench::of(self::card($kit), self::byId($kit), $kit->unit);

        return Lines::of(CardMaterials::of($bench, StepKinds::stepsOf($bench)), Measured::in($kit->unit, $both));
    }

    private static function card(Kit $kit): Card
    {
        $isInch = $kit->unit === Unit::Inch;
        $paper = self::first($kit, 'paper');
        $plain = self::first($kit, 'cardstock');
        $card = Card::of(3, Sketches::all()['panel-on-mat'], $kit->front, Occasion::of('thank-you'), []);
        $layout = $card->layout($kit->unit);
        $takings = [Taking::some(self::first($kit, 'base'), 'base', 1)];
        if ($isInch) {
            $takings = [Taking::piece('shell', 'base', $card->construction(Unit::Inch)->blank->size, 0, true)];
        }
        foreach ($layout->parts as $laid) {
            $from = $laid->part->role->isPaper() ? $paper : $plain;
            $takings[] = Taking::piece($from, $laid->part->id, $laid->cut, $laid->part->role->isPaper() ? 1 : 0, false);
        }
        $takings[] = Taking::some(self::first($kit, 'die-cut'), 'focal', 1);
        $takings[] = Taking::some(self::first($kit, 'foam'), 'foam', 4);
        if ($isInch) {
            $takings[] = Taking::some('stamp-hello', 'sentiment', 0);
            $takings[] = Taking::some('twine', 'bow', Length::inches(12)->units);
        }

        return Card::of(3, $card->sketch, $kit->front, Occasion::of('thank-you'), $takings);
    }

    /** @return array<string, Component> */
    private static function byId(Kit $kit): array
    {
        return array_column(array_map(static fn (Component $one): array => [$one->id, $one], $kit->components), 1, 0);
    }

    private static function first(Kit $kit, string $kind): string
    {
        foreach ($kit->components as $component) {
            if ($component->kind()->value === $kind) {
                return $component->id;
            }
        }
        self::fail("There is no $kind.");
    }
}
