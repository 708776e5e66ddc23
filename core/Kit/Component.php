<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/**
 * One line of a packing list: a good, its name, and how many there should be.
 *
 * $count is sheets, pieces, or for ribbon a length in units of 1/8 micrometre.
 */
final readonly class Component
{
    /** @param  list<string>  $guesses  what was assumed because its line did not say it */
    private function __construct(
        public string $id,
        public string $name,
        public Good $good,
        public int $count,
        public array $guesses = [],
    ) {
    }

    public static function of(string $id, string $name, Good $good, int $count): self
    {
        return new self($id, $name, $good, $count);
    }

    public function guessed(string ...$guesses): self
    {
        return new self($this->id, $this->name, $this->good, $this->count, array_values($guesses));
    }

    /** The same, with the number that is really there. */
    public function counted(int $count): self
    {
        return new self($this->id, $this->name, $this->good, $count);
    }

    public function kind(): Kind
    {
        return $this->good->kind();
    }

    /** What a piece cut from it shows with this side up. Null if it has no such side or is not a sheet. */
    public function face(int $side): ?Face
    {
        return $this->good instanceof SheetGood ? $this->good->faces()[$side] ?? null : null;
    }

    /** Whether nobody counts it: a tool, a stamp, or an embellishment of which there are plenty. */
    public function isEndless(): bool
    {
        return $this->good instanceof Endless || $this->good->isPlenty();
    }

    /** The words it puts on a card, as a piece, a sticker or a stamp. */
    public function words(): ?Words
    {
        $good = $this->good;

        return match (true) {
            $good instanceof Stamp => $good->words,
            $good instanceof Applied && $good->printed()->serves === Serves::Sentiment => $good->printed()->words,
            default => null,
        };
    }

    /** The full size of a piece that is stuck on as a whole. Null for anything else. */
    public function printedSize(): ?Size
    {
        return $this->good instanceof Applied ? $this->good->printed()->size : null;
    }

    /** Whether a picture can be cut out of it: a motif of its print, or the picture on a panel. */
    public function showsPicture(): bool
    {
        if ($this->good instanceof Panel && $this->good->isPicture()) {
            return true;
        }
        $faces = $this->good instanceof SheetGood && $this->kind()->isPrintedPaper() ? $this->good->faces() : [];

        return array_filter($faces, static fn (Face $face): bool => $face->motif->isPicture()) !== [];
    }

    /** Whether it is a stamp that prints a picture on any light cardstock. */
    public function showsStampedPicture(): bool
    {
        return $this->good instanceof Stamp && $this->good->words === null;
    }

    /** Whether it is a picture for the focal point, or a piece that is a whole front. A letter alone is not. */
    public function isFocalPoint(): bool
    {
        $printed = $this->good instanceof Applied ? $this->good->printed() : null;

        return $printed !== null && ! Glyph::isOne($this) && ($printed->serves === Serves::Image || $printed->isFront());
    }
}
