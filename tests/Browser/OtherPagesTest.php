<?php

namespace Tests\Browser;

/** The pages of all kits, those of designs, and those on which there is nothing yet. */
final class OtherPagesTest extends PagesTestCase
{
    public function test_the_other_pages_are_good_for_all(): void
    {
        $this->assertGoodForAll([
            '/', '/cards', '/people', '/people/occasions', '/gave', '/safe', '/tablet',
            ...array_map(static fn (string $page): string => "/kits/2/$page", [
                'arrange', 'arrangements', 'arrangements/new', 'sketches', 'sketches/new', 'recipes', 'recipes/make', 'folds', 'measures',
                'recipes/eighteen-from-six/look', 'recipes/eighteen-from-six/lay', 'class', 'share-out', 'share-out/next', 'cut', 'keep',
                'make', 'tally', 'tally/cards', 'tally/materials',
            ]),
        ]);
    }
}
