<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Length;

/**
 * Sketches without a picture: the paper is the picture, or the words are. Most take little paper, in sizes that divide
 * a sheet evenly. Makers use them when paper is short. Each works upright and lying.
 */
final class LeanSketches
{
    /** @return list<Sketch> from the richest to the leanest, and two with a picture and nothing that is cut */
    public static function all(): array
    {
        return [
            self::wholePanel(),
            self::panelWithStrip(),
            self::halfPanel(),
            self::stripOnMat(),
            self::stripAcross(),
            self::threeSlimStrips(),
            self::twoSlimStrips(),
            self::squareOnMat(),
            self::squaresOnMats(),
            self::blockOfSquares(),
            self::squaresInRow(),
            self::hungBanners(),
            self::punchedCircles(),
            self::nestedCircles(),
            self::plainPanel(),
            self::plainBand(),
            self::stampedPanel(),
            self::narrowBorder(),
            self::stampedFront(),
            self::panelAlone(),
            self::pictureOnFront(),
            self::largePiece(),
        ];
    }

    private static function wholePanel(): Sketch
    {
        return self::paper('whole-panel', 'A whole panel', [
            Part::of('panel', 'panel', Role::Background, self::panel()),
        ], Slice::along(Edge::Bottom, 'panel', Dim::share(1, 4), Dim::share(1, 8)), 6);
    }

    private static function panelWithStrip(): Sketch
    {
        return self::paper('panel-with-strip', 'A whole panel, words on a strip', [
            Part::of('panel', 'panel', Role::Background, self::panel()),
            Part::of('strip', 'strip', Role::Strip, Slice::along(Edge::Bottom, 'panel', self::inch(), Dim::share(1, 6))),
        ], Inset::in('strip', Dim::none()), 7);
    }

    private static function halfPanel(): Sketch
    {
        return self::paper('half-panel', 'Half a panel', [
            Part::guide('body', Inset::in('front')),
            Part::of('panel', 'panel', Role::Background, Slice::along(Edge::Top, 'body', Dim::share(1, 2))),
            Part::guide('below', Slice::restFrom(Edge::Top, 'body', Dim::share(1, 2), Dim::reveal())),
        ], self::middle('below'), 6);
    }

    private static function stripOnMat(): Sketch
    {
        return self::paper('strip-on-mat', 'A strip on its mat', [
            self::upper(),
            Part::of('mat', 'mat', Role::Mat, Slice::along(Edge::Top, 'upper', self::fixed(2, 1, 4, 56)->giving(-4, 0))),
            Part::of('strip', 'strip', Role::Background, Slice::along(
                Edge::Top,
                'mat',
                self::fixed(2, 0, 1, 50)->giving(-4, 0),
                Dim::reveal(),
            )),
            Part::guide('below', Slice::restFrom(Edge::Top, 'upper', self::fixed(2, 1, 4, 56)->giving(-4, 0))),
        ], self::middle('below'), 7);
    }

    private static function stripAcross(): Sketch
    {
        return self::paper('strip-across', 'A strip across', [
            self::upper(),
            Part::of('strip', 'strip', Role::Background, Slice::along(Edge::Top, 'upper', self::broad())),
            Part::guide('below', Slice::restFrom(Edge::Top, 'upper', self::broad())),
        ], self::middle('below'), 5);
    }

    private static function threeSlimStrips(): Sketch
    {
        return self::paper('three-slim-strips', 'Three slim strips', [
            self::upper(),
            self::slim(1),
            self::slim(2),
            self::slim(3),
            Part::guide('below', Slice::restFrom(Edge::Top, 'upper', Dim::share(3, 5))),
        ], self::middle('below'), 7);
    }

    private static function twoSlimStrips(): Sketch
    {
        return self::paper('two-slim-strips', 'Two slim strips', [
            self::upper(),
            self::slim(1),
            self::slim(2),
            Part::guide('below', Slice::restFrom(Edge::Top, 'upper', Dim::share(2, 5))),
        ], self::middle('below'), 6);
    }

    private static function squareOnMat(): Sketch
    {
        return self::paper('square-on-mat', 'A square on its mat', [
            Part::guide('body', Inset::in('front')),
            Part::guide('above', Slice::along(Edge::Top, 'body', Dim::share(5, 8))),
            Part::of('mat', 'mat', Role::Mat, MatUnder::under('square', self::fixed(0, 1, 8, 3))),
            Part::of('square', 'square', Role::Accent, Circle::in('above', Dim::share(5, 8))),
            Part::guide('below', Slice::restFrom(Edge::Top, 'body', Dim::share(5, 8), Dim::reveal())),
        ], self::middle('below'), 6);
    }

    private static function squaresOnMats(): Sketch
    {
        $square = static fn (int $nth): array => [
            Part::of("mat-$nth", self::nth($nth).' mat', Role::Mat, Tile::inRow('row', $nth - 1, 3, Dim::reveal())),
            Part::of("square-$nth", self::nth($nth).' square', Role::Accent, Inset::in("mat-$nth", self::fixed(0, 1, 8, 3))),
        ];

        return self::paper('squares-on-mats', 'Squares on mats in a row', [
            ...self::row(),
            ...$square(1), ...$square(2), ...$square(3),
        ], self::middle('below'), 9);
    }

    private static function blockOfSquares(): Sketch
    {
        $square = static fn (int $nth): array => [
            Part::of("mat-$nth", self::nth($nth).' mat', Role::Mat, Tile::inGrid('block', $nth - 1, 2, 2, Dim::reveal())),
            Part::of("square-$nth", self::nth($nth).' square', Role::Accent, Inset::in("mat-$nth", self::fixed(0, 1, 8, 3))),
        ];

        return self::paper('block-of-squares', 'A block of squares', [
            Part::guide('body', Inset::in('front')),
            Part::guide('above', Slice::along(Edge::Top, 'body', Dim::share(5, 8))),
            Part::guide('block', Circle::in('above', Dim::share(1, 1))),
            ...$square(1), ...$square(2), ...$square(3), ...$square(4),
            Part::guide('below', Slice::restFrom(Edge::Top, 'body', Dim::share(5, 8), Dim::reveal())),
        ], self::middle('below'), 10);
    }

    private static function squaresInRow(): Sketch
    {
        $square = static fn (int $nth): Part => Part::of(
            "square-$nth",
            self::nth($nth).' square',
            Role::Accent,
            Tile::inRow('row', $nth - 1, 3, Dim::reveal()),
        );

        return self::paper('squares-in-row', 'Squares in a row', [
            ...self::row(),
            $square(1), $square(2), $square(3),
        ], self::middle('below'), 7);
    }

    private static function hungBanners(): Sketch
    {
        $banner = static fn (int $nth, int $sixteenths): array => [
            Part::guide("place-$nth", Tile::inRow('hung', $nth - 1, 3, self::fixed(0, 1, 4, 6))),
            Part::of(
                "banner-$nth",
                self::nth($nth).' banner',
                Role::Accent,
                Slice::along(Edge::Top, "place-$nth", Dim::share($sixteenths, 16)),
                Form::banner(Edge::Bottom, self::fixed(0, 1, 8, 3)),
            ),
        ];

        return self::paper('hung-banners', 'Banners from a line', [
            Part::guide('body', Inset::in('front')),
            Part::guide('hung', Slice::along(Edge::Top, 'body', Dim::share(1, 2))),
            ...$banner(1, 12), ...$banner(2, 16), ...$banner(3, 10),
            Part::guide('below', Slice::restFrom(Edge::Top, 'body', Dim::share(1, 2), Dim::reveal())),
        ], self::middle('below'), 9);
    }

    private static function punchedCircles(): Sketch
    {
        $circle = static fn (int $nth): array => [
            Part::guide("place-$nth", Tile::inRow('row', $nth - 1, 3, Dim::reveal())),
            Part::of(
                "circle-$nth",
                self::nth($nth).' circle',
                Role::Accent,
                Circle::in("place-$nth", Dim::share(1, 1)),
                Form::round(),
            ),
        ];

        return self::paper('punched-circles', 'Punched circles', [
            ...self::row(),
            ...$circle(1), ...$circle(2), ...$circle(3),
        ], self::middle('below'), 6);
    }

    private static function nestedCircles(): Sketch
    {
        return Sketch::of('nested-circles', 'Words on nested circles', [
            Part::guide('body', Inset::in('front')),
            Part::of('ring', 'outer circle', Role::Accent, Circle::in('body', Dim::share(3, 4)), Form::round()),
            Part::of('label', 'inner circle', Role::Label, Inset::in('ring', self::fixed(0, 1, 4, 6)), Form::round()),
        ], Inset::in('label'), Middle::inside('label', Dim::share(7, 8), Dim::share(1, 2)), 8, Cluster::Triangle, Focus::Words);
    }

    private static function plainPanel(): Sketch
    {
        return self::paper('plain-panel', 'A plain panel with one strip', [
            Part::of('ground', 'plain panel', Role::Ground, Inset::in('front')),
            Part::of('strip', 'strip', Role::Accent, Slice::along(Edge::Bottom, 'ground', self::inch(), Dim::share(1, 6))),
            Part::guide('above', Slice::along(Edge::Top, 'ground', Dim::share(1, 2))),
        ], self::middle('above'), 7);
    }

    /** Only cardstock: embossed, stencilled or plain, with a band of another colour. */
    private static function plainBand(): Sketch
    {
        return self::words('plain-band', 'A plain panel with a band', [
            Part::of('ground', 'plain panel', Role::Ground, Inset::in('front')),
            Part::of('band', 'band', Role::Strip, Slice::along(Edge::Bottom, 'ground', self::slender(), Dim::share(1, 6))),
            Part::guide('above', Slice::along(Edge::Top, 'ground', Dim::share(1, 2))),
        ], self::middle('above'), 6);
    }

    private static function stampedPanel(): Sketch
    {
        return self::words('stamped-panel', 'Words stamped on a plain panel', [
            Part::of('ground', 'plain panel', Role::Ground, Inset::in('front')),
            Part::guide('upper', Slice::along(Edge::Top, 'ground', Dim::share(2, 3))),
        ], self::middle('upper'), 5);
    }

    private static function narrowBorder(): Sketch
    {
        return self::words('narrow-border', 'A narrow border', [
            Part::of('border', 'border', Role::Accent, Slice::along(Edge::Bottom, 'front', self::slender(), Dim::share(1, 8))),
            Part::guide('above', Slice::restFrom(Edge::Bottom, 'front', Dim::share(3, 8))),
        ], self::middle('above'), 4);
    }

    /** For makers who let some cards go without words: a beautiful paper, and room to write. */
    private static function panelAlone(): Sketch
    {
        return Sketch::of('panel-alone', 'A whole panel, no words', [
            Part::of('panel', 'panel', Role::Background, Inset::in('front')),
        ], self::middle('panel'), self::middle('panel'), 3, Cluster::Row, Focus::PaperAlone);
    }

    /** For printed bases, and for kits without any sheet: a picture and words directly on the base. */
    private static function pictureOnFront(): Sketch
    {
        return Sketch::of('picture-on-front', 'A picture on the front as it is', [
            Part::guide('body', Inset::in('front')),
            Part::guide('above', Slice::along(Edge::Top, 'body', Dim::share(5, 8))),
            Part::guide('below', Slice::restFrom(Edge::Top, 'body', Dim::share(5, 8), Dim::reveal())),
        ], self::middle('above'), self::middle('below'), 4);
    }

    /** A tag, a label or another printed piece of the size of a card, with words on its lower part. */
    private static function largePiece(): Sketch
    {
        return Sketch::of('large-piece', 'A piece as large as the front', [
            Part::guide('body', Inset::in('front')),
        ], Inset::in('front'), Slice::along(Edge::Bottom, 'body', Dim::share(1, 4), Dim::share(1, 6)), 4, focus: Focus::Piece);
    }

    /** The same with only words, stamped on the base. */
    private static function stampedFront(): Sketch
    {
        return self::words('stamped-front', 'Words on the plain front', [
            Part::guide('body', Inset::in('front')),
        ], self::middle('body'), 3);
    }

    /** @param  non-empty-list<Part>  $parts */
    private static function paper(string $key, string $name, array $parts, Relation $sentiment, int $minutes): Sketch
    {
        return Sketch::of($key, $name, $parts, $sentiment, $sentiment, $minutes, Cluster::Row, Focus::Paper);
    }

    /** @param  non-empty-list<Part>  $parts */
    private static function words(string $key, string $name, array $parts, Relation $sentiment, int $minutes): Sketch
    {
        return Sketch::of($key, $name, $parts, $sentiment, $sentiment, $minutes, Cluster::Row, Focus::Words);
    }

    /** A panel over the whole front, which may be a mark smaller all round. */
    private static function panel(): Relation
    {
        return Inset::in('front', Dim::reveal()->giving(1, 0));
    }

    /** All but the upper sixth of the front, where the strips begin. */
    private static function upper(): Part
    {
        return Part::guide('upper', Slice::restFrom(Edge::Top, 'front', Dim::share(1, 8)));
    }

    /** One of the strips across, 3/4 in wide, with an eighth of the rest between them. */
    private static function slim(int $nth): Part
    {
        return Part::of(
            "strip-$nth",
            self::nth($nth).' strip',
            Role::Accent,
            Slice::along(Edge::Top, 'upper', self::fixed(0, 3, 4, 20)->giving(-2, 2), Dim::share($nth - 1, 5)),
        );
    }

    /** @return list<Part> a row 1 1/4 in high with room for words below */
    private static function row(): array
    {
        return [
            Part::guide('body', Inset::in('front')),
            Part::guide('lowered', Slice::restFrom(Edge::Top, 'body', Dim::share(1, 6))),
            Part::guide('row', Slice::along(Edge::Top, 'lowered', self::fixed(1, 1, 4, 32))),
            Part::guide('below', Slice::restFrom(Edge::Top, 'lowered', self::fixed(1, 1, 4, 32), Dim::reveal())),
        ];
    }

    /** 2 in wide, or a quarter less. */
    private static function broad(): Dim
    {
        return self::fixed(2, 0, 1, 50)->giving(-4, 2);
    }

    /** 1 in wide, or an eighth less or more. */
    private static function inch(): Dim
    {
        return self::fixed(1, 0, 1, 25)->giving(-2, 2);
    }

    /** 3/4 in wide, an eighth less or a quarter more. */
    private static function slender(): Dim
    {
        return self::fixed(0, 3, 4, 20)->giving(-2, 4);
    }

    private static function middle(string $of): Relation
    {
        return Middle::inside($of, Dim::share(15, 16), Dim::share(7, 8));
    }

    private static function nth(int $nth): string
    {
        return ['first', 'second', 'third', 'fourth'][$nth - 1];
    }

    private static function fixed(int $whole, int $over, int $under, int $millimetres): Dim
    {
        return Dim::fixed(Length::inches($whole, $over, $under), Length::millimetres($millimetres));
    }
}
