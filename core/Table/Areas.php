<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Card\Need;
use KeepShare\Core\Fold\CannotFold;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Layout;

/**
 * How many more cards the paper and cardstock of a table are enough for, by area.
 *
 * By weak duality of linear programs: if every design costs at least 1 at some prices of a square unit of paper and of
 * cardstock, the price of everything bounds the number of cards. The best prices are where two designs cost exactly 1,
 * or where one material is free. Every sketch on every possible front counts with the least its parts are cut from, so
 * no wish makes the bound too low. It uses doubles, and a millionth part is added before rounding down, far more than
 * rounding can lose.
 */
final readonly class Areas
{
    private const SURE = 1.000001;

    /**
     * @param  int  $cards  at most
     * @param  Need|null  $binds  what has the larger part of the price; null where nothing does: a design needs neither
     */
    private function __construct(public int $cards, public ?Need $binds)
    {
    }

    public static function on(Table $table): self
    {
        [$paper, $cardstock] = [self::left($table, true), self::left($table, false)];
        $designs = self::designs($table);
        $best = new self(Preferences::MOST_CARDS, null);
        foreach (self::prices($designs) as [$ofPaper, $ofCardstock]) {
            $cards = (int) floor(($ofPaper * $paper + $ofCardstock * $cardstock) * self::SURE);
            if ($cards < $best->cards) {
                $best = new self($cards, $ofPaper * $paper >= $ofCardstock * $cardstock ? Need::Paper : Need::Cardstock);
            }
        }

        return $best;
    }

    /** What cards may still be cut from, in square units, without what is promised. */
    public static function left(Table $table, bool $isPaper): float
    {
        $area = 0.0;
        foreach ($table->stock as $component => $sheets) {
            $of = $table->components[$component] ?? null;
            $isWanted = $isPaper ? $of?->kind()->isPrintedPaper() : $of?->good instanceof Cardstock;
            if ($isWanted !== true || ! $table->offers($component)) {
                continue;
            }
            foreach ($sheets as $sheet) {
                $area += $sheet->size->exactArea();
            }
            foreach ($table->promised[$component] ?? [] as $piece) {
                $area -= $piece->size->exactArea();
            }
        }

        return max(0.0, $area);
    }

    /**
     * What a design takes of paper and of cardstock.
     *
     * @return array{float, float} in square units
     */
    public static function of(Layout $layout): array
    {
        $areas = [0.0, 0.0];
        foreach ($layout->parts as $laid) {
            $areas[$laid->part->role->isPaper() ? 0 : 1] += $laid->cut->exactArea();
        }

        return $areas;
    }

    /** @return list<array{float, float}> of paper and of cardstock, those that no other undercuts in both */
    private static function designs(Table $table): array
    {
        $designs = [];
        $faces = self::faces($table);
        foreach ([...$table->sketchesGiving(), ...array_map(static fn ($design) => $design->sketch, $table->wishes->designs)] as $sketch) {
            foreach ($faces as $face) {
                $layout = $table->layouts->of($sketch, $face);
                if ($layout !== null) {
                    $designs[] = self::of($layout);
                }
            }
        }
        sort($designs);
        $least = [];
        $lowest = INF;
        foreach ($designs as $design) {
            if ($design[1] < $lowest) {
                $least[] = $design;
                $lowest = $design[1];
            }
        }

        return $least;
    }

    /** @return array<string, Size> what sketches can be laid on, by its sides */
    private static function faces(Table $table): array
    {
        $fronts = [$table->front];
        foreach ($table->components as $component) {
            if ($component->good instanceof CardBase && $table->offers($component->id)) {
                $fronts[] = $component->good->front;
            }
        }
        $faces = [];
        foreach ($fronts as $front) {
            foreach ([$front, $front->turned()] as $way) {
                $faces[self::key($way)] = $way;
                foreach (array_keys($table->wishes->folds) as $fold) {
                    try {
                        $face = FoldKind::from($fold)->construct($way, $table->unit)->face;
                        $faces[self::key($face)] = $face;
                    } catch (CannotFold) {
                        // The front is too small for it in that direction, so no card is folded that way.
                        continue;
                    }
                }
            }
        }

        return $faces;
    }

    private static function key(Size $size): string
    {
        return $size->width->units.'x'.$size->height->units;
    }

    /**
     * The corner points of the allowed prices. At each, two designs cost exactly 1, or one does and the other material
     * is free.
     *
     * @param  list<array{float, float}>  $designs  the less paper the more cardstock
     * @return iterable<array{float, float}>
     */
    private static function prices(array $designs): iterable
    {
        foreach ($designs as $n => [$paper, $cardstock]) {
            foreach (array_slice($designs, $n + 1) as [$otherPaper, $otherCardstock]) {
                $under = $paper * $otherCardstock - $otherPaper * $cardstock;
                if ($under !== 0.0) {
                    yield from self::allowed(
                        [($otherCardstock - $cardstock) / $under, ($paper - $otherPaper) / $under],
                        $designs,
                    );
                }
            }
        }
        $papers = array_column($designs, 0);
        $cardstocks = array_column($designs, 1);
        if ($papers !== [] && min($papers) > 0) {
            yield [1 / min($papers), 0.0];
        }
        if ($cardstocks !== [] && min($cardstocks) > 0) {
            yield [0.0, 1 / min($cardstocks)];
        }
    }

    /**
     * @param  array{float, float}  $prices
     * @param  list<array{float, float}>  $designs
     * @return list<array{float, float}> the prices, where no design costs less than 1 under them
     */
    private static function allowed(array $prices, array $designs): array
    {
        foreach ($designs as [$paper, $cardstock]) {
            if ($paper * $prices[0] + $cardstock * $prices[1] < 1 - 1e-9) {
                return [];
            }
        }

        return $prices[0] >= 0 && $prices[1] >= 0 ? [$prices] : [];
    }
}
