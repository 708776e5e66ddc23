<?php

declare(strict_types=1);

namespace KeepShare\Core\Outlook;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\Cut;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Planner;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Table\Table;

/** The same cards for a class: what so many sets of them need of one component, cut together. */
final readonly class Classroom
{
    public const MOST_SETS = 24;

    /** @param  array<int, int>  $settings  how many cuts are made at each setting of the guide, in units */
    private function __construct(public string $component, public int $needs, public array $settings)
    {
    }

    /**
     * What every component is needed for: sheets, pieces, or for ribbon a length in units. What is never used up is left out.
     *
     * @param  list<Card>  $cards  one set
     * @return list<self>
     */
    public static function of(Table $table, array $cards, int $sets): array
    {
        $pieces = [];
        $counts = [];
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                if ($taking->size !== null) {
                    $pieces[$taking->component][] = $taking;
                } elseif (! $table->components[$taking->component]->isEndless()) {
                    $counts[$taking->component] = ($counts[$taking->component] ?? 0) + $taking->quantity;
                }
            }
        }
        $needs = [];
        foreach ($table->components as $id => $component) {
            if (isset($pieces[$id]) && $component->good instanceof SheetGood) {
                $needs[] = self::sheets($id, $component->good, $pieces[$id], $sets);
            } elseif (isset($counts[$id])) {
                $needs[] = new self($id, $sets * $counts[$id], []);
            }
        }

        return $needs;
    }

    /** @param  non-empty-list<Taking>  $takings */
    private static function sheets(string $component, SheetGood $good, array $takings, int $sets): self
    {
        $pieces = [];
        for ($set = 1; $set <= $sets; $set++) {
            foreach ($takings as $n => $taking) {
                $pieces[] = Piece::of("$set/$n", $taking->size ?? $good->size(), $taking->mayTurn);
            }
        }
        // A sheet for every piece is always enough.
        $stock = array_map(static fn (int $n): Stock => Stock::sheet("$n", $good->size()), range(1, count($pieces)));
        $plan = Planner::plan($stock, $pieces);
        $settings = [];
        foreach (array_merge([], ...array_map(static fn (SheetPlan $sheet): array => $sheet->cuts(), $plan->sheets)) as $cut) {
            /** @var Cut $cut */
            $settings[$cut->at()->units] = ($settings[$cut->at()->units] ?? 0) + 1;
        }
        arsort($settings);

        return new self($component, $plan->sheetsOpened(), $settings);
    }
}
