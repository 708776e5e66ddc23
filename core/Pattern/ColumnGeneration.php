<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Table\Bound;
use KeepShare\Core\Table\Table;

/** How many cards a table holds by the patterns of its sheets, and how the sheets are cut for them. */
final readonly class ColumnGeneration
{
    private const DIVES = 8;

    /**
     * For how many more cards pieces are cut than are made, one after the other: whole cards from whole sheets are fewer
     * than fractions of them.
     */
    private const OVER = [1, 3, 6];

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
     * For as many cards as some plan has, on sketches as different and as good to look at as possible. Each may have
     * fewer. A few are tried. Nothing is taken apart for them if nothing is in that plan.
     *
     * @return iterable<PatternPlan>
     */
    public function bestLooking(PatternPlan $most): iterable
    {
        $master = $this->most->forLooks($this->table, $most->cards(), $most->spares !== []);
        foreach (self::OVER as $over) {
            yield DivingHeuristic::over($master, $most->cards(), $this->table->wishes->trimmer(), $over);
        }
    }
}
