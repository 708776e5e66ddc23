<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe\Lay;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Cut\CutPlan;
use KeepShare\Core\Cut\Piece;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Recipe\AskedPrint;
use KeepShare\Core\Recipe\Letter;
use KeepShare\Core\Recipe\Recipe;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Table\Table;

/**
 * Which paper takes which letter: papers that match on every card they share, calm under picture or words, as busy as
 * was asked for, cut without a piece left out, and first those to be used up.
 */
final class Letters
{
    /** The penalty for a piece that cannot be cut. It is higher than that of any two papers that clash. */
    private const UNCUT = 400;

    /** The penalty for a piece on a print that is not as asked for, and for one from the stash. */
    private const OTHERWISE = 12;

    private const STASH = 8;

    /** With more papers than this for a letter, only the best ones are compared with those of other letters. */
    private const MOST = 48;

    /** The highest value of two papers on one card. */
    private const TOGETHER = 100;

    /** @var array<int, list<Candidate>> by the number of the letter */
    private array $candidates = [];

    /** @var array<int, list<int>> what each is worth by itself */
    private array $alone = [];

    /** @var array<int, int> what the best of those that are not weighed is worth, by the number of the letter */
    private array $unweighed = [];

    /** @var array<int, list<array{Card, Taking, Role|null}>> what is cut from each letter */
    private array $takings = [];

    private readonly CutLetters $cutting;

    /**
     * @param  list<string>|null  $papers  only these components; null for all there are
     * @param  array<string, string>  $fixed  the candidate of some letters, as Candidate::key() has it
     */
    private function __construct(
        private readonly Recipe $recipe,
        private readonly OnTable $cards,
        private readonly Table $table,
        ?array $papers,
        private readonly array $fixed = [],
    ) {
        $this->cutting = CutLetters::on($table);
        foreach ($recipe->letters as $n => $letter) {
            $this->takings[$n] = $this->takingsOf($letter);
            $this->weigh($n, $letter, $this->candidatesFor($n, $papers));
        }
    }

    /**
     * @param  list<string>|null  $papers  the components to choose from; null for all there are
     * @param  array<string, string>  $fixed  the candidate of some letters, as Candidate::key() has it
     * @return LettersChosen|null null where there are not as many papers as letters
     */
    public static function best(Recipe $recipe, OnTable $cards, Table $table, ?array $papers = null, array $fixed = []): ?LettersChosen
    {
        return (new self($recipe, $cards, $table, $papers, $fixed))->choose();
    }

    /** How many papers could take a letter. */
    public static function papersOn(Table $table): int
    {
        $cutting = CutLetters::on($table);
        $isOne = static fn (Component $one): bool => $one->kind()->isPrintedPaper()
            && $table->offers($one->id)
            && $cutting->free($one->id) !== [];

        return count(array_filter($table->components, $isOne));
    }

    private function choose(): ?LettersChosen
    {
        $goods = array_map(
            static fn (array $own): array => array_map(static fn (Candidate $one): string => $one->component->id, $own),
            $this->candidates,
        );
        $pairs = [];
        $meetings = $this->meetings();
        foreach ($meetings as $one => $others) {
            foreach ($others as $other => $faces) {
                $pairs[$one][$other] = $this->together($one, $other, $faces);
            }
        }
        $best = BestChoice::of(array_values($goods), array_values($this->alone), $pairs);
        if ($best === null) {
            return null;
        }

        return LettersChosen::of($this->recipe, array_values($this->candidates), $best, $this->fixed, $this->unweighed($meetings));
    }

    /**
     * @param  list<Candidate>  $candidates
     */
    private function weigh(int $n, Letter $letter, array $candidates): void
    {
        $alone = array_map(fn (Candidate $one): int => $this->worth($letter, $n, $one), $candidates);
        if (count($candidates) > self::MOST) {
            arsort($alone);
            $isAsked = fn (int $one): bool => $candidates[$one]->key() === ($this->fixed[$letter->letter] ?? null);
            $kept = array_slice($alone, 0, self::MOST, true) + array_filter($alone, $isAsked, ARRAY_FILTER_USE_KEY);
            $this->unweighed[$n] = max(array_diff_key($alone, $kept) ?: [PHP_INT_MIN]);
            ksort($kept);
            [$candidates, $alone] = [array_values(array_intersect_key($candidates, $kept)), array_values($kept)];
        }
        [$this->candidates[$n], $this->alone[$n]] = [$candidates, $alone];
    }

    /**
     * The highest value of a choice with a paper that was not compared.
     *
     * @param  array<int, array<int, array<string, int>>>  $meetings
     */
    private function unweighed(array $meetings): int
    {
        $best = array_map(static fn (array $own): int => $own === [] ? 0 : max($own), $this->alone);
        $together = self::TOGETHER * array_sum(array_map(array_sum(...), array_merge(...array_map(array_values(...), $meetings))));
        $most = PHP_INT_MIN;
        foreach ($this->unweighed as $n => $worth) {
            $most = max($most, array_sum($best) - $best[$n] + $worth + $together);
        }

        return $most;
    }

    /** @return list<array{Card, Taking, Role|null}> */
    private function takingsOf(Letter $letter): array
    {
        $takings = [];
        foreach ($this->cards->cards as $card) {
            foreach ($card->takings as $taking) {
                if ($taking->component === $letter->letter) {
                    $takings[] = [$card, $taking, $card->sketch->part($taking->part)?->role];
                }
            }
        }

        return $takings;
    }

    /**
     * @param  list<string>|null  $papers
     * @return list<Candidate>
     */
    private function candidatesFor(int $letter, ?array $papers): array
    {
        $wantsBack = array_filter($this->takings[$letter], static fn (array $one): bool => $one[1]->face === 1) !== [];
        $candidates = [];
        foreach ($this->table->components as $id => $component) {
            $good = $component->good;
            $isOne = $good instanceof SheetGood && $component->kind()->isPrintedPaper() && $this->table->offers((string) $id);
            if (! $isOne || ($papers !== null && ! in_array((string) $id, $papers, true)) || $this->cutting->free((string) $id) === []) {
                continue;
            }
            $faces = [];
            foreach ($good->faces() as $n => $face) {
                $faces[] = Surface::of((string) $id, $n, $face, true);
            }
            foreach (count($faces) > 1 ? [false, true] : ($wantsBack ? [] : [false]) as $isOver) {
                $candidates[] = Candidate::of($component, $faces, $isOver);
            }
        }

        return $candidates;
    }

    private function worth(Letter $letter, int $n, Candidate $candidate): int
    {
        $worth = $this->table->wishes->useOf($candidate->component->id)->worth()
            - self::UNCUT * count(self::plan($letter, $this->takings[$n], $candidate, $this->cutting)->unplaced);
        foreach ($this->takings[$n] as [, $taking, $role]) {
            $face = $candidate->shows($taking->face)?->face;
            $asked = $taking->face === 0 ? $letter->front : $letter->back;
            $worth += match (true) {
                $face === null => -self::UNCUT,
                $role === Role::Field => $face->busy ? -25 : 8,
                $role === Role::Background => $face->busy ? 4 : 0,
                default => 0,
            };
            $worth -= $face !== null && self::isOtherwise($asked, $face->busy) ? self::OTHERWISE : 0;
            $worth -= isset($this->table->stash[$candidate->component->id]) ? self::STASH : 0;
        }

        return $worth + $this->withItself($n, $candidate);
    }

    private static function isOtherwise(AskedPrint $asked, bool $busy): bool
    {
        return $asked->busy !== null && $asked->busy !== $busy;
    }

    /** Both faces of one paper on one card. */
    private function withItself(int $letter, Candidate $candidate): int
    {
        $worth = 0;
        foreach ($this->takings[$letter] as $n => [$card, $taking]) {
            foreach (array_slice($this->takings[$letter], $n + 1) as [$other, $its]) {
                [$one, $two] = [$candidate->shows($taking->face), $candidate->shows($its->face)];
                if ($card === $other && $one !== null && $two !== null) {
                    $worth += $this->table->harmonies->of($one, $two);
                }
            }
        }

        return $worth;
    }

    /**
     * How the pieces of a letter are cut from a paper.
     *
     * @param  list<array{Card, Taking, Role|null}>  $takings
     */
    private static function plan(Letter $letter, array $takings, Candidate $candidate, CutLetters $cutting): CutPlan
    {
        $pieces = [];
        foreach ($takings as [$card, $taking, $role]) {
            $mayTurn = $candidate->shows($taking->face)?->face->mayTurnAs($role) ?? true;
            if ($taking->size !== null) {
                $pieces[] = Piece::of($card->pieceId($taking->part), $taking->size, $mayTurn);
            }
        }

        return $cutting->plan($letter, $pieces, $candidate->component->id);
    }

    /** @return array<string, CutPlan> by letter, as they are chosen */
    public static function plans(Recipe $recipe, OnTable $cards, Table $table, LettersChosen $chosen): array
    {
        $letters = new self($recipe, $cards, $table, []);
        $plans = [];
        foreach ($recipe->letters as $n => $letter) {
            $plans[$letter->letter] = self::plan($letter, $letters->takings[$n], $chosen->papers[$letter->letter], $letters->cutting);
        }

        return $plans;
    }

    /** @return array<int, array<int, array<string, int>>> on how many cards two letters meet, by which of their faces: "0/1" */
    private function meetings(): array
    {
        $meetings = [];
        foreach ($this->takings as $one => $own) {
            foreach ($this->takings as $other => $others) {
                foreach ($one < $other ? $own : [] as [$card, $taking]) {
                    foreach ($others as [$its, $second]) {
                        if ($its === $card) {
                            $faces = "$taking->face/$second->face";
                            $meetings[$one][$other][$faces] = ($meetings[$one][$other][$faces] ?? 0) + 1;
                        }
                    }
                }
            }
        }

        return $meetings;
    }

    /**
     * @param  array<string, int>  $faces  how often they meet by which faces
     * @return list<list<int>>
     */
    private function together(int $one, int $other, array $faces): array
    {
        $table = [];
        foreach ($this->candidates[$one] as $a => $first) {
            foreach ($this->candidates[$other] as $b => $second) {
                $worth = 0;
                foreach ($faces as $both => $many) {
                    [$front, $back] = [$first->shows((int) $both[0]), $second->shows((int) $both[2])];
                    $worth += $front === null || $back === null ? 0 : $many * $this->table->harmonies->of($front, $back);
                }
                $table[$a][$b] = $worth;
            }
        }

        return array_map(array_values(...), array_values($table));
    }
}
