<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Sketch\Cluster;
use KeepShare\Core\Sketch\Dim;

/**
 * The arrangements that ship with Keep Share, each for upright and lying fronts of any size. Most have the picture, the
 * words, and small pictures tucked under it or over a corner. A place for which a card has no piece is left out, and
 * the other pieces move together.
 */
final class Arrangements
{
    /** @return array<string, Arrangement> by key */
    public static function all(): array
    {
        /** @var array<string, Arrangement> $all */
        static $all = [];
        if ($all === []) {
            $arrangements = [
                ...self::centred(),
                ...array_merge(...array_map(self::sided(...), ['left', 'right'])),
                ...self::inLine(),
                ...self::spelled(),
                ...WordArrangements::all(),
            ];
            $all = array_column($arrangements, null, 'key');
        }

        return $all;
    }

    /** Whether it is one of these, unchanged. */
    public static function ships(Arrangement $arrangement): bool
    {
        return isset(self::all()[$arrangement->key]) && self::all()[$arrangement->key] == $arrangement;
    }

    /** @return list<Arrangement> */
    private static function centred(): array
    {
        return [
            Arrangement::of('centred', 'Centred', Family::Centred, [
                self::lap(Pieces::small(1), 'focal', 'bottom left', [2, 5]),
                self::lap(Pieces::small(2), 'focal', 'top right', [2, 5]),
                self::picture('place'),
                ...self::words(),
            ]),
            Arrangement::of('on-a-backing', 'On a backing', Family::Centred, [
                self::at(Pieces::BACKING, Stands::Backing, 'place')->key(),
                self::lap(Pieces::small(1), 'focal', 'left', [2, 5], [3, 4]),
                self::lap(Pieces::small(2), 'focal', 'right', [2, 5], [1, 3]),
                self::picture(Pieces::BACKING),
                ...self::words(),
            ]),
            Arrangement::of('label-and-frame', 'Label and frame', Family::Centred, [
                self::at(Pieces::BACKING, Stands::Backing, 'place'),
                self::at(Pieces::FRAME, Stands::Frame, 'place')->key(),
                self::picture(Pieces::FRAME, [1, 2], [2, 5]),
                self::lap(Pieces::small(1), Pieces::FRAME, 'bottom left', [1, 2]),
                self::lap(Pieces::small(2), Pieces::FRAME, 'right', [2, 5], [1, 4]),
                self::at(Pieces::WORDS, Stands::Words, Pieces::FRAME, [3, 5], [11, 12]),
                self::second(),
            ]),
            Arrangement::of('in-a-frame', 'In a frame', Family::Centred, [
                self::lap(Pieces::small(1), Pieces::FRAME, 'left', [2, 5], [4, 5]),
                self::lap(Pieces::small(2), Pieces::FRAME, 'right', [2, 5], [1, 5]),
                self::at(Pieces::FRAME, Stands::Frame, 'place')->key(),
                self::picture(Pieces::FRAME),
                ...self::words(),
            ], Cluster::Corners),
            Arrangement::of('on-a-tag', 'On a tag', Family::Centred, [
                self::at(Pieces::TAG, Stands::Tag, 'place')->key(),
                self::lap(Pieces::small(1), Pieces::TAG, 'left', [2, 5], [3, 4]),
                self::lap(Pieces::small(2), Pieces::TAG, 'right', [2, 5], [2, 5]),
                self::picture(Pieces::TAG, [1, 2], [4, 7]),
                ...self::words(),
            ]),
            Arrangement::of('a-band-behind', 'A band behind', Family::Band, [
                self::at(Pieces::BORDER, Stands::Border, 'place')->key(),
                self::lap(Pieces::small(1), 'focal', 'left', [1, 3], [3, 5]),
                self::lap(Pieces::small(2), 'focal', 'right', [1, 3], [3, 5]),
                self::picture('place'),
                ...self::words(),
            ]),
            Arrangement::of('over-an-edging', 'Over an edging', Family::Band, [
                self::along(Pieces::BORDER, 'bottom', [0, 1])->key(),
                self::lap(Pieces::small(1), 'focal', 'left', [2, 5], [2, 5]),
                self::lap(Pieces::small(2), 'focal', 'right', [2, 5], [2, 3]),
                self::picture('place'),
                ...self::words(),
            ]),
            Arrangement::of('scattered-three', 'Three scattered', Family::Scattered, [
                self::spread(Pieces::small(1), [3, 4], [9, 20])->key(),
                self::spread(Pieces::small(2), [1, 4], [5, 8])->key(),
                self::picture('panel', [3, 10], [1, 4]),
                ...self::words(),
            ]),
            Arrangement::of('scattered-five', 'Five scattered', Family::Scattered, [
                self::spread(Pieces::small(1), [4, 5], [1, 6])->key(),
                self::spread(Pieces::small(2), [4, 5], [5, 8])->key(),
                self::spread(Pieces::small(3), [1, 5], [1, 6])->key(),
                self::spread(Pieces::small(4), [1, 5], [5, 8])->key(),
                self::picture('panel', [1, 2], [2, 5]),
                ...self::words(),
            ]),
        ];
    }

    /** @return list<Arrangement> what can be to the left and to the right */
    private static function sided(string $side): array
    {
        $isRight = $side === 'right';
        $to = static fn (int $over, int $under): array => [$isRight ? $under - $over : $over, $under];
        $near = $side;
        $far = $isRight ? 'left' : 'right';
        $tilt = $isRight ? 1 : -1;

        return [
            Arrangement::of("tucked-lower-$side", "Tucked to the lower $side", Family::Lower, [
                self::lap(Pieces::small(1), 'focal', $near, [1, 2], [2, 5])->turned(30 * $tilt),
                self::lap(Pieces::small(2), 'focal', $far, [1, 2], [1, 3])->turned(-30 * $tilt),
                self::picture('panel', $to(3, 8), [11, 20]),
                self::at(Pieces::WORDS, Stands::Words, 'focal', $to(2, 3), [14, 15]),
                self::second(),
            ]),
            Arrangement::of("low-$side", "Low at the $side", Family::Lower, [
                self::lap(Pieces::small(1), 'focal', "top $far", [2, 5]),
                self::lap(Pieces::small(2), 'focal', $far, [2, 5], [3, 4]),
                self::picture('panel', $to(3, 10), [11, 20]),
                ...self::words(),
            ]),
            Arrangement::of("along-a-band-$side", "Along a band, to the $side", Family::Band, [
                self::lap(Pieces::small(1), 'focal', $far, [2, 5], [2, 5]),
                self::along(Pieces::BORDER, 'bottom', [1, 6])->key(),
                self::lap(Pieces::small(2), 'focal', "top $far", [1, 3]),
                self::stand(Pieces::FOCAL, Stands::Picture, $to(1, 4), [1, 3])->lifted(),
                self::at(Pieces::WORDS, Stands::Words, Pieces::BORDER, $to(5, 8), [1, 2]),
                self::second(),
            ]),
            Arrangement::of("up-a-column-$side", "Up a column at the $side", Family::Column, [
                self::lap(Pieces::small(2), Pieces::small(1), 'top', [1, 8], [1, 2])->key(),
                self::lap(Pieces::small(1), 'focal', 'top', [1, 8], [1, 2])->key(),
                self::picture('panel', $to(3, 10), [3, 5]),
                ...self::words(),
            ]),
            Arrangement::of("upper-$side-corner", "In the upper $side corner", Family::Corner, [
                self::lap(Pieces::small(1), 'focal', $far, [2, 5], [1, 3]),
                self::lap(Pieces::small(2), 'focal', 'bottom', [2, 5], $to(2, 5)),
                self::picture('panel', $to(3, 10), [3, 10]),
                ...self::words(),
            ]),
            Arrangement::of("across-from-the-$side", "From the upper $side to the lower $far", Family::Corner, [
                self::lap(Pieces::small(1), 'focal', "bottom $far", [2, 5]),
                self::spread(Pieces::small(2), $to(3, 4), [13, 20])->key(),
                self::picture('panel', $to(1, 3), [3, 10]),
                ...self::words(),
            ]),
            Arrangement::of("across-the-seam-$side", "Across the seam, to the $side", Family::Seam, [
                self::lap(Pieces::small(1), 'focal', $far, [2, 5], [2, 5]),
                self::lap(Pieces::small(2), 'focal', 'top', [2, 5], $to(1, 3)),
                self::at(Pieces::FOCAL, Stands::Picture, 'seam', $to(1, 4), [1, 2])->lifted()->key(),
                self::at(Pieces::WORDS, Stands::Words, 'seam', $to(2, 3), [1, 2]),
                self::second(),
            ]),
            Arrangement::of("border-over-the-seam-$side", "A border over the seam, to the $side", Family::Seam, [
                self::at(Pieces::BORDER, Stands::Border, 'seam')->key(),
                self::lap(Pieces::small(1), 'focal', $far, [2, 5], [2, 5]),
                self::lap(Pieces::small(2), 'focal', "top $near", [1, 3]),
                self::at(Pieces::FOCAL, Stands::Picture, 'seam', $to(1, 3), [1, 2])->lifted()->key(),
                ...self::words(),
            ]),
            Arrangement::of("off-the-$side-edge", "Off the $side edge", Family::OffEdge, [
                Spot::by(Pieces::small(1), Stands::Small, SpotKind::OffEdge, 'panel', [
                    'over' => Dim::share(1, 3),
                    'along' => Dim::share(3, 10),
                ], ['edge' => $side])->key(),
                self::lap(Pieces::small(2), 'focal', "top $near", [2, 5]),
                self::picture('panel', $to(5, 8), [1, 2]),
                ...self::words(),
            ]),
            Arrangement::of("hung-tag-$side", "A tag hung at the $side", Family::Hung, [
                self::at(Pieces::TWINE, Stands::Twine, 'panel', [1, 2], [1, 16]),
                self::hang(Pieces::TAG, Stands::Tag, $to(3, 10), [1, 16])->key(),
                self::lap(Pieces::small(1), Pieces::TAG, "bottom $far", [2, 5]),
                self::spread(Pieces::small(2), $to(3, 4), [1, 3]),
                self::at(Pieces::FOCAL, Stands::Picture, Pieces::TAG, [1, 2], [4, 7])->lifted()->key(),
                ...self::words(),
            ]),
            Arrangement::of("tag-beside-$side", "A tag tucked in at the $side", Family::Lower, [
                self::lap(Pieces::TAG, 'focal', $near, [1, 2], [1, 2], Stands::Tag)->key()->turned(10 * $tilt),
                self::lap(Pieces::small(1), 'focal', "bottom $far", [2, 5]),
                self::lap(Pieces::small(2), 'focal', "top $far", [2, 5]),
                self::picture('panel', $to(11, 20), [9, 20]),
                ...self::words(),
            ]),
            Arrangement::of("scene-$side", "A scene on a strip of land, to the $side", Family::Scene, [
                self::at(Pieces::small(3), Stands::Sky, 'panel', $to(3, 4), [1, 6]),
                self::at(Pieces::small(4), Stands::Sky, 'panel', $to(1, 5), [1, 5]),
                self::stand(Pieces::small(1), Stands::Small, $to(4, 5), [1, 5])->key(),
                self::stand(Pieces::small(2), Stands::Small, $to(1, 6), [1, 5]),
                self::stand(Pieces::FOCAL, Stands::Picture, $to(9, 20), [1, 5])->lifted()->key(),
                self::along(Pieces::BORDER, 'bottom', [1, 12])->key(),
                self::at(Pieces::WORDS, Stands::Words, Pieces::BORDER),
                self::second(),
            ], Cluster::Row),
        ];
    }

    /** @return list<Arrangement> letters and figures in a row, as many as a word or an age has, over a picture or by themselves */
    private static function spelled(): array
    {
        $arrangements = [];
        for ($many = 1; $many <= Pieces::LETTERS; $many++) {
            $says = $many === 1 ? 'One letter or figure' : "$many letters in a row";
            $arrangements[] = Arrangement::of("spelled-$many-over-a-picture", "$says over a picture", Family::Row, [
                self::picture('place'),
                ...self::letters($many, [1, 8]),
                ...self::words(),
            ]);
            $arrangements[] = Arrangement::of("spelled-$many", $says, Family::Row, [
                ...self::letters($many, [1, 3]),
                ...self::words(),
            ], Cluster::Row);
        }

        return $arrangements;
    }

    /**
     * @param  array{int, int}  $down
     * @return non-empty-list<Spot>
     */
    private static function letters(int $many, array $down): array
    {
        $across = static fn (int $nth): array => [2 * $nth - 1 + Pieces::LETTERS - $many, 2 * Pieces::LETTERS];
        $letter = static fn (int $nth): Spot => self::at(Pieces::letter($nth), Stands::Letter, 'panel', $across($nth), $down)->key();

        return [$letter(1), ...$many < 2 ? [] : array_map($letter, range(2, $many))];
    }

    /** @return list<Arrangement> */
    private static function inLine(): array
    {
        return [
            Arrangement::of('three-in-a-row', 'Three in a row', Family::Row, [
                self::at(Pieces::small(1), Stands::Small, 'panel', [1, 5], [2, 5])->key(),
                self::at(Pieces::small(2), Stands::Small, 'panel', [4, 5], [2, 5])->key(),
                self::picture('panel', [1, 2], [2, 5]),
                ...self::words(),
            ], Cluster::Row),
            Arrangement::of('twins-beside', 'Two alike beside it', Family::Row, [
                self::lap(Pieces::small(1), 'focal', 'left', [1, 4], [3, 5])->key(),
                self::lap(Pieces::small(2), 'focal', 'right', [1, 4], [3, 5], Stands::Twin)->key(),
                self::picture('place'),
                ...self::words(),
            ], Cluster::Row),
            Arrangement::of('three-standing', 'Three standing side by side', Family::Row, [
                self::lap(Pieces::small(1), 'focal', 'left', [1, 5], [3, 5])->key(),
                self::lap(Pieces::small(2), 'focal', 'right', [1, 5], [2, 5])->key(),
                self::picture('panel', [1, 2], [1, 3]),
                ...self::words(),
            ]),
            Arrangement::of('three-banners', 'Three banners from a line', Family::Hung, [
                self::at(Pieces::TWINE, Stands::Twine, 'panel', [1, 2], [1, 12]),
                self::hang(Pieces::banner(1), Stands::Banner, [1, 4], [1, 12])->key(),
                self::hang(Pieces::banner(2), Stands::Banner, [1, 2], [1, 12])->key(),
                self::hang(Pieces::banner(3), Stands::Banner, [3, 4], [1, 12])->key(),
                self::at(Pieces::FOCAL, Stands::Picture, 'panel', [1, 2], [2, 3])->lifted(),
                ...self::words(),
            ], Cluster::Row),
        ];
    }

    /**
     * @param  array{int, int}  $across
     * @param  array{int, int}  $down
     */
    private static function picture(string $of, array $across = [1, 2], array $down = [1, 2]): Spot
    {
        return self::at(Pieces::FOCAL, Stands::Picture, $of, $across, $down)->lifted()->key();
    }

    /** @return array{Spot, Spot} where the sketch keeps a place for them, and under them */
    private static function words(): array
    {
        return [self::at(Pieces::WORDS, Stands::Words, 'words'), self::second()];
    }

    /** @return list<Spot> where a second line may lie when there is no room under the first: above it, or at the head or the foot */
    public static function secondElsewhere(): array
    {
        $above = Spot::by(Pieces::MORE_WORDS, Stands::MoreWords, SpotKind::Beside, Pieces::WORDS, [
            'gap' => Dim::reveal(),
            'along' => Dim::share(1, 2),
        ], ['edge' => 'top']);

        return [
            $above,
            self::at(Pieces::MORE_WORDS, Stands::MoreWords, 'front', [1, 2], [1, 12]),
            self::at(Pieces::MORE_WORDS, Stands::MoreWords, 'front', [1, 2], [11, 12]),
        ];
    }

    /** A second line, under the first. */
    public static function second(): Spot
    {
        return Spot::by(Pieces::MORE_WORDS, Stands::MoreWords, SpotKind::Beside, Pieces::WORDS, [
            'gap' => Dim::reveal(),
            'along' => Dim::share(1, 2),
        ], ['edge' => 'bottom']);
    }

    /**
     * @param  array{int, int}  $across
     * @param  array{int, int}  $down
     */
    public static function at(string $id, Stands $stands, string $of, array $across = [1, 2], array $down = [1, 2]): Spot
    {
        return Spot::by($id, $stands, SpotKind::At, $of, ['across' => Dim::share(...$across), 'down' => Dim::share(...$down)]);
    }

    /**
     * @param  array{int, int}  $across
     * @param  array{int, int}  $down
     */
    private static function spread(string $id, array $across, array $down): Spot
    {
        return self::at($id, Stands::Small, 'panel', $across, $down);
    }

    /**
     * @param  array{int, int}  $by  of its own side
     * @param  array{int, int}  $along  of the side it lies over or under
     */
    public static function lap(
        string $id,
        string $of,
        string $side,
        array $by,
        array $along = [1, 2],
        Stands $stands = Stands::Small,
    ): Spot {
        $measures = ['by' => Dim::share(...$by), 'along' => Dim::share(...$along)];

        return Spot::by($id, $stands, SpotKind::Lapped, $of, $measures, ['side' => $side]);
    }

    /**
     * @param  array{int, int}  $across
     * @param  array{int, int}  $sunk  of its own height
     */
    private static function stand(string $id, Stands $stands, array $across, array $sunk): Spot
    {
        $measures = ['across' => Dim::share(...$across), 'sunk' => Dim::share(...$sunk)];

        return Spot::by($id, $stands, SpotKind::Standing, Pieces::BORDER, $measures);
    }

    /**
     * @param  array{int, int}  $across
     * @param  array{int, int}  $drop
     */
    private static function hang(string $id, Stands $stands, array $across, array $drop): Spot
    {
        $measures = ['across' => Dim::share(...$across), 'drop' => Dim::share(...$drop)];

        return Spot::by($id, $stands, SpotKind::Hanging, 'panel', $measures);
    }

    /** @param  array{int, int}  $in */
    private static function along(string $id, string $edge, array $in): Spot
    {
        return Spot::by($id, Stands::Border, SpotKind::AlongEdge, 'panel', ['in' => Dim::share(...$in)], ['edge' => $edge]);
    }
}
