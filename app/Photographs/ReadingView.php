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
                $photograph->isLeftBehind() => 'The worker that was at it has gone. Bring the photograph in again.',
                $isGone && $photograph->says === '' => 'The files are not there any more. Bring the photograph in again.',
                default => $photograph->says,
            },
        ];
    }
}
