<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Rect;
use KeepShare\Core\Measure\Size;

/** A part cut right through, at $at from its left or its upper edge. */
final readonly class Split implements Node
{
    private function __construct(
        private Rect $rect,
        public Direction $direction,
        public Length $at,
        public Node $first,
        public Node $second,
    ) {
    }

    /** @param  Node  $first the left or the upper part; $second is the other */
    public static function of(Rect $rect, Direction $direction, Length $at, Node $first, Node $second): self
    {
        return new self($rect, $direction, $at, $first, $second);
    }

    public function rect(): Rect
    {
        return $this->rect;
    }

    /**
     * The two parts on either side of a cut.
     *
     * @return array{Rect, Rect}
     */
    public static function halves(Rect $rect, Direction $direction, Length $at): array
    {
        $size = $rect->size;

        return $direction === Direction::Down
            ? [
                Rect::at($rect->x, $rect->y, Size::of($at, $size->height)),
                Rect::at($rect->x->plus($at), $rect->y, Size::of($size->width->minus($at), $size->height)),
            ]
            : [
                Rect::at($rect->x, $rect->y, Size::of($size->width, $at)),
                Rect::at($rect->x, $rect->y->plus($at), Size::of($size->width, $size->height->minus($at))),
            ];
    }

    public function pieces(): array
    {
        return [...$this->first->pieces(), ...$this->second->pieces()];
    }

    public function toArray(): array
    {
        return [
            'cut' => $this->direction->value,
            'at' => $this->at->units,
            'first' => $this->first->toArray(),
            'second' => $this->second->toArray(),
        ];
    }
}
