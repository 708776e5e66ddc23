<?php

declare(strict_types=1);

namespace KeepShare\Core\Sketch;

use KeepShare\Core\Measure\BadMeasure;

/**
 * By how many marks of the ruler a measure may differ from the drawing, and by how many it does: a column drawn 1 1/4
 * in wide that may be 1 in. Makers call this stretching a design.
 */
final readonly class Tolerance
{
    /** The most marks in either direction. More would be another design. */
    private const MOST = 8;

    /**
     * @param  int  $leanest  marks, below nothing for shorter, at which its part takes the least
     * @param  int  $fullest  the same at which it takes the most
     * @param  int  $by  marks that it is changed by
     */
    private function __construct(private int $leanest, private int $fullest, public int $by)
    {
    }

    public static function between(int $leanest, int $fullest): self
    {
        return new self($leanest, $fullest, 0);
    }

    /**
     * Reads "-2 to 4", or "-2 to 4, now -1" for a changed one.
     *
     * @throws BadMeasure
     */
    public static function parse(string $text): self
    {
        $isRead = preg_match('/^\s*([+−-]?\d+)\s+to\s+([+−-]?\d+)(?:\s*,\s*now\s+([+−-]?\d+))?\s*$/u', $text, $found) === 1;
        $marks = array_map(static fn (string $one): int => (int) strtr($one, ['−' => '-']), array_slice($found, 1));
        $give = $isRead ? new self($marks[0], $marks[1], $marks[2] ?? 0) : null;

        return $give?->isSound() === true ? $give : throw BadMeasure::noGive(trim($text), self::MOST);
    }

    public function write(): string
    {
        return $this->range().($this->by === 0 ? '' : ", now $this->by");
    }

    /**
     * Changed by some marks towards its leanest, or towards its fullest if the number is negative, and never further
     * than it gives.
     */
    public function leanerBy(int $marks): self
    {
        $end = $marks > 0 ? $this->leanest : $this->fullest;

        return new self($this->leanest, $this->fullest, ($end <=> 0) * min(abs($marks), abs($end)));
    }

    /** What it gives, whatever the change: "-2 to 4". */
    public function range(): string
    {
        return "$this->leanest to $this->fullest";
    }

    /** @return list<int> by how many marks towards its leanest it may be changed, or below nothing towards its fullest; the fewest first */
    public function marks(): array
    {
        $marks = range(-$this->full(), $this->lean());
        usort($marks, static fn (int $a, int $b): int => abs($a) <=> abs($b));

        return $marks;
    }

    /** The number of marks to its leanest. */
    public function lean(): int
    {
        return abs($this->leanest);
    }

    /** The number of marks to its fullest. */
    public function full(): int
    {
        return abs($this->fullest);
    }

    private function isSound(): bool
    {
        [$least, $most] = [min($this->leanest, $this->fullest), max($this->leanest, $this->fullest)];

        return -self::MOST <= $least && $least <= min(0, $this->by) && max(0, $this->by) <= $most && $most <= self::MOST;
    }
}
