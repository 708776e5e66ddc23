<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;

/** Three pictures lie in a loose triangle, unless a row or a column is intended. */
final class LooseTriangle implements OfTheWhole
{
    /** The middle picture must be at least this far from the line between the others: 1/8 in. */
    private const OFF = 25_400;

    public function key(): string
    {
        return 'loose-triangle';
    }

    public function broken(Group $group): array
    {
        $pictures = array_values(array_filter($group->pieces, static fn (Placed $one): bool => $one->stand->stands->isPicture()));
        if (count($pictures) !== 3 || $group->arrangement->family->isInLine() || self::isTriangle(...$pictures)) {
            return [];
        }
        $part = $pictures[0]->part();

        return [Broken::by(
            $part,
            'The three pictures lie in one line.',
            'Move one of them up or down, so that they make a loose triangle.',
            Remedy::home('Put it back', $part),
        )];
    }

    private static function isTriangle(Placed $a, Placed $b, Placed $c): bool
    {
        $twice = abs(($b->x - $a->x) * ($c->y - $a->y) - ($c->x - $a->x) * ($b->y - $a->y));
        $longest = max(
            max(abs($a->x - $b->x), abs($a->y - $b->y)),
            max(abs($b->x - $c->x), abs($b->y - $c->y)),
            max(abs($a->x - $c->x), abs($a->y - $c->y)),
        );

        return $twice >= self::OFF * $longest;
    }
}
