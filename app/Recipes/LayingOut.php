<?php

namespace App\Recipes;

use App\Models\Component;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\Search;
use App\Table\TableState;
use KeepShare\Core\Card\CardFront;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Kit\Component as CoreComponent;
use KeepShare\Core\Recipe\Lay\CutLetters;
use KeepShare\Core\Recipe\Lay\LaidRecipe;
use KeepShare\Core\Recipe\Lay\LayRecipe;
use KeepShare\Core\Recipe\Lay\Letters;
use KeepShare\Core\Recipe\Lay\LettersChosen;
use KeepShare\Core\Recipe\Lay\OnTable;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Table;

/** A recipe on a kit: which paper takes which letter, the resulting cards, and what is missing. Nothing is written. */
final readonly class LayingOut
{
    /**
     * @param  LettersChosen|null  $chosen  null where there are not as many papers as letters
     * @param  array<string, CoreComponent>  $components  all there are to choose from
     * @param  array<string, Kit>  $others  the kit of each paper that is another kit's, by component
     */
    private function __construct(
        public Recipe $recipe,
        public TableState $state,
        public ?LettersChosen $chosen,
        public ?LaidRecipe $laid,
        public array $components,
        public array $others,
    ) {
    }

    public static function search(Kit $kit): Search
    {
        return Search::for('laying', $kit);
    }

    /** The last result, if the same was asked for and nothing has changed. Otherwise null. */
    public static function found(Kit $kit, LayAsk $ask): ?self
    {
        $found = self::search($kit)->found();

        return is_array($found) && $found[0] === $ask->mark() ? self::with($kit, $ask, $found[1]) : null;
    }

    /** Computes it now, unless it is done. */
    public static function of(Kit $kit, LayAsk $ask): self
    {
        return self::found($kit, $ask) ?? self::with($kit, $ask, self::work($kit, $ask)[1]);
    }

    /** @return array{string, array{Recipe, LettersChosen|null, LaidRecipe}} for what it is, and what came of it */
    public static function work(Kit $kit, LayAsk $ask): array
    {
        $mark = $ask->mark();
        $tables = self::tables($kit, $ask);

        return [$mark, self::worked($ask->recipe, $tables['own'], $tables['table'], $tables['others'], $ask->fixed)];
    }

    /**
     * @return array{
     *     state: TableState,
     *     own: Table,
     *     table: Table,
     *     others: array<string, array{component: CoreComponent, stock: list<Stock>, kit: Kit}>,
     * } the kit's own table, and that with the papers of other kits
     */
    private static function tables(Kit $kit, LayAsk $ask): array
    {
        $state = TableState::of($kit);
        $wishes = KitWishes::beyond($kit, count($ask->recipe->cards));
        $own = $state->table($ask->stash ? $wishes->withStash() : $wishes);
        $others = self::papersOf($kit, $ask->kits);

        return ['state' => $state, 'own' => $own, 'table' => self::beside($own, $others), 'others' => $others];
    }

    /** @param  array{Recipe, LettersChosen|null, LaidRecipe}  $worked */
    private static function with(Kit $kit, LayAsk $ask, array $worked): self
    {
        [$recipe, $chosen, $laid] = $worked;
        ['state' => $state, 'table' => $table, 'others' => $others] = self::tables($kit, $ask);
        $kitOf = array_map(static fn (array $one): Kit => $one['kit'], $others);

        return new self($recipe, $state, $chosen, $laid, $table->components, $kitOf);
    }

    /**
     * @param  array<string, array{component: CoreComponent, stock: list<Stock>, kit: Kit}>  $others  papers of other kits
     * @param  array<string, string>  $fixed
     * @return array{Recipe, LettersChosen|null, LaidRecipe}
     */
    private static function worked(Recipe $all, Table $own, Table $table, array $others, array $fixed): array
    {
        $on = OnTable::of($all, $table)->within(Letters::papersOn($table), $all);
        $recipe = $all->only(array_column($on->cards, 'number'));
        $chosen = $on->cards === [] ? null : Letters::best($recipe, $on, $table, null, $fixed);
        if ($chosen === null) {
            return [$all, null, LaidRecipe::of([], [], $on->falls, [])];
        }
        $taken = [];
        foreach ($chosen->papers as $candidate) {
            $taken[$candidate->component->id] = true;
        }
        // Papers that no letter uses stay with their kit.
        $used = array_intersect_key($others, $taken);

        return [$recipe, $chosen, LayRecipe::of($recipe, $on, self::beside($own, $used), $chosen)];
    }

    /** @return list<string> the components of other kits that are cut */
    public function fromOthers(): array
    {
        return array_values(array_intersect(array_keys($this->laid->plans ?? []), array_keys($this->others)));
    }

    /** @return array<string, list<int>> the numbers of the cards, in the recipe, that lack something, by what it is */
    public function lacks(): array
    {
        $lacks = [];
        foreach ($this->laid->cards ?? [] as $number => $card) {
            foreach (CardFront::of($card, $this->components, $this->state->kit->unit)->lacks as $what) {
                $lacks[$what][] = $number;
            }
        }

        return $lacks;
    }

    /**
     * The whole sheets of other kits' papers that no card there takes.
     *
     * @param  list<int>  $kits
     * @return array<string, array{component: CoreComponent, stock: list<Stock>, kit: Kit}>
     */
    private static function papersOf(Kit $kit, array $kits): array
    {
        $papers = [];
        $others = Kit::query()->whereKey($kits)->whereKeyNot($kit->id)->where(['is_stash' => false, 'is_deleted' => false])->get();
        foreach ($others as $other) {
            $table = TableState::of($other)->table();
            $cutting = CutLetters::on($table);
            $own = Component::query()->where('kit_id', $other->id)->get();
            foreach ($own->filter(static fn (Component $one): bool => $one->kind->isPrintedPaper()) as $one) {
                $id = $one->coreId();
                $isWhole = static fn (Stock $sheet): bool => $sheet->isWhole && $sheet->isClean();
                $stock = array_values(array_filter($cutting->free($id), $isWhole));
                $papers[$id] = ['component' => $table->components[$id], 'stock' => $stock, 'kit' => $other];
            }
        }

        return $papers;
    }

    /** @param  array<string, array{component: CoreComponent, stock: list<Stock>, kit: Kit}>  $others */
    private static function beside(Table $table, array $others): Table
    {
        if ($others === []) {
            return $table;
        }
        $laying = $table->laying;

        return Inventory::of(
            $laying->unit,
            $laying->front,
            $laying->components + array_column(array_column($others, 'component'), null, 'id'),
            $laying->free,
            $laying->stock + array_map(static fn (array $one): array => $one['stock'], $others),
            $laying->promised,
            $laying->stash,
            $laying->cards,
            $laying->shelf,
            $laying->arrangements,
        )->under($table->wishes);
    }
}
