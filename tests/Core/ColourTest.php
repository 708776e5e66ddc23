<?php

namespace Tests\Core;

use KeepShare\Core\Colour\BadColour;
use KeepShare\Core\Colour\Ciede2000;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /**
     * Pairs of the supplementary test data of Sharma, Wu and Dalal (2005): the two points, then the difference.
     *
     * @return array<int, array{array<int, float>}>
     */
    public static function published(): array
    {
        return array_map(static fn (array $row): array => [$row], [
            [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
            [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
            [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000],
            [50, 0, 0, 50, -1, 2, 2.3669],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195],
            [50, -0.0010, 2.4900, 50, 0.0009, -2.4900, 4.8045],
            [50, -0.0010, 2.4900, 50, 0.0011, -2.4900, 4.7461],
            [50, 2.5, 0, 50, 0, -2.5, 4.3065],
            [50, 2.5, 0, 73, 25, -18, 27.1492],
            [50, 2.5, 0, 61, -5, 29, 22.8977],
            [50, 2.5, 0, 56, -27, -3, 31.9030],
            [50, 2.5, 0, 58, 24, 15, 19.4535],
            [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
            [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630],
            [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
            [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373],
            [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441],
            [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
            [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082],
        ]);
    }

    /** @param  array<int, float>  $row */
    #[DataProvider('published')]
    public function test_agrees_with_the_published_pairs(array $row): void
    {
        [$l1, $a1, $b1, $l2, $a2, $b2, $difference] = $row;

        self::assertEqualsWithDelta($difference, Ciede2000::between(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)), 0.00006);
        self::assertEqualsWithDelta($difference, Ciede2000::between(new Lab($l2, $a2, $b2), new Lab($l1, $a1, $b1)), 0.00006);
    }

    public function test_reads_hex_and_knows_white_and_red(): void
    {
        self::assertEqualsWithDelta(100, Colour::fromHex('FFFFFF')->lab()->lightness, 0.01);
        $red = Colour::fromHex('#ff0000')->lab();
        self::assertEqualsWithDelta([53.24, 80.09, 67.20], [$red->lightness, $red->a, $red->b], 0.02);

        $this->expectException(BadColour::class);
        Colour::fromHex('#ff00');
    }
}
