<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut\File;

use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Demand;
use KeepShare\Core\Cut\Direction;
use KeepShare\Core\Cut\Engine;
use KeepShare\Core\Cut\Fill;
use KeepShare\Core\Cut\Leaf;
use KeepShare\Core\Cut\Leftover;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Cut\Stock;
use KeepShare\Core\Cut\Terms;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Unit;
use LogicException;

/** The open format keepshare/cut-plan, version 1: docs/formats/cut-plan.schema.json. */
final class CutPlanFile
{
    public const FORMAT = 'keepshare/cut-plan';

    public const VERSION = 1;

    /**
     * With more pieces than this of one paper, the order of pieces does not decide which are left out, since that takes
     * too long.
     */
    private const MOST_BY_PRIORITY = 120;

    /** @var array<string, int> how many of a line have been written, by its id */
    private array $copies = [];

    private function __construct(private readonly Unit $unit, private readonly ?CutOrder $order)
    {
    }

    /**
     * A plan that was made elsewhere. Its sheets and pieces keep their own ids.
     *
     * @return array<string, mixed>
     */
    public static function ofSheets(CutPlan $plan, Unit $unit): array
    {
        return (new self($unit, null))->written($plan->sheets, [], [
            'sheetsOpened' => $plan->sheetsOpened(),
            'lowerBound' => $plan->lowerBound,
            'proven' => $plan->isProven(),
            'settings' => array_sum(array_map(static fn (SheetPlan $sheet): int => $sheet->settings(), $plan->sheets)),
        ]);
    }

    /**
     * All pieces of an order from the fewest sheets.
     *
     * @param  int  $tries  how many more ways are tried than usual, from this seed
     * @return array<string, mixed>
     */
    public static function plan(CutOrder $order, int $tries = 0, int $seed = 0): array
    {
        $file = new self($order->unit, $order);
        $terms = Terms::usual()->with($order->trimmer)->trying($tries, $seed);
        $plans = [];
        foreach (array_unique([...array_column($order->sheets, 'paper'), ...array_column($order->pieces, 'paper')]) as $paper) {
            $stock = $file->stock($paper);
            $pieces = $file->pieces($paper);
            $own = $terms->leaving(self::useful($order, $stock));
            $plans[] = count($pieces) <= self::MOST_BY_PRIORITY
                    ? Engine::earliestFirst($stock, $pieces, $own)
                    : Engine::plan($stock, $pieces, $own);
        }
        $sheets = array_merge([], ...array_map(static fn (CutPlan $plan): array => $plan->sheets, $plans));
        $unplaced = array_merge([], ...array_map(static fn (CutPlan $plan): array => $plan->unplaced, $plans));

        return $file->written($sheets, $file->unplaced($unplaced), [
            'sheetsOpened' => array_sum(array_map(static fn (CutPlan $plan): int => $plan->sheetsOpened(), $plans)),
            'lowerBound' => array_sum(array_map(static fn (CutPlan $plan): int => $plan->lowerBound, $plans)),
            'proven' => array_filter($plans, static fn (CutPlan $plan): bool => ! $plan->isProven()) === [],
            'settings' => array_sum(array_map(static fn (SheetPlan $sheet): int => $sheet->settings(), $sheets)),
        ]);
    }

    /**
     * The highest value from the one sheet of an order.
     *
     * @return array<string, mixed>
     *
     * @throws BadCutOrder unless there is exactly one sheet
     */
    public static function fill(CutOrder $order): array
    {
        if (array_sum(array_column($order->sheets, 'count')) !== 1) {
            throw BadCutOrder::because(['sheets: filling takes exactly one sheet.']);
        }
        $file = new self($order->unit, $order);
        $sheet = $order->sheets[0];
        $wishes = [];
        foreach ($order->pieces as $n => $line) {
            if ($line->paper === $sheet->paper) {
                $wishes[] = Demand::for(
                    Piece::of((string) $n, $line->size, $line->turn && ! $sheet->directional),
                    $line->worth,
                    $line->count,
                );
            }
        }
        $stock = $file->stock($sheet->paper)[0]
            ?? throw BadCutOrder::because([
                'sheets[0].save: the one sheet is to stay whole, so that nothing can be cut from it.',
            ]);
        $found = Fill::best($stock, $wishes, trimmer: $order->trimmer);
        $cut = array_count_values(
            array_map(
                static fn (Leaf $leaf): string => $order->pieces[(int) $leaf->piece]->id,
                $found->plan->pieces(),
            ),
        );
        $left = [];
        foreach ($order->pieces as $line) {
            $count = $line->count - ($cut[$line->id] ?? 0);
            if ($count > 0) {
                $left[] = [
                    'piece' => $line->id,
                    'count' => $count,
                    'reason' => $line->paper === $sheet->paper
                            ? 'others are worth more on this sheet'
                            : 'it is of another paper',
                ];
            }
        }

        return $file->written($cut === [] ? [] : [$found->plan], $left, [
            'sheetsOpened' => $cut === [] ? 0 : 1,
            'lowerBound' => $cut === [] ? 0 : 1,
            'proven' => $found->isProven(),
            'settings' => $found->plan->settings(),
            'worth' => $found->worth,
            'upperBound' => $found->upperBound,
        ]);
    }

    /** @param  list<Stock>  $stock */
    private static function useful(CutOrder $order, array $stock): ?Leftover
    {
        if ($order->useful === [] || $stock === []) {
            return null;
        }

        return Leftover::on(
            $stock,
            array_map(
                static fn (OrderedPieces $line): Demand => Demand::for(
                    Piece::of($line->id, $line->size, $line->turn),
                    $line->worth,
                    1,
                ),
                $order->useful,
            ),
        );
    }

    /** @return list<Stock> known by the line and the copy */
    private function stock(string $paper): array
    {
        $stock = [];
        foreach ($this->order->sheets ?? [] as $n => $line) {
            for ($copy = 1; $line->paper === $paper && $copy <= $line->count - $line->save; $copy++) {
                $stock[] = $line->stock("$n/$copy");
            }
        }

        return $stock;
    }

    /** @return list<Piece> known by the line and the copy */
    private function pieces(string $paper): array
    {
        $isDirectional = array_filter(
            $this->order->sheets ?? [],
            static fn (OrderedSheets $line): bool => $line->paper === $paper && $line->directional,
        ) !== [];
        $pieces = [];
        foreach ($this->order->pieces ?? [] as $n => $line) {
            for ($copy = 1; $line->paper === $paper && $copy <= $line->count; $copy++) {
                $pieces[] = Piece::of("$n/$copy", $line->size, $line->turn && ! $isDirectional);
            }
        }

        return $pieces;
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<array{piece: string, count: int, reason: string}>
     */
    private function unplaced(array $pieces): array
    {
        $left = [];
        foreach ($pieces as $piece) {
            $line = $this->order->pieces[(int) $piece->id] ?? throw new LogicException('Only an order leaves pieces out.');
            $stock = $this->stock($line->paper);
            $fits = array_filter($stock, static fn (Stock $one): bool => $piece->size->fitsIn($one->size, $piece->mayTurn)) !== [];
            $left[$line->id] ??= ['piece' => $line->id, 'count' => 0, 'reason' => match (true) {
                $stock === [] => 'there is no sheet of its paper',
                ! $fits => 'it is larger than every sheet of its paper',
                $this->order->trimmer->isShortFor(...$stock) => 'the sheets are full, or the trimmer is too short for the cuts',
                default => 'the sheets are full',
            }];
            $left[$line->id]['count']++;
        }

        return array_values($left);
    }

    /**
     * @param  list<SheetPlan>  $sheets
     * @param  list<array{piece: string, count: int, reason: string}>  $unplaced
     * @param  array<string, int|bool>  $summary
     * @return array<string, mixed>
     */
    private function written(array $sheets, array $unplaced, array $summary): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'unit' => $this->unit->value,
            'sheets' => array_map($this->sheet(...), $sheets),
            'unplaced' => $unplaced,
            'summary' => $summary,
        ];
    }

    /** @return array<string, mixed> */
    private function sheet(SheetPlan $plan): array
    {
        [$line, $copy] = [...explode('/', $plan->stock->id), '1'];
        $size = $plan->stock->size;
        $cuts = [];
        foreach ($plan->cuts() as $cut) {
            $part = $cut->part();
            $isDown = $cut->direction() === Direction::Down;
            $x = $isDown ? $part->x->plus($cut->at()) : $part->x;
            $y = $isDown ? $part->y : $part->y->plus($cut->at());
            $cuts[] = [
                'n' => $cut->number,
                'x1' => $this->length($x),
                'y1' => $this->length($y),
                'x2' => $this->length($isDown ? $x : $part->right()),
                'y2' => $this->length($isDown ? $part->bottom() : $y),
            ];
        }

        return [
            'sheet' => $this->order?->sheets[(int) $line]->id ?? $plan->stock->id,
            'copy' => (int) $copy,
            'width' => $this->length($size->width),
            'height' => $this->length($size->height),
            'cuts' => $cuts,
            'pieces' => array_map(function (Leaf $leaf): array {
                // Known by its line, and in a plan by its copy too.
                $id = $this->order?->pieces[(int) $leaf->piece]->id ?? (string) $leaf->piece;
                $this->copies[$id] = ($this->copies[$id] ?? 0) + 1;

                return ['piece' => $id, 'copy' => $this->copies[$id], ...$this->rect($leaf->rect()), 'turned' => $leaf->turned];
            }, $plan->pieces()),
            'leftovers' => array_map(fn (Leaf $leaf): array => $this->rect($leaf->rect()), $plan->offcuts()),
        ];
    }

    /** @return array{x: string, y: string, width: string, height: string} */
    private function rect(Rect $rect): array
    {
        return [
            'x' => $this->length($rect->x),
            'y' => $this->length($rect->y),
            'width' => $this->length($rect->size->width),
            'height' => $this->length($rect->size->height),
        ];
    }

    private function length(Length $length): string
    {
        return $length->exact($this->unit);
    }
}
