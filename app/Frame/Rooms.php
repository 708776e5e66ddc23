<?php

namespace App\Frame;

/** All rooms, as config/rooms.php lists them. */
final class Rooms
{
    /** @return list<WorkRoom> */
    public static function all(): array
    {
        /** @var list<class-string<WorkRoom>> $rooms */
        $rooms = config('rooms');

        return array_map(static fn (string $room): WorkRoom => app($room), $rooms);
    }

    /** @return list<StagePage> */
    public static function pages(): array
    {
        return array_merge(...array_map(static fn (WorkRoom $room): array => $room->pages(), self::all()));
    }
}
