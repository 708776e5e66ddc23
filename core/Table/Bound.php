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
 * An upper bound on how many more cards a table can give: each need counted by itself, as if nothing else could run out,
 * and paper and cardstock by their areas.
 *
 * Valid under every wish: words count as often as sets and followed designs may say them, bases by the smallest blank of
 * the folds that are asked for, and the stash for no more cards than may take from it. Bases cut from cardstock are
 * bounded by area, so the true number may be lower, never higher. Envelopes count only where no card is to be without,
 * pictures only where every sketch wants one.
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

    /** The lesser of this and what the patterns that sheets can be cut by are found to hold. */
    public function byPatterns(int $cards, Need $binds): self
    {
        return $cards < $this->cards ? new self($cards, $binds, 'patterns') : $this;
    }

    /** What is counted alone, as if paper could be had. */
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

    /** Before anything is shared out: "at most 10 cards: bases run out first; paper and cardstock for 31". */
    public static function inWords(Table $table): string
    {
        $areas = Areas::on($table);
        $bound = self::byCount($table)->byAreas($areas);
        $cards = $bound->cards === 1 ? '1 card' : "$bound->cards cards";
        if ($bound->how === 'area') {
            return "at most $cards: {$bound->need->value} runs out first, and no design needs less";
        }
        $isMore = $areas->binds !== null && $areas->cards > $bound->cards;

        return "at most $cards: {$bound->need->plural()} run out first".($isMore ? "; paper and cardstock for $areas->cards" : '');
    }

    /** How sure it is that no more cards can be made, of a table on which no search has found another. */
    public function says(): string
    {
        if ($this->cards === 0) {
            return $this->need->isSheets()
                ? "Beyond these no more can be made at all: no design needs so little {$this->need->value} as is left."
                : "Beyond these no more can be made at all: there is no {$this->need->value} left.";
        }

        return sprintf(
            'No way to another was found, which is no proof: by %s alone there could be %d more, as far as the %s go%s.',
            ['area' => 'area', 'patterns' => 'the patterns of sheets'][$this->how] ?? 'count',
            $this->cards,
            $this->need->plural(),
            $this->need->isSheets() ? 'es' : '',
        );
    }

    /**
     * How many cards each need is enough for. Where only so many may take from the stash, the others are the kit's alone.
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
        // Who lets cards go without words is stopped by none.
        $words += $table->wishes->wordless ? ['' => Preferences::MOST_CARDS] : [];
        foreach ($words as $text => $count) {
            $counts[Need::Sentiment->value] += $text === '' ? $count : min($count, $table->mayBeSaid((string) $text));
        }

        return $counts;
    }

    /** Every sketch that cards may be laid on has a place that only a picture fills. */
    private static function wantsPictures(Table $table): bool
    {
        foreach ($table->sketches as $sketch) {
            if ($sketch->focus->isLean()) {
                return false;
            }
        }

        return true;
    }

    /** What the smallest die or stamp could make of all paper and cardstock, and the motifs that could be cut from papers, by area. */
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

    /** By sheet and by all that is not promised: neither can hold more. */
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
                    // The front is too small for it that way: no card is folded so.
                    continue;
                }
            }
        }

        return $blanks;
    }

    /** Of the sheets and offcuts of a component, less what is promised from them. */
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

    /** There is something that a stamp shows on: a base, a cardstock, a calm and light paper. */
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
