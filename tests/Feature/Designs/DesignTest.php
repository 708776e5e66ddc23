<?php

namespace Tests\Feature\Designs;

use Tests\Feature\FeatureTestCase;

/** The list of sketches and the measures beside it. */
final class DesignTest extends FeatureTestCase
{
    public function test_a_sketch_is_shown_on_any_front_with_sizes_reveals_and_what_can_be_used(): void
    {
        $kit = $this->harbour();
        $page = $this->props("/kits/$kit->id/sketches?sketch=panel-on-mat");
        self::assertSame(
            ['4 × 5 1/4', '1/8 all round', 10, '2 3/4 × 4 in'],
            [
                $page['chosen']['lines'][0]['size'],
                $page['chosen']['lines'][0]['reveals'],
                $page['chosen']['lines'][0]['shown'],
                $page['chosen']['lines'][0]['spare'],
            ],
        );

        $lying = $this->props("/kits/$kit->id/sketches?sketch=panel-on-mat&front=A6&lying=1");
        self::assertSame([true, 1_184_000], [$lying['front']['isLying'], $lying['shelf'][0]['front']['width']]);
        $typed = fn (string $width): array => $this->props(
            "/kits/$kit->id/sketches?sketch=panel-on-mat&front=typed&width=$width&height=4",
        );
        self::assertSame(
            ['4 × 4 in', null, '3 3/4 × 3 3/4'],
            [
                $typed('4')['front']['label'],
                $typed('4')['front']['fault'],
                $typed('4')['chosen']['lines'][0]['size'],
            ],
        );
        foreach (['0', 'wide', '-3'] as $width) {
            self::assertNotNull($typed($width)['front']['fault'], $width);
            self::assertSame(
                [$width, '4 × 5 1/4'],
                [$typed($width)['front']['width'], $typed($width)['chosen']['lines'][0]['size']],
                'what was typed stays, and so does a drawing',
            );
        }
        self::assertStringContainsString('Nothing is left', $typed('1/4')['chosen']['drawn']['fault']);
        self::assertSame('framed-panel', $this->props("/kits/$kit->id/sketches?sketch=nonsense&front=nonsense")['chosen']['drawn']['key']);
    }

    public function test_the_ladder_follows_what_is_typed_and_says_what_is_wrong_at_its_field(): void
    {
        $kit = $this->harbour();
        $page = $this->props("/kits/$kit->id/measures?width=5&height=7&reveals=1/8,1/16&pieceWidth=4&pieceHeight=6");
        self::assertSame(['5 × 7', '4 3/4 × 6 3/4', '4 5/8 × 6 5/8'], array_column($page['layers'], 'inch'));
        self::assertSame('4 × 6 in on layer 2 leaves 5/16 in visible at the sides, 5/16 in at top and bottom.', $page['place']);
        self::assertSame([1, 0, 1, 0], array_slice(array_column($page['bases'], 'count'), 0, 4));

        $changed = $this->props("/kits/$kit->id/measures?reveals=1/8,1/8&layer=1&layerWidth=3 3/4");
        self::assertSame(
            ['1/4, 1/8', ['4 1/4 × 5 1/2', '3 3/4 × 5', '3 1/2 × 4 3/4']],
            [$changed['typed']['reveals'], array_column($changed['layers'], 'inch')],
        );
        self::assertSame(
            '1/16, 1/8',
            $this->props("/kits/$kit->id/measures?reveals=1/8,1/8&layer=1&layerWidth=".urlencode('+1 marks'))[
                'typed'
            ]['reveals'],
        );

        foreach (
            [
                'layer=1&layerWidth=5' => 'layer1',
                'width=wide&height=5' => 'front',
                'width=0&height=5' => 'front',
                'reveals=9' => 'reveals',
                'reveals='.str_repeat('1/64,', 30) => 'reveals',
                'pieceWidth=x&pieceHeight=2' => 'piece',
            ] as $query => $field
        ) {
            self::assertArrayHasKey($field, $this->props("/kits/$kit->id/measures?$query")['faults'], $query);
        }
    }
}
