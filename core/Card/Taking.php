<?php

declare(strict_types=1);

namespace KeepShare\Core\Card;

use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Measure\Size;

/** What one part of a card takes from one component. */
final readonly class Taking
{
    /** @param  list<Treated>  $treated  what is done to the piece before it is glued */
    private function __construct(
        public string $component,
        public string $part,
        public int $quantity,
        public ?Size $size,
        public int $face,
        public bool $mayTurn,
        public array $treated = [],
    ) {
    }

    /**
     * Pieces, or for ribbon a length in units of 1/8 micrometre. It is 0 for a stamp, which is not used up.
     *
     * @param  string  $component  the id of the component
     * @param  string  $part  the id of the part of the card it makes
     */
    public static function some(string $component, string $part, int $quantity): self
    {
        return new self($component, $part, $quantity, null, 0, false);
    }

    /**
     * A piece cut from a sheet.
     *
     * @param  int  $face  which face shows
     * @param  bool  $mayTurn  false if that face is directional
     */
    public static function piece(string $component, string $part, Size $size, int $face, bool $mayTurn): self
    {
        return new self($component, $part, 1, $size, $face, $mayTurn);
    }

    /** The same, from another component. */
    public function from(string $component): self
    {
        return new self($component, $this->part, $this->quantity, $this->size, $this->face, $this->mayTurn, $this->treated);
    }

    /** The same, for another part of the card. */
    public function for(string $part): self
    {
        return new self($this->component, $part, $this->quantity, $this->size, $this->face, $this->mayTurn, $this->treated);
    }

    /** The same, cut to another size. */
    public function sized(?Size $size): self
    {
        return new self($this->component, $this->part, $this->quantity, $size, $this->face, $this->mayTurn, $this->treated);
    }

    /**
     * The same with its piece treated.
     *
     * @param  list<Treated>  $treated
     */
    public function treated(array $treated): self
    {
        return new self($this->component, $this->part, $this->quantity, $this->size, $this->face, $this->mayTurn, $treated);
    }

    public function toPiece(string $id): ?Piece
    {
        return $this->size === null ? null : Piece::of($id, $this->size, $this->mayTurn);
    }
}
