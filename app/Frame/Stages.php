<?php

namespace App\Frame;

/** The stages in the order of the work. */
final class Stages
{
    /** @return list<Stage> */
    public static function all(): array
    {
        return array_values(array_filter(Rooms::all(), static fn (WorkRoom $room): bool => $room instanceof Stage));
    }

    /** @return array<string, list<StagePage>> by stage: its own pages, and those that other rooms have there */
    public static function pages(): array
    {
        $rooms = Rooms::all();
        $pages = [];
        foreach ($rooms as $room) {
            if ($room instanceof Stage) {
                $pages[$room->key()] = $room->pages();
            }
        }
        foreach (array_merge(...array_map(static fn (WorkRoom $room): array => $room->pages(), $rooms)) as $page) {
            if ($page->stage === null) {
                continue;
            }
            $there = $pages[$page->stage];
            $at = array_search($page->after, array_map(static fn (StagePage $one): string => $one->path, $there), true);
            array_splice($there, is_int($at) ? $at + 1 : count($there), 0, [$page]);
            $pages[$page->stage] = $there;
        }

        return $pages;
    }
}
