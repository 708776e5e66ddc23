<?php

namespace App\View;

use KeepShare\Core\Fold\FoldPart;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;

/**
 * A flat piece that a fold is made of, with its scores.
 *
 * @phpstan-type BlankPart array{
 *     id: string,
 *     name: string,
 *     label: string,
 *     width: int,
 *     height: int,
 *     from: string,
 *     note: string,
 *     scores: list<array{at: int, label: string}>,
 *     isScoredAcross: bool,
 * }
 */
final class BlankView
{
    /** @return BlankPart */
    public static function of(FoldPart $part, Unit $unit): array
    {
        return [
            'id' => $part->id,
            'name' => $part->name,
            'label' => $part->size->format($unit),
            ...GoodView::size($part->size),
            'from' => $part->stuff->value,
            'note' => $part->note,
            'scores' => array_map(
                static fn (Length $at): array => ['at' => $at->units, 'label' => $at->format($unit)],
                $part->scores,
            ),
            'isScoredAcross' => $part->isScoredAcross,
        ];
    }
}
