<?php

namespace App\Http\Stages;

/** All rooms, as config/rooms.php lists them. */
final class Rooms
{
    /** @return list<Room> */
    public static function all(): array
    {
        /** @var list<class-string<Room>> $rooms */
        $rooms = config('rooms');

        return array_map(static fn (string $room): Room => app($room), $rooms);
    }

    /** @return list<StagePage> */
    public static function pages(): array
    {
        return array_merge(...array_map(static fn (Room $room): array => $room->pages(), self::all()));
    }
}
