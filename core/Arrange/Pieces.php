<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Kit\KitDesign;
use KeepShare\Core\Sketch\Dim;

/** The parts of a card that fill the places of arrangements, with their names. */
final class Pieces
{
    public const FOCAL = KitDesign::FOCAL;

    public const WORDS = KitDesign::SENTIMENT;

    public const MORE_WORDS = 'more-words';

    public const BACKING = 'piece-backing';

    public const FRAME = 'piece-frame';

    public const TAG = 'piece-tag';

    public const BORDER = 'piece-border';

    public const TWINE = 'piece-twine';

    /** The most small pictures in one group. */
    public const SMALLS = 6;

    public const BANNERS = 3;

    public const LETTERS = 6;

    /** @var array<string, array{Stands, string}>|null */
    private static ?array $all = null;

    /** @return array<string, array{Stands, string}> by id: what it does, and how it is said in a sentence */
    public static function all(): array
    {
        if (self::$all === null) {
            $all = [
                self::BACKING => [Stands::Backing, 'backing'],
                self::FRAME => [Stands::Frame, 'frame'],
                self::TWINE => [Stands::Twine, 'line of twine'],
                self::TAG => [Stands::Tag, 'tag'],
                self::BORDER => [Stands::Border, 'border'],
                self::FOCAL => [Stands::Picture, 'focal point'],
                self::WORDS => [Stands::Words, 'sentiment'],
                self::MORE_WORDS => [Stands::MoreWords, 'second line of words'],
            ];
            foreach (['first', 'second', 'third', 'fourth', 'fifth', 'sixth'] as $n => $nth) {
                $all[self::small($n + 1)] = [Stands::Small, "$nth small picture"];
            }
            foreach (['first', 'second', 'third'] as $n => $nth) {
                $all[self::banner($n + 1)] = [Stands::Banner, "$nth banner"];
            }
            foreach (['first', 'second', 'third', 'fourth', 'fifth', 'sixth'] as $n => $nth) {
                $all[self::letter($n + 1)] = [Stands::Letter, "$nth letter"];
            }
            self::$all = $all;
        }

        return self::$all;
    }

    public static function small(int $nth): string
    {
        return "piece-$nth";
    }

    public static function banner(int $nth): string
    {
        return "piece-banner-$nth";
    }

    public static function letter(int $nth): string
    {
        return "piece-letter-$nth";
    }

    /** Where a piece lies for which the arrangement has no place. */
    public static function loose(string $id): Spot
    {
        [$stands] = self::all()[$id] ?? [Stands::Small, ''];
        $of = match ($stands) {
            Stands::Words => 'words',
            Stands::Picture, Stands::Backing, Stands::Frame => 'place',
            default => 'panel',
        };
        $measures = match ($stands) {
            Stands::Small, Stands::Tag => self::apart($id),
            Stands::MoreWords => [Dim::share(1, 2), Dim::share(1, 8)],
            Stands::Border => [Dim::share(1, 2), Dim::share(7, 8)],
            default => [Dim::share(1, 2), Dim::share(1, 2)],
        };

        return Spot::by($id, $stands, SpotKind::At, $of, ['across' => $measures[0], 'down' => $measures[1]]);
    }

    /** @return array{Dim, Dim} */
    private static function apart(string $id): array
    {
        return match ($id) {
            self::small(1) => [Dim::share(1, 6), Dim::share(1, 6)],
            self::small(2) => [Dim::share(5, 6), Dim::share(1, 6)],
            self::small(3) => [Dim::share(5, 6), Dim::share(5, 6)],
            self::small(4) => [Dim::share(1, 6), Dim::share(5, 6)],
            self::small(5) => [Dim::share(1, 6), Dim::share(1, 2)],
            default => [Dim::share(5, 6), Dim::share(1, 2)],
        };
    }
}
