<?php

declare(strict_types=1);

namespace KeepShare\Core\Tray;

use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Kind\BannerParts;
use KeepShare\Core\Tray\Kind\FrameParts;
use KeepShare\Core\Tray\Kind\InsideParts;
use KeepShare\Core\Tray\Kind\LiningParts;
use KeepShare\Core\Tray\Kind\MatParts;
use KeepShare\Core\Tray\Kind\MotifParts;
use KeepShare\Core\Tray\Kind\PanelParts;
use KeepShare\Core\Tray\Kind\ShapeParts;
use KeepShare\Core\Tray\Kind\SquareParts;
use KeepShare\Core\Tray\Kind\StripParts;
use KeepShare\Core\Tray\Kind\TagParts;

/** The kinds of standard part. Those that cards are made of come first. */
final class PartKinds
{
    private const ALL = [
        PanelParts::class,
        StripParts::class,
        SquareParts::class,
        MatParts::class,
        BannerParts::class,
        TagParts::class,
        ShapeParts::class,
        MotifParts::class,
        FrameParts::class,
        InsideParts::class,
        LiningParts::class,
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
