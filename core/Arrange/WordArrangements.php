<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Sketch\Cluster;
use KeepShare\Core\Sketch\Dim;

/**
 * Arrangements for cards without a picture, where the paper or the words are what the eye rests on. The words lie in
 * one of many places, alone or with one to three pieces. They tell cards apart that are alike in all else.
 */
final class WordArrangements
{
    /** @var array<string, array{string, array{int, int}, array{int, int}}> by key: how it is said, across and down the panel */
    private const PLACES = [
        'low-left' => ['low at the left', [1, 3], [5, 6]],
        'low-right' => ['low at the right', [2, 3], [5, 6]],
        'high-left' => ['high at the left', [1, 3], [1, 6]],
        'high' => ['high in the middle', [1, 2], [1, 6]],
        'high-right' => ['high at the right', [2, 3], [1, 6]],
        'upper-third' => ['on the upper third', [1, 2], [1, 3]],
        'middle' => ['in the middle', [1, 2], [1, 2]],
        'lower-third' => ['on the lower third', [1, 2], [2, 3]],
    ];

    /** @var array<string, array{string, Cluster}> by what it adds to a key: how it is said */
    private const DOTS = [
        '' => ['', Cluster::Triangle],
        '-row' => [', dots in a row', Cluster::Row],
        '-corners' => [', dots at the corners', Cluster::Corners],
    ];

    /** @var array<string, array{string, int}> */
    private const SLANTS = ['' => ['', 0], '-rising' => [', rising', -10], '-falling' => [', falling', 10]];

    /** @return list<Arrangement> */
    public static function all(): array
    {
        return [...self::withPieces(), ...self::beside(), ...self::elsewhere(), ...self::onOnePiece()];
    }

    /** @return list<Arrangement> */
    private static function withPieces(): array
    {
        $at = Arrangements::at(...);

        return [
            Arrangement::of('words-over-a-picture', 'A picture over the words', Family::Words, [
                Arrangements::lap(Pieces::small(2), Pieces::small(1), 'left', [2, 5], [3, 5]),
                Arrangements::lap(Pieces::small(3), Pieces::small(1), 'right', [2, 5], [2, 5]),
                Spot::by(Pieces::small(1), Stands::Small, SpotKind::Beside, Pieces::WORDS, [
                    'gap' => Dim::share(1, 4),
                    'along' => Dim::share(1, 2),
                ], ['edge' => 'top'])->lifted()->key(),
                self::words(),
                Arrangements::second(),
            ]),
            Arrangement::of('words-on-a-border', 'The words on a border', Family::Words, [
                $at(Pieces::BORDER, Stands::Border, 'words')->key(),
                $at(Pieces::small(1), Stands::Small, 'panel', [3, 4], [1, 3]),
                self::words(),
                Arrangements::second(),
            ]),
            Arrangement::of('words-on-a-tag', 'The words on a tag', Family::Words, [
                $at(Pieces::TAG, Stands::Tag, 'words')->turned(90)->key(),
                $at(Pieces::small(1), Stands::Small, 'panel', [1, 4], [1, 3]),
                self::words(),
                Arrangements::second(),
            ]),
            Arrangement::of('words-in-a-frame', 'The words in a frame', Family::Words, [
                $at(Pieces::FRAME, Stands::Frame, 'panel')->key(),
                $at(Pieces::small(1), Stands::Small, Pieces::FRAME, [1, 2], [1, 3]),
                $at(Pieces::WORDS, Stands::Words, Pieces::FRAME, [1, 2], [11, 12]),
                Arrangements::second(),
            ], Cluster::Corners),
            Arrangement::of('words-under-a-hung-tag', 'A tag hung over the words', Family::Words, [
                $at(Pieces::TWINE, Stands::Twine, 'panel', [1, 2], [1, 16]),
                Spot::by(Pieces::TAG, Stands::Tag, SpotKind::Hanging, 'panel', [
                    'across' => Dim::share(1, 2),
                    'drop' => Dim::share(1, 16),
                ])->key(),
                $at(Pieces::small(1), Stands::Small, Pieces::TAG, [1, 2], [4, 7])->lifted(),
                self::words(),
                Arrangements::second(),
            ]),
            Arrangement::of('words-under-banners', 'Banners over the words', Family::Words, [
                $at(Pieces::TWINE, Stands::Twine, 'panel', [1, 2], [1, 12]),
                ...array_map(static fn (int $nth): Spot => Spot::by(
                    Pieces::banner($nth),
                    Stands::Banner,
                    SpotKind::Hanging,
                    'panel',
                    ['across' => Dim::share($nth, 4), 'drop' => Dim::share(1, 12)],
                )->key(), range(1, Pieces::BANNERS)),
                self::words(),
                Arrangements::second(),
            ], Cluster::Row),
        ];
    }

    /** @return list<Arrangement> the words where the sketch has them, a picture tucked under one end */
    private static function beside(): array
    {
        $arrangements = [
            Arrangement::of('words-alone', 'The words alone', Family::Words, [self::words(), Arrangements::second()], Cluster::Row),
            Arrangement::of('words-and-three', 'The words, and three scattered', Family::Words, [
                Arrangements::at(Pieces::small(1), Stands::Small, 'panel', [1, 4], [1, 4])->key(),
                Arrangements::at(Pieces::small(2), Stands::Small, 'panel', [3, 4], [2, 5])->key(),
                Arrangements::at(Pieces::small(3), Stands::Small, 'panel', [3, 8], [3, 5])->key(),
                self::words(),
                Arrangements::second(),
            ]),
        ];
        foreach (['left', 'right'] as $side) {
            foreach (['top' => 'over', 'bottom' => 'under'] as $edge => $where) {
                $arrangements[] = Arrangement::of("picture-$where-the-$side-end", "A picture $where the $side end", Family::Words, [
                    Arrangements::lap(Pieces::small(1), Pieces::WORDS, "$edge $side", [1, 4])->key(),
                    self::words(),
                    Arrangements::second(),
                ]);
            }
        }
        foreach (['left' => [1, 3], 'right' => [2, 3]] as $side => $across) {
            $words = Arrangements::at(Pieces::WORDS, Stands::Words, 'words', $across);
            array_push($arrangements, ...self::inEveryManner("to-the-$side", "to the $side", $words));
        }

        return $arrangements;
    }

    /** @return list<Arrangement> the words elsewhere on the panel, alone or with a picture tucked under them */
    private static function elsewhere(): array
    {
        $arrangements = [];
        foreach (self::PLACES as $key => [$says, $across, $down]) {
            $words = Arrangements::at(Pieces::WORDS, Stands::Words, 'panel', $across, $down);
            $side = $down[1] < $down[0] * 2 ? 'top right' : 'bottom right';
            $arrangements[] = Arrangement::of("words-$key-tucked", "The words $says, a picture tucked in", Family::Words, [
                Arrangements::lap(Pieces::small(1), Pieces::WORDS, $side, [1, 4])->key(),
                $words,
                Arrangements::second(),
            ]);
            array_push($arrangements, ...self::inEveryManner($key, $says, $words));
        }

        return $arrangements;
    }

    /** @return list<Arrangement> level, rising and falling, with dots round them, in a row and at their corners */
    private static function inEveryManner(string $key, string $says, Spot $words): array
    {
        $arrangements = [];
        foreach (self::DOTS as $dots => [$with, $cluster]) {
            foreach (self::SLANTS as $slant => [$lie, $turn]) {
                $arrangements[] = Arrangement::of("words-$key$slant$dots", "The words $says$lie$with", Family::Words, [
                    $words->turned($turn),
                    ...$turn === 0 ? [Arrangements::second()] : [],
                ], $cluster);
            }
        }

        return $arrangements;
    }

    /** @return list<Arrangement> the words on one piece as large as the front, a tag or a label */
    private static function onOnePiece(): array
    {
        $arrangements = [];
        foreach (self::PLACES as $key => [$says, $across, $down]) {
            foreach (self::DOTS as $dots => [$with, $cluster]) {
                $arrangements[] = Arrangement::of("on-the-piece-$key$dots", "On the piece, the words $says$with", Family::OnePiece, [
                    Arrangements::at(Pieces::FOCAL, Stands::Picture, 'place')->key(),
                    Arrangements::at(Pieces::WORDS, Stands::Words, Pieces::FOCAL, $across, $down),
                ], $cluster);
            }
        }

        return $arrangements;
    }

    private static function words(): Spot
    {
        return Arrangements::at(Pieces::WORDS, Stands::Words, 'words');
    }
}
