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

    /**
     * The pages of a stage: its own, and those that other rooms have there.
     *
     * @return list<StagePage>
     */
    public static function pagesOf(Stage $stage): array
    {
        $pages = $stage->pages();
        foreach (Rooms::pages() as $page) {
            if ($page->stage !== $stage->key()) {
                continue;
            }
            $at = array_search($page->after, array_map(static fn (StagePage $one): string => $one->path, $pages), true);
            array_splice($pages, is_int($at) ? $at + 1 : count($pages), 0, [$page]);
        }

        return $pages;
    }
}
