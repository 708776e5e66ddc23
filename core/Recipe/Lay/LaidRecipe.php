<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Cut\SheetPlan;

/** The cards that a recipe gives on a table, how their papers are cut, and what prevents the others. */
final readonly class LaidRecipe
{
    /**
     * @param  array<int, Card>  $cards  by their number in the recipe
     * @param  array<string, list<SheetPlan>>  $plans  by component
     * @param  array<int, string>  $falls  why a card cannot be made, by its number in the recipe
     * @param  array<int, list<string>>  $notes  what is otherwise on a card than the recipe has it, by its number in the recipe
     */
    private function __construct(public array $cards, public array $plans, public array $falls, public array $notes)
    {
    }

    /**
     * @param  array<int, Card>  $cards
     * @param  array<string, list<SheetPlan>>  $plans
     * @param  array<int, string>  $falls
     * @param  array<int, list<string>>  $notes
     */
    public static function of(array $cards, array $plans, array $falls, array $notes): self
    {
        ksort($falls);

        return new self($cards, $plans, $falls, $notes);
    }
}
