<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** The square from which a circle is punched or cut, set in another part. */
final class Circle implements Rule
{
    public static function in(
        string $of,
        Dim $diameter,
        Anchor $anchor = Anchor::Middle,
        ?Dim $across = null,
        ?Dim $down = null,
    ): Relation {
        return Relation::by(
            RelationKind::Circle,
            $of,
            ['diameter' => $diameter, 'across' => $across ?? Dim::none(), 'down' => $down ?? Dim::none()],
            ['anchor' => $anchor->value],
        );
    }

    public function measures(array $options): array
    {
        return ['diameter' => Along::Shorter, 'across' => Along::Across, 'down' => Along::Down];
    }

    public function options(): array
    {
        return ['anchor' => array_column(Anchor::cases(), 'value')];
    }

    public function place(Placing $placing): Rect
    {
        $diameter = $placing->within('diameter', $placing->of->size->shorter());

        return $placing->set(Size::of($diameter, $diameter));
    }
}
