<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Size;

/** Sheets whose cuts are fixed before the pieces have a purpose. A piece is either there in its exact size or not. */
final readonly class Prepared
{
    /** @param  list<SheetPlan>  $plans  a leaf with a piece is free for any of its size */
    private function __construct(private array $plans)
    {
    }

    /** @param  list<SheetPlan>  $plans */
    public static function by(array $plans): self
    {
        return new self($plans);
    }

    /** @param  list<Piece>  $pieces */
    public function plan(array $pieces): CutPlan
    {
        $wanted = [];
        foreach ($pieces as $piece) {
            $wanted[self::key($piece->size, $piece->mayTurn)][] = $piece;
        }
        $sheets = [];
        foreach ($this->plans as $plan) {
            $root = self::given($plan->root, $wanted);
            if ($root->pieces() !== []) {
                $sheets[] = SheetPlan::of($plan->stock, $root);
            }
        }

        // The number of sheets is not looked at here.
        return CutPlan::of($sheets, array_merge(...array_values($wanted)), 0);
    }

    /** @param  array<string, list<Piece>>  $wanted  by size; those that are given are taken off */
    private static function given(Node $node, array &$wanted): Node
    {
        if ($node instanceof Split) {
            $first = self::given($node->first, $wanted);
            $second = self::given($node->second, $wanted);

            return $first->pieces() === [] && $second->pieces() === []
                ? Leaf::offcut($node->rect())
                : Split::of($node->rect(), $node->direction, $node->at, $first, $second);
        }
        $size = $node->rect()->size;
        $isFree = $node->pieces() !== [];
        // Directional pieces come first, since fewer places suit them.
        foreach ([[$size, false, false], [$size, true, false], [$size->turned(), true, true]] as [$of, $mayTurn, $isTurned]) {
            $key = self::key($of, $mayTurn);
            if ($isFree && ($wanted[$key] ?? []) !== []) {
                return Leaf::piece($node->rect(), array_shift($wanted[$key])->id, $isTurned);
            }
        }

        return Leaf::offcut($node->rect());
    }

    private static function key(Size $size, bool $mayTurn): string
    {
        return "{$size->width->units}x{$size->height->units}".($mayTurn ? '' : ' up');
    }
}
