<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use Closure;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/**
 * Cuts one sheet after the other, each by a pattern that uses it up. The planner, which places one piece after the
 * other, does not find such plans.
 *
 * A linear program over patterns (Gilmore and Gomory 1965) says whether the other sheets can give what is still wanted.
 * If not, the last choice is undone. The patterns with the highest use are tried. The last sheet is filled as well as
 * possible. The result is deterministic and does not depend on the order of the pieces.
 */
final class Sheetwise
{
    /** How many choices are looked at before the search gives up. */
    private const CHOICES = 80;

    /** How many patterns are tried for one sheet. */
    private const BREADTH = 6;

    /** How many times patterns are added. */
    private const ROUNDS = 20;

    /** How many boxes are joined for the last sheet. */
    private const BOXES = 1_500;

    /** @var list<Stock> offcuts first, the largest last */
    private readonly array $stock;

    /** @var array<string, list<Knapsack>> found so far, by the size of the sheet */
    private array $patterns = [];

    /** @var list<array{int, int, bool}> sizes that are wanted: width, height, whether they may turn */
    private array $kinds = [];

    private int $choices = 0;

    private readonly bool $isShort;

    /** @param  list<Stock>  $stock */
    private function __construct(array $stock, private readonly Trimmer $trimmer)
    {
        usort($stock, static fn (Stock $a, Stock $b): int => [$a->isWhole, $a->size->exactArea()] <=> [$b->isWhole, $b->size->exactArea()]);
        $this->stock = $stock;
        $this->isShort = $trimmer->isShortFor(...$stock);
    }

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     * @return CutPlan|null null where it leaves a piece out
     */
    public static function plan(array $stock, array $pieces, Trimmer $trimmer): ?CutPlan
    {
        $isMixed = count(array_unique(array_column($pieces, 'mayTurn'))) > 1;
        foreach ($isMixed ? [true, false] : [false] as $isEither) {
            $search = new self($stock, $trimmer);
            $plans = $search->from(0, $search->byKind($pieces, $isEither));
            if ($plans !== null) {
                return CutPlan::of($plans, [], LowerBound::strong($stock, $pieces));
            }
        }

        return null;
    }

    /**
     * @param  int  $n  the sheet that is next
     * @param  list<list<Piece>>  $wanted  by kind
     * @return list<SheetPlan>|null
     */
    private function from(int $n, array $wanted): ?array
    {
        if (array_filter($wanted) === []) {
            return [];
        }
        if ($n === count($this->stock) || ++$this->choices > self::CHOICES) {
            return null;
        }
        foreach ($this->roots($n, $wanted) as $root) {
            $left = $wanted;
            $named = self::named($root, $left);
            $rest = $this->from($n + 1, $left);
            if ($rest !== null) {
                return $named->pieces() === [] ? $rest : [SheetPlan::of($this->stock[$n], $named), ...$rest];
            }
        }

        return null;
    }

    /**
     * Ways to cut a sheet, the likeliest first. Empty if no way gives all that is wanted.
     *
     * @param  list<list<Piece>>  $wanted
     * @return iterable<Node>
     */
    private function roots(int $n, array $wanted): iterable
    {
        $sheets = array_slice($this->stock, $n);
        if ($sheets === []) {
            return;
        }
        $patterns = $this->covering($sheets, $wanted);
        if ($patterns === null) {
            return;
        }
        $whole = Rect::whole($sheets[0]->size);
        foreach (array_slice($patterns, 0, self::BREADTH) as $pattern) {
            $root = $this->isShort ? $pattern->box?->cutWith($this->trimmer, $whole) : $pattern->box?->cutFrom($whole);
            yield $root ?? Leaf::offcut($whole);
        }
        if (count($sheets) === 1) {
            yield $this->filled($sheets[0], $wanted);
        }
    }

    /** @param  list<list<Piece>>  $wanted */
    private function filled(Stock $stock, array $wanted): Node
    {
        $wishes = [];
        foreach (array_filter($wanted) as $kind => $pieces) {
            [$width, $height, $mayTurn] = $this->kinds[$kind];
            $wishes[] = Demand::for(Piece::of((string) $kind, Size::ofUnits($width, $height), $mayTurn), $width * $height, count($pieces));
        }

        return Fill::best($stock, $wishes, self::BOXES, $this->trimmer)->plan->root;
    }

    /**
     * The patterns for the first of some sheets by which all of them together give what is wanted, the most used first.
     * Null if even fractions of patterns cannot give it.
     *
     * @param  non-empty-list<Stock>  $sheets
     * @param  list<list<Piece>>  $wanted
     * @return list<Knapsack>|null
     */
    private function covering(array $sheets, array $wanted): ?array
    {
        $bySize = array_combine(array_map(self::key(...), $sheets), $sheets);
        $largest = end($sheets)->size->exactArea();
        $kinds = [];
        foreach ($this->kinds as $kind => [$width, $height]) {
            // In fractions of the largest sheet, so that sums stay near one.
            $kinds[] = [$width * $height / $largest, count($wanted[$kind])];
        }
        $cover = Cover::of($kinds, array_count_values(array_map(self::key(...), $sheets)));
        foreach (array_intersect_key($this->patterns, $bySize) as $size => $known) {
            foreach ($known as $pattern) {
                $cover->add($size, $pattern);
            }
        }
        for ($round = 0; $round < self::ROUNDS && ! $cover->isCovered(); $round++) {
            $isNew = false;
            foreach ($bySize as $size => $sheet) {
                $pattern = $this->best($sheet, $cover->price(...));
                if ($cover->gainsBy($size, $pattern->worth)) {
                    $this->patterns[$size][] = $pattern;
                    $cover->add($size, $pattern);
                    $isNew = true;
                }
            }
            if (! $isNew) {
                return null;
            }
        }

        return $cover->used(self::key($sheets[0]));
    }

    /** @param  Closure(int): float  $price */
    private function best(Stock $sheet, Closure $price): Knapsack
    {
        $worths = [];
        foreach ($this->kinds as $kind => [$width, $height, $mayTurn]) {
            $worths[$kind] = ['width' => $width, 'height' => $height, 'worth' => $price($kind), 'mayTurn' => $mayTurn];
        }

        return Knapsack::best($sheet->size, $worths);
    }

    private static function key(Stock $sheet): string
    {
        return "{$sheet->size->width->units}x{$sheet->size->height->units}";
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  bool  $isEither  directional ones together with others, since some of a size will lie the right way
     * @return list<list<Piece>> those that may stand for one another
     */
    private function byKind(array $pieces, bool $isEither): array
    {
        $kinds = [];
        // Directional pieces get their place first.
        usort($pieces, static fn (Piece $a, Piece $b): int => $a->mayTurn <=> $b->mayTurn);
        foreach ($pieces as $piece) {
            [$width, $height] = [$piece->size->width->units, $piece->size->height->units];
            $lies = $piece->mayTurn || $isEither ? [min($width, $height), max($width, $height), true] : [$width, $height, false];
            $kinds[implode('/', $lies)][] = $piece;
        }
        ksort($kinds);
        foreach ($kinds as $key => $own) {
            [$width, $height] = explode('/', $key);
            $this->kinds[] = [(int) $width, (int) $height, $own[0]->mayTurn || $isEither];
        }

        return array_values($kinds);
    }

    /**
     * The same cuts, with each piece named as far as it is wanted.
     *
     * @param  list<list<Piece>>  $wanted  less what is named
     */
    private static function named(Node $node, array &$wanted): Node
    {
        if ($node instanceof Split) {
            $first = self::named($node->first, $wanted);
            $second = self::named($node->second, $wanted);

            return $first->pieces() === [] && $second->pieces() === []
                ? Leaf::offcut($node->rect())
                : Split::of($node->rect(), $node->direction, $node->at, $first, $second);
        }
        $kind = $node->pieces()[0] ?? null;
        foreach ($kind === null ? [] : $wanted[(int) $kind] as $n => $piece) {
            $isTurned = ! $piece->size->equals($node->rect()->size);
            if (! $isTurned || $piece->mayTurn) {
                array_splice($wanted[(int) $kind], $n, 1);

                return Leaf::piece($node->rect(), $piece->id, $isTurned);
            }
        }

        return Leaf::offcut($node->rect());
    }
}
