<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\Placed;

/** The pictures must balance near the middle or a third of the front, and not at an edge. */
final class NearThirds implements OfTheWhole
{
    /** A balance point nearer to an edge than this is out of balance, in per cent of the side. */
    private const NEAR = 18;

    public function key(): string
    {
        return 'near-thirds';
    }

    public function broken(Group $group): array
    {
        $pictures = array_filter($group->pieces, static fn (Placed $one): bool => $one->stand->stands->isPicture());
        $area = array_sum(array_map(static fn (Placed $one): int => $one->stand->size->area(), $pictures));
        if ($area === 0 || $group->piece('focal') === null) {
            return [];
        }
        $x = intdiv(array_sum(array_map(static fn (Placed $one): int => $one->x * $one->stand->size->area(), $pictures)), $area);
        $y = intdiv(array_sum(array_map(static fn (Placed $one): int => $one->y * $one->stand->size->area(), $pictures)), $area);
        if (self::isNear($x, $group->front->width->units) && self::isNear($y, $group->front->height->units)) {
            return [];
        }

        return [Broken::by(
            'focal',
            'The pictures are too close to one edge.',
            'Move the picture towards a third of the front, or set a small one against it.',
            Remedy::home('Put it back', 'focal'),
        )];
    }

    private static function isNear(int $at, int $side): bool
    {
        return 100 * $at >= self::NEAR * $side && 100 * $at <= (100 - self::NEAR) * $side;
    }
}
