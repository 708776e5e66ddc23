<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\Prepared;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Recipe\Letter;
use KeepShare\Core\Table\Table;

/**
 * How the pieces of a letter are cut from a paper: by the template if the sheets are as large and directional prints
 * stay upright. Otherwise the engine plans them from what no card has taken.
 */
final class CutLetters
{
    /** @var array<string, array{CutPlan, list<string>}> by letter, sheets and pieces: papers that are alike are planned once */
    private array $known = [];

    private function __construct(private readonly Table $table)
    {
    }

    public static function on(Table $table): self
    {
        return new self($table);
    }

    /** @param  list<Piece>  $pieces  that the letter gives, the earlier cards first */
    public function plan(Letter $letter, array $pieces, string $component): CutPlan
    {
        $stock = $this->free($component);
        $key = $letter->letter;
        foreach ($stock as $one) {
            $key .= "|{$one->size->width->units}x{$one->size->height->units}".($one->isWhole && $one->isClean() ? '' : " $one->id");
        }
        foreach ($pieces as $piece) {
            $key .= "|$piece->id {$piece->size->width->units} {$piece->size->height->units} ".(int) $piece->mayTurn;
        }
        [$plan, $ids] = $this->known[$key] ??= [$this->planned($letter, $stock, $pieces), array_column($stock, 'id')];
        $at = array_combine($ids, $stock);

        return CutPlan::of(array_map(
            static fn (SheetPlan $sheet): SheetPlan => SheetPlan::of($at[$sheet->stock->id], $sheet->root),
            $plan->sheets,
        ), $plan->unplaced, $plan->lowerBound);
    }

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     */
    private function planned(Letter $letter, array $stock, array $pieces): CutPlan
    {
        $alike = array_values(array_filter(
            $stock,
            static fn (Stock $one): bool => $one->isWhole && $one->isClean() && $one->size->equals($letter->sheet()),
        ));
        if (count($alike) >= count($letter->plans) && ! $this->table->wishes->trimmer()->isShortFor(...$alike)) {
            $plans = array_map(
                static fn (SheetPlan $plan, int $n): SheetPlan => SheetPlan::of($alike[$n], $plan->root),
                $letter->plans,
                array_keys($letter->plans),
            );
            $template = Prepared::by($plans)->plan($pieces);
            if ($template->isComplete()) {
                return $template;
            }
        }

        return Engine::earliestFirst($stock, $pieces, Terms::usual()->with($this->table->wishes->trimmer()));
    }

    /** @return list<Stock> the sheets and offcuts that nothing is to be cut from yet */
    public function free(string $component): array
    {
        $taken = [];
        foreach ($this->table->plan($component, $this->table->promised[$component] ?? [])->sheets as $sheet) {
            $taken[$sheet->stock->id] = true;
        }

        return array_values(array_filter(
            $this->table->stock[$component] ?? [],
            static fn (Stock $one): bool => ! isset($taken[$one->id]),
        ));
    }
}
