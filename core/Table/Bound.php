<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Size;

/**
 * An upper bound on how many more cards a table can give. Each need is counted by itself, as if nothing else could run
 * out. Paper and cardstock are counted by area.
 *
 * It holds under every wish. Words count as often as sets and followed designs may use them, bases by the smallest
 * blank of the wished folds, and the stash for the cards that may use it. Bases from cardstock are bounded by area, so
 * the true number may be lower and never higher. Envelopes count only if every card must have one, and pictures only if
 * every sketch needs one.
 */
final readonly class Bound
{
    /** @param  string  $how  'counts', 'area' or 'patterns' */
    private function __construct(public int $cards, public Need $need, public string $how)
    {
    }

    public static function on(Table $table): self
    {
        $best = self::byCount($table);

        return $best->cards === 0 ? $best : $best->byAreas(Areas::on($table));
    }

    private function byAreas(Areas $areas): self
    {
        return $areas->binds !== null && $areas->cards < $this->cards ? new self($areas->cards, $areas->binds, 'area') : $this;
    }

    /** The lesser of this bound and the bound by cutting patterns. */
    public function byPatterns(int $cards, Need $binds): self
    {
        return $cards < $this->cards ? new self($cards, $binds, 'patterns') : $this;
    }

    /** The bound by counts alone, as if there were enough paper. */
    public static function byCount(Table $table): self
    {
        $best = null;
        foreach (self::forEach($table) as $need => $count) {
            if ($best === null || $count < $best->cards) {
                $best = new self($count, Need::from($need), 'counts');
            }
        }

        return $best ?? new self(0, Need::Base, 'counts');
    }

    /** Before anything is shared out: "at most 10 cards: then bases run out (paper and cardstock for 31)". */
    public static function inWords(Table $table): string
    {
        $areas = Areas::on($table);
        $bound = self::byCount($table)->byAreas($areas);
        $cards = $bound->cards === 1 ? '1 card' : "$bound->cards cards";
        if ($bound->how === 'area') {
            return "at most $cards: then {$bound->need->value} runs out";
        }
        $isMore = $areas->binds !== null && $areas->cards > $bound->cards;

        return "at most $cards: then {$bound->need->plural()} run out".($isMore ? " (paper and cardstock for $areas->cards)" : '');
    }

    /** How certain it is that no more cards can be made, after a search has found no other. */
    public function says(): string
    {
        if ($this->cards === 0) {
            return $this->need->isSheets()
                ? "No more can be made: every design needs more {$this->need->value} than is left."
                : "No more can be made: there is no {$this->need->value} left.";
        }

        return sprintf(
            'We found no further card. At most %d more %s possible: then %s %s out.',
            $this->cards,
            $this->cards === 1 ? 'is' : 'are',
            $this->need->plural(),
            $this->need->isSheets() ? 'runs' : 'run',
        );
    }

    /**
     * How many cards each need is enough for. If only some cards may use the stash, the others use the kit alone.
     *
     * @return array<string, int> by the value of the need
     */
    public static function forEach(Table $table): array
    {
        $counts = self::counts($table);
        $stash = $table->stashLeft();
        if ($stash === null || $stash === 0) {
            return $counts;
        }
        $own = self::counts($table->asking($table->wishes->kitOnly()));

        foreach ($counts as $need => $all) {
            $counts[$need] = min($all, $own[$need] + $stash);
        }

        return $counts;
    }

    /** @return array<string, int> by the value of the need */
    private static function counts(Table $table): array
    {
        $counts = [Need::Base->value => 0, Need::Sentiment->value => 0];
        $counts += $table->wishes->envelopes ? [Need::Envelope->value => 0] : [];
        $counts += self::wantsPictures($table) ? [Need::FocalPoint->value => 0] : [];
        $words = [];
        $takesInk = self::takesInk($table);
        foreach ($table->components as $component) {
            if (! $table->offers($component->id)) {
                continue;
            }
            $left = max(0, $table->free[$component->id] ?? 0);
            $counts[Need::Base->value] += $component->kind() === Kind::Base ? $left : self::basesFrom($component, $table);
            if (isset($counts[Need::Envelope->value])) {
                $counts[Need::Envelope->value] += $component->kind() === Kind::Envelope ? $left : 0;
            }
            if (isset($counts[Need::FocalPoint->value])) {
                $counts[Need::FocalPoint->value] += $component->isFocalPoint() ? $left : 0;
            }
            $text = $component->good instanceof Stamp && ! $takesInk ? null : $component->words()?->text;
            if ($text !== null && ($left > 0 || $component->isEndless())) {
                $text = mb_strtolower($text);
                $words[$text] = ($words[$text] ?? 0) + ($component->isEndless() ? Preferences::MOST_CARDS : $left);
            }
        }
        if (isset($counts[Need::FocalPoint->value])) {
            $counts[Need::FocalPoint->value] += self::picturesFromScraps($table);
        }
        // Words stop no card if cards may go without.
        $words += $table->wishes->wordless ? ['' => Preferences::MOST_CARDS] : [];
        foreach ($words as $text => $count) {
            $counts[Need::Sentiment->value] += $text === '' ? $count : min($count, $table->mayBeSaid((string) $text));
        }

        return $counts;
    }

    /** Whether every usable sketch has a place that only a picture fills. */
    private static function wantsPictures(Table $table): bool
    {
        foreach ($table->sketches as $sketch) {
            if ($sketch->focus->isLean()) {
                return false;
            }
        }

        return true;
    }

    /**
     * What the smallest die or stamp could make of all paper and cardstock, plus the motifs that could be cut from
     * papers, by area.
     */
    private static function picturesFromScraps(Table $table): int
    {
        $die = $area = $motifs = 0;
        $motif = Motif::cutOut($table->unit)->exactArea();
        foreach ($table->components as $component) {
            $good = $component->good;
            if (! $table->offers($component->id)) {
                continue;
            }
            $made = match (true) {
                $good instanceof Tool && $good->cutsShapes() => $good->makes,
                $good instanceof Stamp && $component->showsStampedPicture() => $good->label($table->unit),
                default => null,
            };
            $die = $made === null ? $die : min($die === 0 ? PHP_INT_MAX : $die, $made->exactArea());
            $own = self::areaOf($component->id, $table);
            $area += $own;
            $motifs += $component->showsPicture() ? intdiv($own, $motif) : 0;
        }

        return min(Preferences::MOST_CARDS, $motifs + ($die === 0 ? 0 : intdiv($area, $die)));
    }

    /** By the sheets and by the unpromised area. Neither can hold more. */
    private static function basesFrom(Component $component, Table $table): int
    {
        if (! $component->good instanceof Cardstock || ! $component->good->makesBases()) {
            return 0;
        }
        $blanks = self::blanks($table);
        $smallest = min(array_map(static fn (Size $blank): int => $blank->exactArea(), $blanks));
        $bases = 0;
        foreach ($table->stock[$component->id] ?? [] as $stock) {
            $fitting = array_filter($blanks, static fn (Size $blank): bool => $blank->fitsIn($stock->size, true));
            $bases += $fitting === [] ? 0 : intdiv($stock->size->exactArea(), $smallest);
        }

        return min($bases, intdiv(self::areaOf($component->id, $table), $smallest));
    }

    /** @return non-empty-list<Size> what bases are cut as: folded plainly, or as the folds that are asked for want it */
    private static function blanks(Table $table): array
    {
        $blanks = [Blank::for($table->front, FoldEdge::Side)->size, Blank::for($table->front, FoldEdge::Top)->size];
        foreach (array_keys($table->wishes->folds) as $fold) {
            foreach ([$table->front, $table->front->turned()] as $front) {
                try {
                    $blanks[] = FoldKind::from($fold)->construct($front, $table->unit)->blank->size;
                } catch (CannotFold) {
                    // The front is too small for it in that direction, so no card is folded that way.
                    continue;
                }
            }
        }

        return $blanks;
    }

    /** The sheets and offcuts of a component, without what is promised from them. */
    private static function areaOf(string $component, Table $table): int
    {
        $area = 0;
        foreach ($table->stock[$component] ?? [] as $stock) {
            $area += $stock->size->exactArea();
        }
        foreach ($table->promised[$component] ?? [] as $piece) {
            $area -= $piece->size->exactArea();
        }

        return max(0, $area);
    }

    /** Whether there is something on which a stamp shows: a base, a cardstock, or a calm and light paper. */
    private static function takesInk(Table $table): bool
    {
        foreach ($table->components as $component) {
            $good = $component->good;
            $takesInk = match (true) {
                $good instanceof Cardstock => $good->takesInk(),
                $good instanceof CardBase => $good->showsInk(),
                $good instanceof SheetGood => array_filter($good->faces(), static fn (Face $face): bool => $face->showsInk()) !== [],
                default => false,
            };
            if ($takesInk && $table->offers($component->id)) {
                return true;
            }
        }

        return false;
    }
}
