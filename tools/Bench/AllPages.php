<?php

namespace Tools\Bench;

use App\Frame\Rooms;
use App\Models\ClassPlan;
use App\Models\Kit;

/** The addresses of every page. Those of a kit are for one of its cards, sheets and components. */
final class AllPages
{
    private const OF_ALL_KITS = ['/', '/cards', '/people', '/people/occasions', '/gave', '/safe', '/tablet'];

    /** @return list<string> */
    public static function of(Kit $kit): array
    {
        $records = [
            '{card}' => $kit->cards()->value('id'),
            '{component}' => $kit->papers()->value('id'),
            '{recipe}' => 'eighteen-from-six',
            '{class}' => ClassPlan::query()->where('kit_id', $kit->id)->value('id'),
        ];
        $there = array_filter($records, static fn (mixed $record): bool => $record !== null);
        $pages = self::OF_ALL_KITS;
        foreach (Rooms::pages() as $page) {
            $path = strtr($page->path, array_map(strval(...), $there));
            if (! str_contains($path, '{')) {
                $pages[] = route('kits.show', $kit, false)."/$path";
            }
        }

        return $pages;
    }
}
