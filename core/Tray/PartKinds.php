<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Kind\Banners;
use KeepShare\Core\Tray\Kind\Frames;
use KeepShare\Core\Tray\Kind\Insides;
use KeepShare\Core\Tray\Kind\Linings;
use KeepShare\Core\Tray\Kind\Mats;
use KeepShare\Core\Tray\Kind\Motifs;
use KeepShare\Core\Tray\Kind\Panels;
use KeepShare\Core\Tray\Kind\Shapes;
use KeepShare\Core\Tray\Kind\Squares;
use KeepShare\Core\Tray\Kind\Strips;
use KeepShare\Core\Tray\Kind\Tags;

/** The kinds of standard part, those that cards are made of before those that are beside. */
final class PartKinds
{
    private const ALL = [
        Panels::class,
        Strips::class,
        Squares::class,
        Mats::class,
        Banners::class,
        Tags::class,
        Shapes::class,
        Motifs::class,
        Frames::class,
        Insides::class,
        Linings::class,
    ];

    /** @return list<StandardPart> of every kind, on a table */
    public static function on(Table $table): array
    {
        $parts = [];
        foreach (self::ALL as $kind) {
            foreach ((new $kind)->on($table) as $part) {
                $parts[$part->id()] ??= $part;
            }
        }

        return array_values($parts);
    }
}
