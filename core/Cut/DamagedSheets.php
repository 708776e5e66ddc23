<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use Closure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** Plans the cutting of sheets with an unprinted margin or blemishes, on their clean parts. */
final readonly class DamagedSheets
{
    /** @param  list<Stock>  $stock */
    private function __construct(private array $stock, private Trimmer $trimmer)
    {
    }

    /**
     * @param  list<Stock>  $stock
     * @param  list<Piece>  $pieces
     * @param  Closure(list<Stock>): CutPlan  $search  of clean sheets
     */
    public static function plan(array $stock, array $pieces, Trimmer $trimmer, Closure $search): CutPlan
    {
        $marred = new self($stock, $trimmer);
        // Smaller parts of a sheet cost nothing once the sheet is cut into, but should not be the reason to do so. Both
        // ways are tried.
        $best = $marred->whole($search($marred->parts(true)), $pieces);
        $other = $marred->whole($search($marred->parts(false)), $pieces);

        return [count($other->unplaced), $other->sheetsOpened()] < [count($best->unplaced), $best->sheetsOpened()] ? $other : $best;
    }

    /** @param  list<Stock>  $stock */
    public static function concerns(array $stock): bool
    {
        return array_filter($stock, static fn (Stock $one): bool => ! $one->isClean()) !== [];
    }

    /** @return list<Stock> the clean parts, each known by its sheet and its number */
    private function parts(bool $all): array
    {
        $parts = [];
        foreach ($this->stock as $n => $stock) {
            $clean = UsableAreas::of($stock);
            $free = $clean->isInReach($this->trimmer) ? $clean->parts() : [];
            foreach (array_slice($free, 0, $all ? null : 1) as $nth => $rect) {
                $parts[] = $stock->isWhole && $nth === 0 ? Stock::sheet("$n/0", $rect->size) : Stock::offcut("$n/$nth", $rect->size);
            }
        }

        return $parts;
    }

    /**
     * Plans of parts, combined to plans of their sheets.
     *
     * @param  list<Piece>  $pieces
     */
    private function whole(CutPlan $plan, array $pieces): CutPlan
    {
        $cut = [];
        foreach ($plan->sheets as $part) {
            [$n, $nth] = array_map(intval(...), explode('/', $part->stock->id));
            $cut[$n][$nth] = $part->toArray();
        }
        ksort($cut);
        $sheets = [];
        foreach ($cut as $n => $trees) {
            $clean = UsableAreas::of($this->stock[$n]);
            $nth = [];
            foreach ($clean->parts() as $i => $rect) {
                $nth[UsableAreas::key($rect)] = $i;
            }
            $sheets[] = $clean->plan(static fn (Rect $part): array => $trees[$nth[UsableAreas::key($part)]] ?? []);
        }
        $out = array_column(array_map(static fn (Piece $piece): array => [$piece->id, true], $plan->unplaced), 1, 0);

        return CutPlan::of(
            $sheets,
            $plan->unplaced,
            LowerBound::sheets(
                $this->cropped(),
                array_values(array_filter($pieces, static fn (Piece $piece): bool => ! isset($out[$piece->id]))),
            ),
        );
    }

    /** @return list<Stock> the sheets within their margins, as if there were no blemish: no plan does better on the real ones */
    private function cropped(): array
    {
        return array_values(array_filter(array_map(static function (Stock $stock): ?Stock {
            $inside = static fn (Length $side): int => $side->units - 2 * $stock->margin->units;
            [$width, $height] = [$inside($stock->size->width), $inside($stock->size->height)];
            if (min($width, $height) <= 0) {
                return null;
            }
            $size = Size::ofUnits($width, $height);

            return $stock->isWhole ? Stock::sheet($stock->id, $size) : Stock::offcut($stock->id, $size);
        }, $this->stock)));
    }
}
