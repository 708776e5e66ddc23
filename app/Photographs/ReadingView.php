<?php

namespace App\Photographs;

use App\Models\Photograph;

/**
 * How far photographs are read.
 *
 * @phpstan-type Reading array{isUnderWay: bool, isFault: bool, done: int, says: string}
 */
final class ReadingView
{
    /** @return Reading */
    public static function of(Photograph $photograph): array
    {
        $isGone = ! $photograph->isUnderWay() && ! is_file($photograph->foundFile());

        return [
            'isUnderWay' => $photograph->isUnderWay(),
            'isFault' => $isGone,
            'done' => $photograph->done,
            'says' => match (true) {
                $photograph->isLeftBehind() => 'The worker stopped unexpectedly. Bring the photograph in again.',
                $isGone && $photograph->says === '' => 'The files are no longer there. Bring the photograph in again.',
                default => $photograph->says,
            },
        ];
    }
}
