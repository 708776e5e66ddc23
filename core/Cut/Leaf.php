<?php

declare(strict_types=1);

namespace KeepShare\Core\Cut;

use KeepShare\Core\Measure\Rect;

/** A part that is not cut further: a piece for a card, or, without a piece, an offcut. */
final readonly class Leaf implements Node
{
    private function __construct(private Rect $rect, public ?string $piece, public bool $turned)
    {
    }

    public static function piece(Rect $rect, string $piece, bool $turned): self
    {
        return new self($rect, $piece, $turned);
    }

    public static function offcut(Rect $rect): self
    {
        return new self($rect, null, false);
    }

    public function rect(): Rect
    {
        return $this->rect;
    }

    public function pieces(): array
    {
        return $this->piece === null ? [] : [$this->piece];
    }

    public function toArray(): array
    {
        return $this->piece === null ? [] : ['piece' => $this->piece, 'turned' => $this->turned];
    }
}
