<?php

namespace App\Recipes;

use App\Actions\Search;
use App\Models\Component;
use App\Models\Kit;
use App\Models\KitWishes;
use App\Table\TableState;
use Closure;
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
use KeepShare\Core\Table\Laying;
use KeepShare\Core\Table\Table;

/** A recipe as it would lie on a kit: which paper takes which letter, what comes of it, and what is lacking. Nothing is written. */
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

    /**
     * @param  array<string, string>  $fixed  the paper of some letters, as Candidate::key() has it
     * @param  bool  $stash  papers and goods of the stash too
     * @param  list<int>  $kits  the papers of these kits too
     */
    public static function of(Kit $kit, Recipe $recipe, array $fixed, bool $stash, array $kits): self
    {
        $state = TableState::of($kit);
        $wishes = KitWishes::beyond($kit, count($recipe->cards));
        $own = $state->table($stash ? $wishes->withStash() : $wishes);
        $others = self::papersOf($kit, $kits);
        $table = self::with($own, array_column($others, 'component'), array_map(static fn (array $one): array => $one['stock'], $others));
        $kitOf = array_map(static fn (array $one): Kit => $one['kit'], $others);
        [$recipe, $chosen, $laid] = self::remembered(
            $kit,
            [$recipe, $fixed, $stash, array_map(static fn (Kit $one): array => [$one->id, $one->revision], $kitOf)],
            static fn (): array => self::worked($recipe, $own, $table, $others, $fixed),
        );

        return new self($recipe, $state, $chosen, $laid, $table->components, $kitOf);
    }

    /**
     * What was worked out last, where it is asked for again and nothing has changed: the page comes back after every letter.
     *
     * @param  list<mixed>  $asked
     * @param  Closure(): array{Recipe, LettersChosen|null, LaidRecipe}  $work
     * @return array{Recipe, LettersChosen|null, LaidRecipe}
     */
    private static function remembered(Kit $kit, array $asked, Closure $work): array
    {
        $search = Search::for('laying', $kit);
        $of = md5(serialize($asked));
        $found = $search->found();
        if (is_array($found) && $found[0] === $of) {
            return $found[1];
        }
        $done = $work();
        $search->remember([$of, $done]);

        return $done;
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
        // What no letter is cut from stays with its kit.
        $used = array_intersect_key($others, $taken);
        $narrow = self::with($own, array_column($used, 'component'), array_map(static fn (array $one): array => $one['stock'], $used));

        return [$recipe, $chosen, LayRecipe::of($recipe, $on, $narrow, $chosen)];
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

    /**
     * @param  list<CoreComponent>  $components
     * @param  array<string, list<Stock>>  $stock
     */
    private static function with(Table $table, array $components, array $stock): Table
    {
        $laying = $table->laying;
        if ($components === []) {
            return $table;
        }

        return Laying::of(
            $laying->unit,
            $laying->front,
            $laying->components + array_column($components, null, 'id'),
            $laying->free,
            $laying->stock + $stock,
            $laying->promised,
            $laying->stash,
            $laying->cards,
            $laying->shelf,
            $laying->arrangements,
        )->under($table->wishes);
    }
}
