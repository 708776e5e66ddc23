<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Make;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Recipe\StockRole;
use KeepShare\Core\Sketch\CannotResolve;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;

/** One way to make a card: a sketch with some measures, upright or lying, and the papers that are cut for it. */
final readonly class CardWay
{
    /**
     * @param  Size  $front  the way it lies
     * @param  non-empty-list<Laid>  $papers
     */
    private function __construct(public Sketch $sketch, public Size $front, private Layout $layout, public array $papers)
    {
    }

    /**
     * Every way that needs from $least to $most papers: each sketch as drawn, with all measures that it gives, and with
     * cardstock in place of a calm paper. The leanest come first.
     *
     * @param  list<Sketch>  $sketches
     * @param  Length|null  $frame  how much of the base shows round a front; null as the sketches have it
     * @return list<self>
     */
    public static function all(array $sketches, Size $front, Unit $unit, ?Length $frame, int $least, int $most): array
    {
        $ways = [];
        foreach ($sketches as $sketch) {
            foreach (self::manners($sketch) as $manner) {
                foreach ([$front, $front->turned()] as $lies) {
                    $way = self::of($manner, $lies, $unit, $frame);
                    if ($way !== null && $least <= count($way->papers) && count($way->papers) <= $most) {
                        // One sketch with the same measures is one design, however it was reached.
                        $ways[$way->key()] ??= $way;
                    }
                }
            }
        }
        usort($ways, static fn (self $a, self $b): int => [$a->area(), $a->key()] <=> [$b->area(), $b->key()]);

        return $ways;
    }

    /** @return list<Sketch> */
    private static function manners(Sketch $sketch): array
    {
        // A card without words is allowed only if that is wished for.
        if ($sketch->focus === Focus::PaperAlone) {
            return [];
        }
        $manners = [];
        foreach (array_filter([$sketch, $sketch->plain()]) as $drawn) {
            foreach ($drawn->measured() as $manner) {
                $manners[$manner->manner] ??= $manner;
            }
        }

        return array_values($manners);
    }

    private static function of(Sketch $sketch, Size $front, Unit $unit, ?Length $frame): ?self
    {
        try {
            $layout = $sketch->resolve($front, $unit, $frame);
        } catch (CannotResolve) {
            return null;
        }
        $papers = array_values(array_filter($layout->parts, static fn (Laid $laid): bool => $laid->part->role->isPaper()));

        return $papers === [] ? null : new self($sketch, $front, $layout, $papers);
    }

    /** A key that tells it from every other: the sketch, its direction, and the size of each paper. */
    public function key(): string
    {
        $sizes = array_map(
            static fn (Laid $laid): string => "{$laid->part->id} {$laid->cut->width->units}x{$laid->cut->height->units}",
            $this->papers,
        );

        return "{$this->sketch->key}/{$this->front->width->units}/".implode(',', $sizes);
    }

    /** The area of its papers, exact. */
    public function area(): int
    {
        return array_sum(array_map(static fn (Laid $laid): int => $laid->cut->exactArea(), $this->papers));
    }

    /** How far it is from a card with a picture on a sketch as drawn, from 0 to 3. */
    public function plainness(): int
    {
        return ($this->sketch->focus->isLean() ? 2 : 0) + ($this->sketch->isAsDrawn() ? 0 : 1);
    }

    /**
     * A card made in this way.
     *
     * @param  array<string, string>  $on  the letter of each paper, by its piece: "3/upper"
     */
    public function card(int $number, array $on, ?Length $frame): Card
    {
        $takings = array_map(static function (Laid $laid) use ($number, $on): Taking {
            $role = $laid->part->role;

            return $role->isPaper()
                ? Taking::piece($on["$number/{$laid->part->id}"], $laid->part->id, $laid->cut, 0, $role->mayTurn())
                : Taking::piece(StockRole::of($role, null)->value, $laid->part->id, $laid->cut, 0, true);
        }, $this->layout->parts);

        $fold = $this->front->isLying() ? FoldKind::Side->turned() : FoldKind::Side;

        return Card::of($number, $this->sketch, $this->front, Occasion::of('hello'), $takings, $frame, $fold);
    }
}
