<?php

namespace App\Classes;

use App\Models\Card;
use App\Models\ClassPlan;
use App\Models\Component;
use App\Table\RecipeShelf;
use App\Table\TableState;
use Illuminate\Support\Facades\Cache;
use KeepShare\Core\Card\Card as CoreCard;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Recipe\Stocked;
use KeepShare\Core\Workshop\BagLine;
use KeepShare\Core\Workshop\ClassNeed;
use KeepShare\Core\Workshop\Workshop;

/** A class with its cards, from the table or from a recipe. */
final readonly class ClassTable
{
    /** Seconds: a week. */
    private const REMEMBERED = 604_800;

    /**
     * @param  TableState|null  $state  null where the cards are those of a recipe
     * @param  array<string, CoreComponent>  $components
     */
    private function __construct(
        public ClassPlan $plan,
        public Workshop $workshop,
        public ?TableState $state,
        public ?Recipe $recipe,
        public array $components,
        public Unit $unit,
    ) {
    }

    public static function of(ClassPlan $plan): self
    {
        $key = $plan->cards['recipe'];
        if ($key !== null && RecipeShelf::has($key)) {
            $recipe = $plan->cards['numbers'] === [] ? RecipeShelf::find($key) : RecipeShelf::find($key)->only($plan->cards['numbers']);
            $stocked = Stocked::of($recipe);

            return self::with($plan, $stocked->cards, $stocked->components, $recipe->unit, null, $recipe);
        }
        $state = TableState::of($plan->kit);
        $numbers = $plan->cards['numbers'];
        $cards = $key !== null
            ? collect()
            : $state->cards->filter(static fn (Card $card): bool => $numbers === [] || in_array($card->number, $numbers, true));

        return self::with(
            $plan,
            array_values($cards->map(static fn (Card $card): CoreCard => $card->toCore())->all()),
            $state->core,
            $plan->kit->unit,
            $state,
            null,
        );
    }

    /**
     * @param  list<CoreCard>  $cards
     * @param  array<string, CoreComponent>  $components
     */
    private static function with(
        ClassPlan $plan,
        array $cards,
        array $components,
        Unit $unit,
        ?TableState $state,
        ?Recipe $recipe,
    ): self {
        $trimmer = $plan->kit->trimmer();
        $workshop = Workshop::of($cards, $components, $unit, $plan->people, $plan->spare_in, $plan->ahead, $trimmer);

        return new self($plan, $workshop, $state, $recipe, $components, $unit);
    }

    /**
     * How many of a component are free: without what the kit's cards take and what is glued or cut up. Null if that is
     * unknown, since the cards are those of a recipe.
     */
    public function hereOf(string $component): ?int
    {
        $record = $this->state?->components->get(Component::idOfCore($component));

        return match (true) {
            $record === null => null,
            $record->kind->isSheets() => $this->state->wholesLeft($record),
            default => max(0, $this->state->table()->laying->free[$component] ?? 0),
        };
    }

    public function nameOf(string $component): string
    {
        return $this->components[$component]->name ?? $component;
    }

    /**
     * What every component is needed for, with the bags that are packed again. The cuts for this many people are
     * remembered until the bags change.
     *
     * @param  int|null  $lost  how many of the bags that were lost; null for all
     * @return array<string, ClassNeed> by component
     */
    public function needs(?int $lost = null): array
    {
        $remade = $this->workshop->remade($lost ?? count($this->plan->lost));
        $bag = $this->workshop->bag();
        $goods = array_map(fn (BagLine $line): ?CoreComponent => $this->components[$line->component] ?? null, $bag);
        $of = [$bag, $goods, $this->workshop->people, $this->plan->spare_in, $remade, $this->plan->kit->trimmer()];

        return Cache::remember(
            'class-needs:'.md5(serialize($of)),
            self::REMEMBERED,
            fn (): array => $this->workshop->needs($remade),
        );
    }

    /**
     * For each line of a bag that is packed again: from the spares, from what is left, or missing. Bags are packed in
     * the order in which they were lost.
     *
     * @return array<string, 'spare'|'left'|'lacking'> by line
     */
    public function remade(int $bag): array
    {
        $turns = array_keys($this->plan->lost, $bag, true);
        if ($turns === []) {
            return [];
        }
        $before = end($turns);
        $spares = $this->workshop->fromSpares($before);
        // The cuts of all sheets are computed only if the spares have run out and the stock is known.
        $needs = $this->state === null || ! in_array(false, $spares, true)
            ? []
            : $this->needs($before + 1);
        $from = [];
        foreach ($this->workshop->bag() as $line) {
            $wanted = ($needs[$line->component] ?? null)->needs ?? 0;
            $from[$line->id] = match (true) {
                $spares[$line->id] => 'spare',
                $wanted <= ($this->hereOf($line->component) ?? $wanted) => 'left',
                default => 'lacking',
            };
        }

        return $from;
    }
}
