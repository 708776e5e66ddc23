<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;

/** The sketches that ship with Keep Share. Each works upright and lying. */
final class Sketches
{
    private const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

    /** @return array<string, Sketch> by key */
    public static function all(): array
    {
        /** @var array<string, Sketch> $all */
        static $all = [];
        if ($all === []) {
            $sketches = [
                self::framedPanel(),
                self::panelOnMat(),
                self::seamStrip(),
                self::bandAcross(),
                self::columnAndField(),
                self::stackedMats(),
                self::borderBelow(),
                self::tilesInRow(),
                self::threeStrips(),
                self::columnAtRight(),
                self::borderAbove(),
                self::twoBands(),
                self::panelAndStrip(),
                self::fourTiles(),
                self::uprightStrips(),
                self::fieldBetweenColumns(),
                self::inlaidPanel(),
                self::lowSeam(),
                self::stripDown(),
                self::plainWithBand(),
                self::doubleFrame(),
                self::halfAndHalf(),
                self::fiveTiles(),
                self::labelBand(),
                self::roundFocus(),
                self::tagOnPanel(),
                self::threeBanners(),
                self::windowPanel(),
                self::diagonalBand(),
                self::raysBehind(),
                self::twoTriangles(),
                self::roundedPanel(),
                self::scallopBorder(),
                self::sixTiles(),
                self::twoDoors(),
                self::lowPicture(),
                ...LeanSketches::all(),
            ];
            foreach ($sketches as $sketch) {
                $all[$sketch->key] = $sketch;
            }
        }

        return $all;
    }

    /** Whether it is one of these, unchanged. */
    public static function ships(Sketch $sketch): bool
    {
        return isset(self::all()[$sketch->key]) && self::all()[$sketch->key] == $sketch;
    }

    /**
     * One of them with the changes that Sketch::$manner describes: "two-bands~panel plain~upper-band wide -2".
     *
     * @return Sketch|null null where none ships that has it
     */
    public static function manner(string $manner): ?Sketch
    {
        $changes = explode('~', $manner);
        $sketch = self::all()[array_shift($changes)] ?? null;
        foreach ($changes as $change) {
            [$part, $measure, $by] = [...explode(' ', $change), '', ''];
            $sketch = $measure === 'plain' ? $sketch?->plain() : $sketch?->giving($part, $measure, (int) $by);
        }

        return $sketch?->manner === $manner ? $sketch : null;
    }

    private static function framedPanel(): Sketch
    {
        return Sketch::of('framed-panel', 'Framed panel', [
            Part::of('panel', 'panel', Role::Background, Inset::in('front')),
            Part::of('label', 'label', Role::Label, Middle::inside('panel', Dim::share(5, 8), Dim::share(9, 16))),
        ], Inset::in('label'), self::lower('panel', 3, 16), 10);
    }

    private static function panelOnMat(): Sketch
    {
        return Sketch::of('panel-on-mat', 'Panel on a mat', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
            Part::of('panel', 'panel', Role::Field, Inset::in('mat')),
            Part::guide('upper', Slice::along(Edge::Top, 'panel', Dim::share(2, 3))),
        ], Inset::in('upper'), self::lower('panel', 1, 4, self::eighth()), 10);
    }

    private static function seamStrip(): Sketch
    {
        return Sketch::of('seam-strip', 'Two papers, seam strip', [
            Part::guide('body', Inset::in('front')),
            Part::of('upper', 'upper paper', Role::Field, Slice::along(Edge::Top, 'body', Dim::share(5, 8))),
            Part::of('lower', 'lower paper', Role::Background, Slice::restFrom(Edge::Top, 'body', Dim::share(5, 8))),
            Part::of('strip', 'seam strip', Role::Strip, Seam::under('upper', self::fixed(1, 2, 12))),
        ], Slice::along(Edge::Top, 'upper', Dim::share(7, 8)), self::lower('lower', 3, 5), 12);
    }

    private static function bandAcross(): Sketch
    {
        return Sketch::of('band-across', 'Band across', [
            Part::of('panel', 'panel', Role::Background, Inset::in('front')),
            Part::of('band-mat', 'band mat', Role::Mat, Slice::along(Edge::Bottom, 'panel', Dim::share(1, 2), Dim::share(1, 4))),
            Part::guide('raised', Slice::restFrom(Edge::Bottom, 'band-mat', self::eighth())),
            Part::of('band', 'band', Role::Field, Slice::restFrom(Edge::Top, 'raised', self::eighth())),
        ], Inset::in('band', Dim::fixed(Length::zero(), Length::zero())), self::lower('panel', 7, 32), 12);
    }

    private static function columnAndField(): Sketch
    {
        return Sketch::of('column-and-field', 'Column and panel', [
            Part::guide('body', Inset::in('front')),
            Part::of('column', 'column', Role::Background, Slice::along(Edge::Left, 'body', Dim::share(5, 16)->giving(-4, 0))),
            Part::of('field', 'panel', Role::Field, Slice::restFrom(
                Edge::Left,
                'body',
                Dim::share(5, 16)->giving(-4, 0),
                self::eighth(),
            )),
            Part::guide('upper', Slice::along(Edge::Top, 'field', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('field', 1, 4, self::eighth()), 10);
    }

    private static function stackedMats(): Sketch
    {
        return Sketch::of('stacked-mats', 'Stacked mats', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
            Part::of('panel', 'panel', Role::Background, Inset::in('mat')),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(3, 16))),
            Part::of('inner-mat', 'inner mat', Role::Mat, Middle::inside('upper', Dim::share(3, 4), Dim::share(7, 8))),
            Part::of('inner', 'inner panel', Role::Field, Inset::in('inner-mat')),
        ], Inset::in('inner'), self::lower('panel', 3, 16), 18);
    }

    private static function borderBelow(): Sketch
    {
        return Sketch::of('border-below', 'Border below', [
            Part::of('panel', 'panel', Role::Field, Inset::in('front')),
            Part::of('line', 'line', Role::Strip, Slice::along(Edge::Bottom, 'panel', self::fixed(1, 4, 6), Dim::share(1, 4))),
            Part::of('border', 'border', Role::Accent, Slice::along(Edge::Bottom, 'panel', Dim::share(1, 4))),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(5, 16))),
        ], Inset::in('upper'), self::lower('panel', 1, 4), 12);
    }

    private static function tilesInRow(): Sketch
    {
        $tile = static fn (int $nth): Part => Part::of(
            'tile-'.($nth + 1),
            self::ORDINALS[$nth].' tile',
            Role::Accent,
            Tile::inRow('row', $nth, 3, self::eighth()),
        );

        return Sketch::of('tiles-in-row', 'Three tiles in a row', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('row', Slice::along(Edge::Top, 'ground', Dim::share(1, 4), self::eighth())),
            $tile(0), $tile(1), $tile(2),
            Part::guide('below', Slice::restFrom(Edge::Top, 'ground', Dim::share(5, 16))),
            Part::guide('middle', Slice::along(Edge::Top, 'below', Dim::share(2, 3))),
        ], Inset::in('middle'), self::lower('below', 1, 4, self::eighth()), 15);
    }

    private static function threeStrips(): Sketch
    {
        $strip = static fn (int $nth): Part => Part::of(
            "strip-$nth",
            self::ORDINALS[$nth - 1].' strip',
            Role::Accent,
            Slice::along(Edge::Bottom, 'ground', Dim::share(1, 9)->giving(-2, 1), Dim::share(4 * $nth - 3, 32)),
        );

        return Sketch::of('three-strips', 'Three strips', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            $strip(1), $strip(2), $strip(3),
            Part::guide('above', Slice::restFrom(Edge::Bottom, 'ground', Dim::share(13, 32))),
            Part::guide('upper', Slice::along(Edge::Top, 'above', Dim::share(3, 4))),
        ], Inset::in('upper', self::sixteenth()), self::lower('above', 1, 4), 12);
    }

    private static function columnAtRight(): Sketch
    {
        return Sketch::of('column-at-right', 'Column at the right', [
            Part::guide('body', Inset::in('front')),
            Part::of('field', 'panel', Role::Field, Slice::restFrom(Edge::Right, 'body', Dim::share(1, 4), self::eighth())),
            Part::of('column', 'column', Role::Background, Slice::along(Edge::Right, 'body', Dim::share(1, 4))),
            Part::guide('upper', Slice::along(Edge::Top, 'field', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('field', 1, 4, self::eighth()), 10);
    }

    private static function borderAbove(): Sketch
    {
        return Sketch::of('border-above', 'Border above', [
            Part::of('panel', 'panel', Role::Field, Inset::in('front')),
            Part::of('border', 'border', Role::Accent, Slice::along(Edge::Top, 'panel', Dim::share(1, 4))),
            Part::of('line', 'line', Role::Strip, Slice::along(Edge::Top, 'panel', self::fixed(1, 4, 6), Dim::share(1, 4))),
            Part::guide('rest', Slice::restFrom(Edge::Top, 'panel', Dim::share(5, 16))),
            Part::guide('middle', Slice::along(Edge::Top, 'rest', Dim::share(11, 16))),
        ], Inset::in('middle'), self::lower('rest', 1, 4, self::eighth()), 12);
    }

    private static function twoBands(): Sketch
    {
        return Sketch::of('two-bands', 'Two bands', [
            Part::of('panel', 'panel', Role::Field, Inset::in('front')),
            Part::of(
                'upper-band',
                'upper band',
                Role::Accent,
                Slice::along(Edge::Top, 'panel', Dim::share(1, 8)->giving(-2, 2), self::eighth()),
            ),
            Part::of(
                'lower-band',
                'lower band',
                Role::Accent,
                Slice::along(Edge::Bottom, 'panel', Dim::share(1, 4)->giving(-4, 0), self::eighth()),
            ),
            Part::guide('middle', Slice::restFrom(Edge::Top, 'panel', Dim::share(3, 16))),
            Part::guide('open', Slice::restFrom(Edge::Bottom, 'middle', Dim::share(3, 8))),
        ], Inset::in('open'), self::lower('panel', 1, 4, self::eighth()), 12);
    }

    private static function panelAndStrip(): Sketch
    {
        return Sketch::of('panel-and-strip', 'Panel and strip side by side', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('inside', Inset::in('ground')),
            Part::of('panel', 'panel', Role::Field, Slice::along(Edge::Left, 'inside', Dim::share(3, 4))),
            Part::of('strip', 'strip', Role::Accent, Slice::restFrom(Edge::Left, 'inside', Dim::share(3, 4), self::eighth())),
            Part::guide('upper', Slice::along(Edge::Top, 'panel', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('panel', 1, 4, self::eighth()), 12);
    }

    private static function fourTiles(): Sketch
    {
        $tile = static fn (int $nth): Part => Part::of(
            'tile-'.($nth + 1),
            self::ORDINALS[$nth].' tile',
            Role::Accent,
            Tile::inRow($nth < 2 ? 'row-1' : 'row-2', $nth % 2, 2, self::eighth()),
        );

        return Sketch::of('four-tiles', 'Four tiles above', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('upper', Slice::along(Edge::Top, 'ground', Dim::share(3, 8))),
            Part::guide('row-1', Slice::along(Edge::Top, 'upper', Dim::share(7, 16), self::eighth())),
            Part::guide('row-2', Slice::along(Edge::Bottom, 'upper', Dim::share(7, 16))),
            $tile(0), $tile(1), $tile(2), $tile(3),
            Part::guide('below', Slice::restFrom(Edge::Top, 'ground', Dim::share(3, 8), self::eighth())),
            Part::guide('middle', Slice::along(Edge::Top, 'below', Dim::share(5, 8))),
        ], Inset::in('middle', self::sixteenth()), self::lower('below', 5, 16), 18);
    }

    private static function uprightStrips(): Sketch
    {
        $strip = static fn (int $nth): Part => Part::of(
            "strip-$nth",
            self::ORDINALS[$nth - 1].' strip',
            Role::Accent,
            Slice::along(Edge::Left, 'ground', Dim::share(1, 10)->giving(-1, 1), Dim::share(4 * $nth - 3, 32)),
        );

        return Sketch::of('upright-strips', 'Three upright strips', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            $strip(1), $strip(2), $strip(3),
            Part::guide('beside', Slice::restFrom(Edge::Left, 'ground', Dim::share(13, 32))),
            Part::guide('upper', Slice::along(Edge::Top, 'beside', Dim::share(11, 16))),
        ], Inset::in('upper', self::sixteenth()), self::lower('beside', 1, 4, self::eighth()), 12);
    }

    private static function fieldBetweenColumns(): Sketch
    {
        return Sketch::of('field-between-columns', 'Panel between two columns', [
            Part::guide('body', Inset::in('front')),
            Part::of('left', 'left column', Role::Accent, Slice::along(Edge::Left, 'body', Dim::share(3, 16))),
            Part::of('right', 'right column', Role::Accent, Slice::along(Edge::Right, 'body', Dim::share(3, 16))),
            Part::guide('rest', Slice::restFrom(Edge::Left, 'body', Dim::share(3, 16), self::eighth())),
            Part::of('field', 'panel', Role::Field, Slice::restFrom(Edge::Right, 'rest', Dim::share(15, 64), self::eighth())),
            Part::guide('upper', Slice::along(Edge::Top, 'field', Dim::share(11, 16))),
        ], Inset::in('upper', self::sixteenth()), self::lower('body', 1, 4, self::eighth()), 15);
    }

    private static function inlaidPanel(): Sketch
    {
        return Sketch::of('inlaid-panel', 'Inlaid panel', [
            Part::of('panel', 'panel', Role::Background, Inset::in('front')),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(1, 4))),
            Part::of('inner-mat', 'inner mat', Role::Mat, Middle::inside('upper', Dim::share(7, 8), Dim::share(7, 8))),
            Part::of('inner', 'inner panel', Role::Field, Inset::in('inner-mat')),
        ], Inset::in('inner'), self::lower('panel', 1, 4), 15);
    }

    private static function lowSeam(): Sketch
    {
        return Sketch::of('low-seam', 'Low seam', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
            Part::guide('body', Inset::in('mat')),
            Part::of('upper', 'upper paper', Role::Field, Slice::along(Edge::Top, 'body', Dim::share(3, 4))),
            Part::of('lower', 'lower paper', Role::Background, Slice::restFrom(Edge::Top, 'body', Dim::share(3, 4))),
            Part::of('strip', 'seam strip', Role::Strip, Seam::under('upper', self::fixed(1, 4, 6))),
            Part::guide('sky', Slice::along(Edge::Top, 'upper', Dim::share(2, 3))),
        ], Inset::in('sky', self::sixteenth()), self::lower('upper', 1, 4, self::eighth()), 15);
    }

    private static function stripDown(): Sketch
    {
        return Sketch::of('strip-down', 'Strip down the side', [
            Part::of('panel', 'panel', Role::Field, Inset::in('front')),
            Part::of(
                'strip',
                'strip',
                Role::Accent,
                Slice::along(Edge::Left, 'panel', Dim::share(3, 16)->giving(-2, 2), Dim::share(1, 16)),
            ),
            Part::guide('beside', Slice::restFrom(Edge::Left, 'panel', Dim::share(5, 16))),
            Part::guide('upper', Slice::along(Edge::Top, 'beside', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('beside', 1, 4, self::eighth()), 10);
    }

    private static function plainWithBand(): Sketch
    {
        return Sketch::of('plain-with-band', 'Plain background with a band', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::of(
                'band',
                'band',
                Role::Background,
                Slice::along(Edge::Bottom, 'ground', Dim::share(3, 8)->giving(-4, 1), Dim::share(1, 8)),
            ),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'ground', Dim::share(1, 2))),
        ], Inset::in('upper', self::sixteenth()), self::lower('ground', 1, 4, Dim::share(3, 16)), 8);
    }

    private static function doubleFrame(): Sketch
    {
        return Sketch::of('double-frame', 'Double frame', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front', self::sixteenth())),
            Part::of('frame', 'frame', Role::Background, Inset::in('mat', self::sixteenth())),
            Part::of('inner-mat', 'inner mat', Role::Mat, Inset::in('frame', self::fixed(3, 8, 10))),
            Part::of('panel', 'panel', Role::Field, Inset::in('inner-mat', self::sixteenth())),
            Part::guide('upper', Slice::along(Edge::Top, 'panel', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('panel', 1, 4, self::eighth()), 18);
    }

    private static function halfAndHalf(): Sketch
    {
        return Sketch::of('half-and-half', 'Half and half', [
            Part::guide('body', Inset::in('front')),
            Part::of('left', 'left paper', Role::Background, Slice::along(Edge::Left, 'body', Dim::share(1, 2))),
            Part::of('right', 'right paper', Role::Background, Slice::restFrom(Edge::Left, 'body', Dim::share(1, 2))),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'body', Dim::share(1, 4))),
            Part::of('label', 'label', Role::Label, Middle::inside('upper', Dim::share(5, 8), Dim::share(13, 16))),
        ], Inset::in('label'), self::lower('body', 1, 4), 12);
    }

    private static function fiveTiles(): Sketch
    {
        $tile = static fn (int $nth): Part => Part::of(
            'tile-'.($nth + 1),
            self::ORDINALS[$nth].' tile',
            Role::Accent,
            Tile::inRow('row', $nth, 5, self::sixteenth()),
        );

        return Sketch::of('five-tiles', 'Five tiles in a row', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('row', Slice::along(Edge::Bottom, 'ground', Dim::share(3, 16), self::eighth())),
            $tile(0), $tile(1), $tile(2), $tile(3), $tile(4),
            Part::guide('above', Slice::restFrom(Edge::Bottom, 'ground', Dim::share(1, 4))),
            Part::guide('upper', Slice::along(Edge::Top, 'above', Dim::share(11, 16))),
        ], Inset::in('upper'), self::lower('above', 1, 4), 15);
    }

    private static function labelBand(): Sketch
    {
        return Sketch::of('label-band', 'Label on a band', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
            Part::of('panel', 'panel', Role::Background, Inset::in('mat')),
            Part::of('band', 'band', Role::Accent, Slice::along(Edge::Top, 'panel', Dim::share(1, 2), Dim::share(1, 8))),
            Part::of('label', 'label', Role::Label, Middle::inside('band', Dim::share(5, 8), Dim::share(7, 8))),
        ], Inset::in('label', self::sixteenth()), self::lower('panel', 1, 4), 15);
    }

    private static function roundFocus(): Sketch
    {
        return Sketch::of('round-focus', 'Circle on a mat', [
            Part::of('panel', 'panel', Role::Background, Inset::in('front')),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(1, 4))),
            Part::of('circle-mat', 'circle mat', Role::Mat, Circle::in('upper', Dim::share(15, 16)), Form::round()),
            Part::of('circle', 'circle', Role::Label, Inset::in('circle-mat'), Form::round()),
        ], Middle::inside('circle', Dim::share(3, 4), Dim::share(3, 4)), self::lower('panel', 1, 4), 14);
    }

    private static function tagOnPanel(): Sketch
    {
        return Sketch::of(
            'tag-on-panel',
            'Tag on a panel',
            [
                Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
                Part::of('panel', 'panel', Role::Background, Inset::in('mat')),
                Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(1, 4))),
                Part::of(
                    'tag',
                    'tag',
                    Role::Label,
                    Middle::inside('upper', Dim::share(5, 8), Dim::share(7, 8)),
                    Form::tag(Edge::Top, self::fixed(1, 2, 12)),
                    1,
                ),
            ],
            Slice::along(Edge::Bottom, 'tag', Dim::share(3, 4), self::sixteenth(), self::sixteenth()),
            self::lower('panel', 1, 4),
            15,
        );
    }

    private static function threeBanners(): Sketch
    {
        $banner = static fn (int $nth, string $name, int $sixteenths): array => [
            Part::guide("place-$nth", Tile::inRow('line', $nth - 1, 3, self::eighth())),
            Part::of(
                "banner-$nth",
                $name,
                Role::Accent,
                Slice::along(Edge::Top, "place-$nth", Dim::share($sixteenths, 16)),
                Form::banner(Edge::Bottom, self::fixed(1, 4, 6)),
            ),
        ];

        return Sketch::of('three-banners', 'Three banners hung from a line', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('line', Slice::along(Edge::Top, 'ground', Dim::share(1, 2), self::eighth())),
            ...$banner(1, 'short banner', 9), ...$banner(2, 'long banner', 15), ...$banner(3, 'middle banner', 12),
            Part::of('cord', 'line', Role::Strip, Slice::along(Edge::Top, 'ground', self::eighth(), self::eighth())),
            Part::guide('below', Slice::restFrom(Edge::Top, 'ground', Dim::share(1, 2), self::eighth())),
            Part::guide('middle', Slice::along(Edge::Top, 'below', Dim::share(5, 8))),
        ], Inset::in('middle', self::sixteenth()), self::lower('below', 5, 16), 18);
    }

    private static function windowPanel(): Sketch
    {
        return Sketch::of('window-panel', 'Window over a paper', [
            Part::of('view', 'paper behind the window', Role::Field, Inset::in('front', self::fixed(1, 4, 6))),
            Part::of('frame', 'window frame', Role::Ground, Inset::in('front'), Form::window(self::fixed(3, 4, 18))),
            Part::guide('open', Inset::in('frame', self::fixed(3, 4, 18))),
            Part::guide('upper', Slice::along(Edge::Top, 'open', Dim::share(2, 3))),
        ], Inset::in('upper', self::sixteenth()), Slice::along(Edge::Bottom, 'open', Dim::share(1, 4), self::sixteenth()), 16);
    }

    private static function diagonalBand(): Sketch
    {
        return Sketch::of('diagonal-band', 'Band from corner to corner', [
            Part::of('mat', 'mat', Role::Mat, Inset::in('front')),
            Part::of('panel', 'panel', Role::Field, Inset::in('mat')),
            // Not over the whole panel: no strip of a 6 in pad is long enough from corner to corner.
            Part::guide('sky', Slice::along(Edge::Top, 'panel', Dim::share(5, 8))),
            Part::of('band', 'diagonal band', Role::Accent, Inset::in('sky', Dim::none()), Form::diagonal(Dim::share(1, 4))),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(1, 4))),
            Part::of('label', 'label', Role::Label, Middle::inside('upper', Dim::share(5, 8), Dim::share(3, 4))),
        ], Inset::in('label', self::sixteenth()), self::lower('panel', 1, 4), 16);
    }

    private static function raysBehind(): Sketch
    {
        $ray = static fn (int $nth): Part => Part::of(
            "ray-$nth",
            self::ORDINALS[$nth - 1].' ray',
            Role::Accent,
            Inset::in('ground', Dim::none()),
            Form::ray(2 * $nth - 1, 10),
        );

        return Sketch::of('rays-behind', 'Rays behind the picture', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            $ray(1), $ray(2), $ray(3), $ray(4), $ray(5),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'ground', Dim::share(1, 4))),
            Part::of('circle', 'circle', Role::Label, Circle::in('upper', Dim::share(3, 4)), Form::round(), 1),
        ], Middle::inside('circle', Dim::share(3, 4), Dim::share(3, 4)), self::lower('ground', 1, 4), 25, Cluster::Corners);
    }

    private static function twoTriangles(): Sketch
    {
        return Sketch::of('two-triangles', 'Two triangles, cut corner to corner', [
            Part::of('triangle-1', 'upper triangle', Role::Background, Inset::in('front'), Form::triangle('top left')),
            Part::of('triangle-2', 'lower triangle', Role::Background, Inset::in('front'), Form::triangle('bottom right')),
            Part::guide('body', Inset::in('front')),
            Part::guide('upper', Slice::restFrom(Edge::Bottom, 'body', Dim::share(1, 4))),
            Part::of('label', 'label', Role::Label, Middle::inside('upper', Dim::share(5, 8), Dim::share(3, 4))),
        ], Inset::in('label'), self::lower('body', 1, 4), 14);
    }

    private static function roundedPanel(): Sketch
    {
        return Sketch::of(
            'rounded-panel',
            'Rounded panel on its mat',
            [
                Part::of('ground', 'background', Role::Background, Inset::in('front')),
                Part::of('mat', 'mat', Role::Mat, MatUnder::under('panel'), Form::rounded(self::fixed(3, 8, 9))),
                Part::of(
                    'panel',
                    'rounded panel',
                    Role::Field,
                    Middle::at(Anchor::Middle, 'ground', Dim::share(3, 4), Dim::share(3, 4)),
                    Form::rounded(self::fixed(1, 4, 6)),
                ),
                Part::guide('upper', Slice::along(Edge::Top, 'panel', Dim::share(5, 8))),
            ],
            Inset::in('upper', self::sixteenth()),
            self::lower('panel', 1, 4, self::eighth()),
            14,
        );
    }

    private static function scallopBorder(): Sketch
    {
        return Sketch::of(
            'scallop-border',
            'Scalloped border',
            [
                Part::of('panel', 'panel', Role::Field, Inset::in('front')),
                Part::of(
                    'border',
                    'border strip',
                    Role::Strip,
                    Slice::along(Edge::Bottom, 'panel', Dim::share(1, 4), Dim::share(1, 16)),
                    Form::scallop(Edge::Top, self::fixed(1, 4, 6)),
                ),
                Part::of(
                    'lower',
                    'lower paper',
                    Role::Background,
                    Slice::along(Edge::Bottom, 'panel', Dim::share(1, 4)),
                ),
                Part::guide('upper', Slice::restFrom(Edge::Bottom, 'panel', Dim::share(3, 8))),
            ],
            Inset::in('upper', self::sixteenth()),
            self::lower('panel', 1, 4),
            12,
            Cluster::Row,
        );
    }

    private static function sixTiles(): Sketch
    {
        $tile = static fn (int $nth): Part => Part::of(
            'tile-'.($nth + 1),
            self::ORDINALS[$nth].' tile',
            Role::Accent,
            Tile::inGrid('grid', $nth, 3, 2, self::eighth()),
        );

        return Sketch::of('six-tiles', 'Six tiles in two rows', [
            Part::of('ground', 'background', Role::Ground, Inset::in('front')),
            Part::guide('grid', Slice::along(Edge::Top, 'ground', Dim::share(3, 8), self::eighth())),
            ...array_map($tile, range(0, 5)),
            Part::guide('below', Slice::restFrom(Edge::Top, 'ground', Dim::share(7, 16))),
            Part::guide('middle', Slice::along(Edge::Top, 'below', Dim::share(5, 8))),
        ], Inset::in('middle', self::sixteenth()), self::lower('below', 5, 16), 20);
    }

    /** Made for a gatefold: nothing lies across the middle. */
    private static function twoDoors(): Sketch
    {
        return Sketch::of('two-doors', 'Two doors', [
            Part::guide('body', Inset::in('front')),
            Part::of('left', 'left panel', Role::Background, Slice::along(Edge::Left, 'body', Dim::share(15, 32))),
            Part::of('right', 'right panel', Role::Field, Slice::along(Edge::Right, 'body', Dim::share(15, 32))),
            Part::guide('upper', Slice::along(Edge::Top, 'right', Dim::share(3, 4))),
        ], Inset::in('upper', self::sixteenth()), self::lower('right', 1, 4), 12);
    }

    /** Made for a flap that comes down from the top, so picture and words lie below its point. */
    private static function lowPicture(): Sketch
    {
        return Sketch::of('low-picture', 'Picture below', [
            Part::of('panel', 'panel', Role::Field, Inset::in('front')),
            Part::guide('below', Slice::along(Edge::Bottom, 'panel', Dim::share(9, 16))),
            Part::guide('middle', Slice::along(Edge::Top, 'below', Dim::share(3, 4))),
        ], Inset::in('middle', self::sixteenth()), self::lower('below', 1, 4), 10);
    }

    private static function lower(string $of, int $over, int $under, ?Dim $start = null): Relation
    {
        return Slice::along(Edge::Bottom, $of, Dim::share($over, $under), $start);
    }

    private static function sixteenth(): Dim
    {
        return Dim::fixed(Length::inches(0, 1, 16), Length::ofUnits(12_000));
    }

    private static function eighth(): Dim
    {
        return Dim::reveal();
    }

    /** A fraction of an inch, or the nearest whole millimetres that a maker would choose. */
    private static function fixed(int $over, int $under, int $millimetres): Dim
    {
        return Dim::fixed(Length::inches(0, $over, $under), Length::millimetres($millimetres));
    }
}
