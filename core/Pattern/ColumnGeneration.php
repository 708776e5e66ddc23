<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/** How many cards a table holds by the patterns of its sheets, and how the sheets are cut for them. */
final readonly class ColumnGeneration
{
    private const DIVES = 8;

    /** How many more cards are asked for than are made, if there is a choice. */
    private const MORE = 5;

    private function __construct(private Table $table, private MasterProblem $most, public Bound $bound)
    {
    }

    public static function on(Table $table): self
    {
        $most = MasterProblem::most($table);
        $bound = Bound::on($table->everythingApart());
        $answer = self::areFor($table) ? $most->answer($most->start) : null;
        $isLess = $answer !== null && $answer->bound < $most->start->limits[MasterProblem::CARDS];

        return new self($table, $most, $isLess ? $bound->byPatterns($answer->bound, $answer->binds) : $bound);
    }

    /** With promised pieces, folds, followed designs or a limit on alike cards, only areas are counted. */
    public static function areFor(Table $table): bool
    {
        $wishes = $table->wishes;

        return $table->promised === [] && $wishes->folds === [] && $wishes->designs === [] && $wishes->alike === null;
    }

    /** For as many cards as were found, whatever they look like. */
    public function most(int $target): PatternPlan
    {
        return DivingHeuristic::best($this->most, $target, $this->table->wishes->trimmer(), self::DIVES);
    }

    /**
     * For a given number of cards, on sketches as different and as good to look at as possible. Fewer if that many were
     * not found. More are asked for than are made, since whole cards from whole sheets are fewer than fractions of
     * them.
     */
    public function bestLooking(int $target): PatternPlan
    {
        $master = $this->most->forLooks($this->table, $target + self::MORE);

        return DivingHeuristic::best($master, $target, $this->table->wishes->trimmer(), 1);
    }
}
