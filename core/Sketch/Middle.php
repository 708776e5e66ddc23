<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A panel with its own size, in the middle of another part or at one of its edges or corners. */
final class Middle implements Rule
{
    public static function inside(string $of, Dim $width, Dim $height): Relation
    {
        return self::at(Anchor::Middle, $of, $width, $height);
    }

    /** Moved by $across and $down from the anchor. */
    public static function at(
        Anchor $anchor,
        string $of,
        Dim $width,
        Dim $height,
        ?Dim $across = null,
        ?Dim $down = null,
    ): Relation {
        return Relation::by(
            RelationKind::Panel,
            $of,
            [
                'width' => $width,
                'height' => $height,
                'across' => $across ?? Dim::none(),
                'down' => $down ?? Dim::none(),
            ],
            ['anchor' => $anchor->value],
        );
    }

    public function measures(array $options): array
    {
        return ['width' => Along::Across, 'height' => Along::Down, 'across' => Along::Across, 'down' => Along::Down];
    }

    public function options(): array
    {
        return ['anchor' => array_column(Anchor::cases(), 'value')];
    }

    public function place(Placing $placing): Rect
    {
        return $placing->set(Size::of(
            $placing->within('width', $placing->of->size->width),
            $placing->within('height', $placing->of->size->height),
        ));
    }
}
