<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;

/**
 * One line of a packing list: a good, its name, and how many of it there should be.
 *
 * $count is sheets, pieces, or for ribbon a length in units of 1/8 micrometre.
 */
final readonly class Component
{
    /** @param  list<string>  $guesses  what was taken as is usual where its line did not say it */
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

    /** The same, with how many there really are. */
    public function counted(int $count): self
    {
        return new self($this->id, $this->name, $this->good, $count);
    }

    public function kind(): Kind
    {
        return $this->good->kind();
    }

    /** What a piece cut from it shows with this side up; null where it has no such side, or is cut from no sheet. */
    public function face(int $side): ?Face
    {
        return $this->good instanceof SheetGood ? $this->good->faces()[$side] ?? null : null;
    }

    /** Nobody counts it: a tool, a stamp, or an embellishment of which there are plenty. */
    public function isEndless(): bool
    {
        return $this->good instanceof Endless || $this->good->isPlenty();
    }

    /** The words it puts on a card, whether it is a piece, a sticker or a stamp. */
    public function words(): ?Words
    {
        $good = $this->good;

        return match (true) {
            $good instanceof Stamp => $good->words,
            $good instanceof Applied && $good->printed()->serves === Serves::Sentiment => $good->printed()->words,
            default => null,
        };
    }

    /** The size over all of a piece that is stuck on whole; null of anything else. */
    public function printedSize(): ?Size
    {
        return $this->good instanceof Applied ? $this->good->printed()->size : null;
    }

    /** A picture can be cut out of it: a motif of its print, or what is on a panel. */
    public function showsPicture(): bool
    {
        if ($this->good instanceof Panel && $this->good->isPicture()) {
            return true;
        }
        $faces = $this->good instanceof SheetGood && $this->kind()->isPrintedPaper() ? $this->good->faces() : [];

        return array_filter($faces, static fn (Face $face): bool => $face->motif->isPicture()) !== [];
    }

    /** A stamp that puts a picture on any light cardstock. */
    public function showsStampedPicture(): bool
    {
        return $this->good instanceof Stamp && $this->good->words === null;
    }

    /** A picture that the eye of a card can rest on, or a piece that is a front by itself; a letter alone is none. */
    public function isFocalPoint(): bool
    {
        $printed = $this->good instanceof Applied ? $this->good->printed() : null;

        return $printed !== null && ! Glyph::isOne($this) && ($printed->serves === Serves::Image || $printed->isFront());
    }
}
