<?php

namespace App\Photographs;

/** The order in which the faces of a pad were photographed. */
enum PaperOrder: string
{
    case InTurn = 'in-turn';
    case BacksAfter = 'backs-after';
    case FrontsOnly = 'fronts-only';

    public function label(): string
    {
        return match ($this) {
            self::InTurn => 'front, back, front, back',
            self::BacksAfter => 'all fronts, then all backs in the same order',
            self::FrontsOnly => 'fronts only: the backs are plain',
        };
    }

    /**
     * Which photograph is the front and which the back of each paper.
     *
     * @param  list<int>  $faces
     * @return list<array{int, int|null}>
     */
    public function pairs(array $faces): array
    {
        $half = intdiv(count($faces) + 1, 2);

        return match ($this) {
            self::InTurn => array_map(static fn (array $pair): array => [$pair[0], $pair[1] ?? null], array_chunk($faces, 2)),
            self::BacksAfter => array_map(
                static fn (int $n): array => [$faces[$n], $faces[$n + $half] ?? null],
                array_keys(array_slice($faces, 0, $half)),
            ),
            self::FrontsOnly => array_map(static fn (int $face): array => [$face, null], $faces),
        };
    }
}
