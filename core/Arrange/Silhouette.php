<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Measure\Size;

/**
 * The outline of a piece as a polygon with few sides, in a box of a hundred by a hundred, and where its face is. The
 * drawing is finer. Overlaps are computed with these.
 */
final class Silhouette
{
    private const OVAL = [
        [50, 0], [75, 7], [93, 25], [100, 50], [93, 75], [75, 93],
        [50, 100], [25, 93], [7, 75], [0, 50], [7, 25], [25, 7],
    ];

    /** @var array<string, non-empty-list<array{int, int}>> */
    private const POINTS = [
        'lantern' => [[34, 6], [66, 6], [80, 36], [84, 98], [16, 98], [20, 36]],
        'gull' => [[2, 34], [20, 16], [40, 28], [62, 26], [80, 14], [98, 30], [68, 62], [56, 84], [16, 92]],
        'lighthouse' => [[50, 0], [70, 12], [64, 30], [80, 100], [20, 100], [36, 30], [30, 12]],
        'boat' => [[42, 6], [56, 6], [90, 60], [96, 66], [82, 94], [18, 94], [4, 66], [10, 60]],
        'anchor' => [[50, 0], [66, 14], [74, 44], [90, 60], [80, 84], [50, 100], [20, 84], [10, 60], [26, 44], [34, 14]],
        'shell' => [[50, 4], [84, 20], [98, 46], [62, 98], [38, 98], [2, 46], [16, 20]],
        'fish' => [[4, 50], [20, 28], [44, 22], [76, 44], [98, 22], [98, 78], [76, 56], [44, 78], [20, 72]],
        'tag' => [[24, 0], [76, 0], [100, 18], [100, 100], [0, 100], [0, 18]],
        'heart' => [[50, 18], [66, 4], [86, 6], [98, 26], [92, 50], [50, 98], [8, 50], [2, 26], [14, 6], [34, 4]],
        'star' => [[50, 0], [64, 34], [100, 38], [72, 62], [82, 98], [50, 78], [18, 98], [28, 62], [0, 38], [36, 34]],
        'leaf' => [[50, 0], [80, 24], [84, 56], [66, 84], [50, 98], [32, 84], [12, 56], [22, 20]],
        'sheep' => [[14, 28], [40, 14], [70, 22], [94, 30], [94, 52], [74, 64], [68, 98], [30, 98], [8, 58]],
        'cottage' => [[50, 4], [70, 16], [100, 48], [86, 96], [14, 96], [0, 48]],
        'mitten' => [[28, 24], [50, 6], [74, 22], [98, 44], [78, 74], [78, 98], [24, 98]],
        'cup' => [[10, 10], [60, 6], [96, 46], [90, 76], [66, 94], [24, 94], [10, 72]],
        'tree' => [[50, 0], [94, 84], [56, 100], [44, 100], [6, 84]],
        'banner' => [[0, 0], [100, 0], [92, 50], [100, 100], [0, 100], [8, 50]],
    ];

    private const ROUND = [
        Shape::Circle, Shape::Flower, Shape::Wheel, Shape::Knot, Shape::Daisy, Shape::Sunflower, Shape::Wreath, Shape::Donut,
        Shape::OvalFrame, Shape::Scallop, Shape::Doily,
    ];

    /** Shapes without a right way up, however they are turned. */
    private const LIES = [
        Shape::Daisy, Shape::Sunflower, Shape::Wreath, Shape::Donut, Shape::OvalFrame, Shape::Scallop, Shape::Doily, Shape::Rose,
        Shape::Starfish, Shape::Snowflake, Shape::Feather, Shape::Key, Shape::Bow, Shape::Fern,
    ];

    /** Shapes with a right way up. They stand, and lean only a little. */
    private const STANDS = [
        Shape::Lantern, Shape::Gull, Shape::Lighthouse, Shape::Boat, Shape::Anchor, Shape::Fish, Shape::Tag, Shape::Label,
        Shape::Frame, Shape::Banner, Shape::Heart, Shape::Sheep, Shape::Cottage, Shape::Mitten, Shape::Cup, Shape::Tree,
    ];

    /** Shapes that may float in a sky. All others stand on something or lie flat. */
    private const FLOATS = [
        Shape::Gull, Shape::Star, Shape::Heart, Shape::Circle, Shape::Leaf, Shape::Lantern, Shape::Butterfly, Shape::Bee,
        Shape::Dragonfly, Shape::Ladybird, Shape::Bird, Shape::Balloon, Shape::Balloons, Shape::HotAirBalloon, Shape::Airplane,
        Shape::Rocket, Shape::Kite, Shape::Sun, Shape::Moon, Shape::Cloud, Shape::Rainbow, Shape::Snowflake, Shape::Feather,
        Shape::Bauble, Shape::Ghost,
    ];

    /** Shapes that stand on something and look lost above something else. */
    private const GROUNDED = [
        Shape::Lighthouse, Shape::Boat, Shape::Cottage, Shape::Tree, Shape::Sheep, Shape::Cup, Shape::Castle, Shape::Windmill, Shape::Car,
        Shape::Bicycle, Shape::Camper, Shape::Train, Shape::House, Shape::Church, Shape::Birdhouse, Shape::Snowman, Shape::Pram,
        Shape::Flowerpot, Shape::Cactus, Shape::Mushroom, Shape::Elephant, Shape::Horse, Shape::Dinosaur, Shape::Hedgehog, Shape::Cat,
        Shape::Dog, Shape::Rabbit, Shape::Bear, Shape::Cake, Shape::Teapot, Shape::Bottle, Shape::Glass, Shape::Gingerbread,
    ];

    /** Shapes with two points cut into the lower end, where they hang. */
    private const HUNG_BANNER = [[0, 0], [100, 0], [100, 100], [50, 80], [0, 100]];

    /** @var array<string, array{int, int, int, int}> left, top, width and height of the face */
    private const FACES = [
        'gull' => [10, 60, 30, 34], 'fish' => [4, 30, 28, 40], 'sheep' => [70, 24, 26, 36], 'bird' => [4, 20, 44, 32],
        'owl' => [16, 18, 68, 46], 'chick' => [12, 12, 46, 40], 'swan' => [2, 4, 38, 28], 'cat' => [24, 22, 52, 44],
        'dog' => [30, 14, 40, 46], 'rabbit' => [30, 40, 40, 34], 'bear' => [20, 14, 60, 46], 'fox' => [16, 26, 68, 66],
        'hedgehog' => [0, 46, 44, 40], 'horse' => [6, 18, 42, 48], 'mouse' => [18, 34, 62, 46], 'elephant' => [12, 24, 34, 34],
        'dinosaur' => [4, 6, 38, 28], 'whale' => [4, 38, 34, 28], 'octopus' => [28, 20, 44, 40], 'duck' => [8, 6, 48, 38],
        'snowman' => [26, 22, 48, 38], 'reindeer' => [32, 42, 36, 52], 'gingerbread' => [28, 4, 44, 38], 'ghost' => [24, 18, 52, 52],
        'crab' => [30, 32, 40, 24], 'ladybird' => [26, 8, 48, 28],
    ];

    /** A piece whose name has one of these words has a face, wherever it is on the piece. */
    private const LIVING = '/\b(baby|bear|bee|bird|boy|bunny|cat|child|chick|cow|deer|dog|duck|elf|fairy|fox|friend|girl|goose|'
        .'hare|hedgehog|horse|kitten|lady|lamb|man|mermaid|mouse|owl|penguin|pig|pony|puppy|rabbit|reindeer|robin|santa|'
        .'snowman|squirrel|swan|woman)s?\b/iu';

    /**
     * @param  Size|null  $size  a banner that is higher than wide hangs
     * @return non-empty-list<array{int, int}>
     */
    public static function of(Shape $shape, ?Size $size = null): array
    {
        return match (true) {
            $shape === Shape::Banner && $size?->isLying() === false => self::HUNG_BANNER,
            isset(self::POINTS[$shape->value]) => self::POINTS[$shape->value],
            in_array($shape, self::ROUND, true) => self::OVAL,
            isset(Outlines::POINTS[$shape->value]) => Outlines::POINTS[$shape->value],
            default => [[0, 0], [100, 0], [100, 100], [0, 100]],
        };
    }

    public static function stands(Shape $shape): bool
    {
        return in_array($shape, self::STANDS, true) || (isset(Outlines::POINTS[$shape->value]) && ! in_array($shape, self::LIES, true));
    }

    public static function floats(Shape $shape): bool
    {
        return in_array($shape, self::FLOATS, true);
    }

    public static function isGrounded(Shape $shape): bool
    {
        return in_array($shape, self::GROUNDED, true);
    }

    /**
     * The box of the face within the box of the piece. Null if there is none.
     *
     * @return array{int, int, int, int}|null left, top, width, height
     */
    public static function face(Shape $shape, string $name): ?array
    {
        $unknown = preg_match(self::LIVING, $name) === 1 ? [0, 0, 100, 60] : null;

        return self::FACES[$shape->value] ?? $unknown;
    }

    /**
     * The points of a box with its middle at a place, turned about that place.
     *
     * @param  non-empty-list<array{int, int}>  $points
     * @return non-empty-list<array{int, int}>
     */
    public static function laid(array $points, Size $size, int $x, int $y, int $turn): array
    {
        [$width, $height] = [$size->width->units, $size->height->units];
        foreach ($points as $n => [$right, $down]) {
            $dx = intdiv(($right - 50) * $width, 100);
            $dy = intdiv(($down - 50) * $height, 100);
            if ($turn !== 0) {
                [$dx, $dy] = Turn::of($dx, $dy, $turn);
            }
            $points[$n] = [$x + $dx, $y + $dy];
        }

        return $points;
    }
}
