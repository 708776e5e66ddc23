<?php

namespace Tools\Bench;

use Database\Demo\Demo;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Share\Sharer;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Tray\Scrap;

/** What ten cards of the demo kit leave with all sheets cut, and a dozen more bases: about fifty scraps. */
final readonly class DemoTray
{
    private const BASES = 12;

    /** @param  list<Scrap>  $scraps */
    private function __construct(public Table $table, public array $scraps)
    {
    }

    public static function laid(): self
    {
        $table = Inventory::unpacked(Demo::file('harbour-lanterns'))->under(Preferences::cards(10));
        $after = $table->after(...Sharer::most($table));
        $stock = $scraps = [];
        foreach ($after->stock as $id => $sheets) {
            $stock[$id] = self::left($after, $id, $sheets);
            foreach ($stock[$id] as $one) {
                $scraps[] = $one->isWhole ? null : Scrap::of($one->id, $after->components[$id], $one);
            }
        }
        $free = [...$after->free, 'base' => self::BASES];
        $laying = Inventory::of($after->unit, $after->front, $after->components, $free, $stock, cards: $after->cards);

        return new self($laying->under(Preferences::cards(12)), array_values(array_filter($scraps)));
    }

    /**
     * @param  list<Stock>  $sheets
     * @return list<Stock>
     */
    private static function left(Table $table, string $component, array $sheets): array
    {
        $left = [];
        $cut = [];
        foreach ($table->plan($component, $table->promised[$component] ?? [])->sheets as $plan) {
            $cut[$plan->stock->id] = true;
            foreach ($plan->offcuts() as $n => $leaf) {
                $left[] = Stock::offcut("{$plan->stock->id}-$n", $leaf->rect()->size);
            }
        }

        return [...$left, ...array_values(array_filter($sheets, static fn (Stock $sheet): bool => ! isset($cut[$sheet->id])))];
    }
}
