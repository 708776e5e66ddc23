<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;

/**
 * How one sheet or offcut is cut. It is a tree of cuts that each go right through, so it can only be guillotine cuts.
 */
final readonly class SheetPlan
{
    private function __construct(public Stock $stock, public Node $root)
    {
    }

    public static function of(Stock $stock, Node $root): self
    {
        return new self($stock, $root);
    }

    /**
     * Reads what toArray() has written.
     *
     * @param  array<array-key, mixed>  $tree
     *
     * @throws BadPlan
     */
    public static function fromArray(Stock $stock, array $tree): self
    {
        try {
            return new self($stock, self::node(Rect::whole($stock->size), $tree));
        } catch (BadMeasure $wrong) {
            throw BadPlan::unreadable($wrong->getMessage());
        }
    }

    /** Whether every cut is within the length of the trimmer. */
    public function canBeCutWith(Trimmer $trimmer): bool
    {
        foreach ($this->cuts() as $cut) {
            $part = $cut->part()->size;
            if (! $trimmer->reaches(($cut->direction() === Direction::Down ? $part->height : $part->width)->units)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->root->toArray();
    }

    /** @return list<Cut> in the order to make them: a part is cut up before the next is taken in hand, with the fewest settings */
    public function cuts(): array
    {
        $splits = Sequence::of($this->root);

        return array_map(static fn (Split $split, int $n): Cut => Cut::of($n + 1, $split), $splits, array_keys($splits));
    }

    /** @return list<Leaf> the pieces for cards */
    public function pieces(): array
    {
        return array_values(array_filter($this->leaves(), static fn (Leaf $leaf): bool => $leaf->piece !== null));
    }

    /** @return list<Leaf> what is left */
    public function offcuts(): array
    {
        return array_values(array_filter($this->leaves(), static fn (Leaf $leaf): bool => $leaf->piece === null));
    }

    /** @return list<Leaf> */
    public function leaves(): array
    {
        $leaves = [];
        foreach (self::walk($this->root) as $node) {
            if ($node instanceof Leaf) {
                $leaves[] = $node;
            }
        }

        return $leaves;
    }

    /** The same plan with one of its offcuts cut up. */
    public function cutting(Leaf $offcut, Node $instead): self
    {
        return new self($this->stock, self::replaced($this->root, $offcut, $instead));
    }

    /** The same plan with one offcut cut as another plan cuts a sheet of that size. */
    public function cuttingLike(Leaf $offcut, self $other): self
    {
        return $this->cutting($offcut, self::node($offcut->rect(), $other->toArray()));
    }

    private static function replaced(Node $node, Leaf $old, Node $new): Node
    {
        if ($node instanceof Split) {
            return Split::of(
                $node->rect(),
                $node->direction,
                $node->at,
                self::replaced($node->first, $old, $new),
                self::replaced($node->second, $old, $new),
            );
        }

        return $node === $old ? $new : $node;
    }

    /** How often the guide must be set again when the cuts are made in order. */
    public function settings(): int
    {
        $settings = 0;
        $last = null;
        foreach ($this->cuts() as $cut) {
            $settings += $last === $cut->at()->units ? 0 : 1;
            $last = $cut->at()->units;
        }

        return $settings;
    }

    /** @return iterable<Node> */
    private static function walk(Node $node): iterable
    {
        yield $node;
        if ($node instanceof Split) {
            yield from self::walk($node->first);
            yield from self::walk($node->second);
        }
    }

    /** @param  array<array-key, mixed>  $tree */
    private static function node(Rect $rect, array $tree): Node
    {
        if (! isset($tree['cut'])) {
            $piece = $tree['piece'] ?? null;

            return is_string($piece) ? Leaf::piece($rect, $piece, ($tree['turned'] ?? false) === true) : Leaf::offcut($rect);
        }
        $direction = Direction::tryFrom(is_string($tree['cut']) ? $tree['cut'] : '');
        $at = $tree['at'] ?? null;
        $first = $tree['first'] ?? null;
        $second = $tree['second'] ?? null;
        if ($direction === null || ! is_int($at) || ! is_array($first) || ! is_array($second)) {
            throw BadPlan::unreadable('a cut lacks its direction, its measure or a part');
        }
        $length = Length::ofUnits($at);
        [$one, $two] = Split::halves($rect, $direction, $length);

        return Split::of($rect, $direction, $length, self::node($one, $first), self::node($two, $second));
    }
}
