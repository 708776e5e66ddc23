<?php

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/** The pages of a kit that is shared out, and the shelf; the rest are of the same parts. */
final class EveryPageTest extends PagesTestCase
{
    #[Group(self::SHARED_OUT)]
    public function test_the_pages_of_a_kit_are_good_for_all(): void
    {
        $this->sharedOut();
        $card = $this->table->value('select id from cards limit 1');
        $paper = $this->table->value("select id from components where kind = 'paper' limit 1");
        $this->assertGoodForAll(['/', '/people', ...array_map(static fn (string $page): string => "/kits/1/$page", [
            'unpack', 'count', 'add', 'about', "looks/$paper", 'pair', 'share-out', 'cut', 'keep', 'make', 'make/table', "cards/$card",
            'sketches', 'recipes', 'measures', 'tally', 'tally/cards', 'tally/materials',
        ])]);
    }
}
