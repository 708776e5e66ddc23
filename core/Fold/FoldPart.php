<?php

declare(strict_types=1);

namespace KeepShare\Core\Fold;

use KeepShare\Core\Measure\BadMeasure;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Outline;

/**
 * A piece that is cut for a fold: its flat size, its scores, what it is cut from, and what of it is seen from the
 * front.
 */
final readonly class FoldPart
{
    /** The prefix of parts that belong to the fold. */
    private const PREFIX = 'fold-';

    /** @param  list<Length>  $scores  from the left edge, or from the top where it is scored across */
    private function __construct(
        public string $id,
        public string $name,
        public Size $size,
        public Stuff $stuff,
        public string $note,
        public array $scores = [],
        public bool $isScoredAcross = false,
        public bool $isFace = false,
        public ?Outline $seen = null,
    ) {
    }

    /** @throws CannotFold when nothing is left of it */
    public static function of(string $id, string $name, int $width, int $height, Stuff $stuff, string $note = ''): self
    {
        try {
            return new self($id, $name, Size::ofUnits($width, $height), $stuff, $note);
        } catch (BadMeasure) {
            throw CannotFold::tooSmall($name);
        }
    }

    /** The name of its piece among the parts of a card. */
    public function onCard(): string
    {
        return self::PREFIX.$this->id;
    }

    /** Whether a part of a card belongs to its fold. */
    public static function isOne(string $part): bool
    {
        return str_starts_with($part, self::PREFIX);
    }

    /** The same with scores down, measured from the left. */
    public function scored(Length ...$at): self
    {
        return $this->with(['scores' => array_values($at), 'isScoredAcross' => false]);
    }

    /** The same with scores across, measured from the top. */
    public function scoredAcross(Length ...$at): self
    {
        return $this->with(['scores' => array_values($at), 'isScoredAcross' => true]);
    }

    /** Whether it is a plain panel on the face of the card, which a sketch may replace. */
    public function onFace(): self
    {
        return $this->with(['isFace' => true]);
    }

    /** Whether it is seen on the closed front, beside the sketch. */
    public function seenAs(Outline $outline): self
    {
        return $this->with(['seen' => $outline]);
    }

    /** @param  array{scores?: list<Length>, isScoredAcross?: bool, isFace?: bool, seen?: Outline}  $changes */
    private function with(array $changes): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->size,
            $this->stuff,
            $this->note,
            $changes['scores'] ?? $this->scores,
            $changes['isScoredAcross'] ?? $this->isScoredAcross,
            $changes['isFace'] ?? $this->isFace,
            $changes['seen'] ?? $this->seen,
        );
    }
}
