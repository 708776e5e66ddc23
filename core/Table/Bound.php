<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Fold\Blank;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Kind;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Panel;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;

/**
 * An upper bound on how many more cards a table can give: each need counted by itself, as if nothing else could run out.
 *
 * Bases cut from cardstock are bounded by area, so the true number may be lower, never higher. Stamped words count only
 * where there is a stock to stamp their label on.
 */
final readonly class Bound
{
    private function __construct(public int $cards, public Need $need)
    {
    }

    public static function on(Table $table, Wishes $wishes): self
    {
        $best = null;
        foreach (self::counts($table, $wishes) as $need => $count) {
            if ($best === null || $count < $best->cards) {
                $best = new self($count, Need::from($need));
            }
        }

        return $best ?? new self(0, Need::Base);
    }

    /** How sure it is that no more cards can be made, of a table on which no search has found another. */
    public function says(): string
    {
        return $this->cards === 0
            ? "Beyond these no more can be made at all: there is no {$this->need->value} left."
            : sprintf('No way to another was found, which is no proof: by count alone there could be %d more, as far as the %s go.', $this->cards, $this->need->plural());
    }

    /** @return array<string, int> how many cards each need is enough for */
    private static function counts(Table $table, Wishes $wishes): array
    {
        $counts = array_fill_keys([Need::Base->value, Need::Envelope->value, Need::FocalPoint->value, Need::Sentiment->value], 0);
        $words = [];
        $takesInk = self::takesInk($table, $wishes);
        foreach ($table->components as $component) {
            if (! $table->offers($component->id, $wishes)) {
                continue;
            }
            $left = max(0, $table->free[$component->id] ?? 0);
            $counts[Need::Base->value] += $component->kind() === Kind::Base ? $left : self::basesFrom($component, $table);
            $counts[Need::Envelope->value] += $component->kind() === Kind::Envelope ? $left : 0;
            $counts[Need::FocalPoint->value] += $component->isFocalPoint() ? $left : 0;
            $text = $component->good instanceof Stamp && ! $takesInk ? null : $component->words()?->text;
            if ($text !== null && ($left > 0 || $component->isEndless())) {
                $words[mb_strtolower($text)] = ($words[mb_strtolower($text)] ?? 0) + ($component->isEndless() ? Wishes::MOST_CARDS : $left);
            }
        }
        $counts[Need::FocalPoint->value] += self::picturesFromScraps($table, $wishes);
        $counts[Need::Sentiment->value] = $wishes->repeatSentiments ? array_sum($words) : count(array_diff_key($words, $table->said()));

        return $counts;
    }

    /** What the smallest die could cut from all paper and cardstock, and the motifs that could be cut from papers, by area. */
    private static function picturesFromScraps(Table $table, Wishes $wishes): int
    {
        $die = $area = $motifs = 0;
        foreach ($table->components as $component) {
            $good = $component->good;
            if (! $table->offers($component->id, $wishes)) {
                continue;
            }
            if ($good instanceof Tool && $good->makes !== null && $good->cutsShapes()) {
                $die = $die === 0 ? $good->makes->exactArea() : min($die, $good->makes->exactArea());
            }
            $own = array_sum(array_map(static fn (Stock $stock): int => $stock->size->exactArea(), $table->stock[$component->id] ?? []));
            $area += $own;
            $isPicture = ($good instanceof Panel && $good->isPicture())
                || ($component->kind()->isPrintedPaper() && $good instanceof SheetGood && array_filter($good->faces(), static fn (Face $face): bool => $face->motif->isPicture()) !== []);
            $motifs += $isPicture ? intdiv($own, Motif::cutOut($table->unit)->exactArea()) : 0;
        }

        return min(Wishes::MOST_CARDS, $motifs + ($die === 0 ? 0 : intdiv($area, $die)));
    }

    private static function basesFrom(Component $component, Table $table): int
    {
        if (! $component->good instanceof Cardstock || ! $component->good->makesBases()) {
            return 0;
        }
        $bases = 0;
        $blank = Blank::for($table->front, FoldEdge::Side)->size;
        $other = Blank::for($table->front, FoldEdge::Top)->size;
        foreach ($table->stock[$component->id] ?? [] as $stock) {
            $bases += $blank->fitsIn($stock->size, true) || $other->fitsIn($stock->size, true) ? intdiv($stock->size->exactArea(), $blank->exactArea()) : 0;
        }

        return $bases;
    }

    /** There is a stock that the label of a stamped sentiment can be cut from. */
    private static function takesInk(Table $table, Wishes $wishes): bool
    {
        foreach ($table->components as $component) {
            if ($component->good instanceof Cardstock && $component->good->takesInk() && $table->offers($component->id, $wishes) && ($table->stock[$component->id] ?? []) !== []) {
                return true;
            }
        }

        return false;
    }
}
