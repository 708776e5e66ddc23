<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Recipe\Recipe;

/** The paper of each letter, its value, and the next best papers of each. */
final readonly class LettersChosen
{
    /**
     * @param  array<string, Candidate>  $papers  by letter
     * @param  int  $worth  what they come to
     * @param  int  $best  what the best that was found comes to
     * @param  int  $bound  none come to more
     * @param  array<string, list<array{papers: array<string, Candidate>, worth: int}>>  $others  by letter, all its candidates with the
     *                                                                                            rest as it is, the best first
     */
    private function __construct(public array $papers, public int $worth, public int $best, public int $bound, public array $others)
    {
    }

    /**
     * @param  list<list<Candidate>>  $candidates  of each letter
     * @param  array<string, string>  $fixed  the candidate of some letters, as Candidate::key() has it
     * @param  int  $unweighed  what those come to at most that were not weighed
     */
    public static function of(Recipe $recipe, array $candidates, BestChoice $best, array $fixed, int $unweighed = PHP_INT_MIN): self
    {
        $chosen = $best->chosen;
        foreach ($recipe->letters as $n => $letter) {
            foreach ($candidates[$n] as $option => $candidate) {
                $isFixed = ($fixed[$letter->letter] ?? null) === $candidate->key();
                $chosen = $isFixed ? $best->with($chosen, $n, $option) ?? $chosen : $chosen;
            }
        }
        $others = [];
        foreach ($recipe->letters as $n => $letter) {
            foreach ($best->others($n, $chosen) as [$options, $worth]) {
                $others[$letter->letter][] = ['papers' => self::named($recipe, $candidates, $options), 'worth' => $worth];
            }
        }

        $papers = self::named($recipe, $candidates, $chosen);

        return new self($papers, $best->worthOf($chosen), $best->worth, max($best->bound, $unweighed), $others);
    }

    /**
     * @param  list<list<Candidate>>  $candidates
     * @param  list<int>  $options
     * @return array<string, Candidate> by letter
     */
    private static function named(Recipe $recipe, array $candidates, array $options): array
    {
        $papers = [];
        foreach ($recipe->letters as $n => $letter) {
            $papers[$letter->letter] = $candidates[$n][$options[$n]];
        }

        return $papers;
    }

    /** Whether no other choice is better. */
    public function isProven(): bool
    {
        return $this->worth >= $this->bound;
    }

    /** How much better the best could be than what was found, in tenths of a per cent, rounded up. */
    public function gapInThousandths(): int
    {
        return $this->best <= 0 ? 1_000 : intdiv(1_000 * ($this->bound - $this->best) + $this->best - 1, $this->best);
    }
}
