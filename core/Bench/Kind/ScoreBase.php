<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\BasePart;

/** Scores and folds a base that was cut. A ready-made base is only pressed flat. */
final class ScoreBase implements StepKind
{
    public function key(): string
    {
        return 'score';
    }

    public function label(): string
    {
        return 'Score and fold';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        $isBlank = $card->card->taking(BasePart::ID)?->size !== null;
        $blank = $card->construction->blank;
        $at = implode(' and ', array_map(static fn ($score): string => $score->label($card->unit), $blank->scores));
        $from = $blank->isScoredAcross ? 'from the top' : 'from the left';
        $says = match (true) {
            $at === '' => "Lay the {$blank->name} ready.",
            $isBlank => "Score the base at $at $from, fold it with the bump inside, and press the fold flat.",
            default => 'Fold the base and press the fold flat.',
        };

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Scored,
            [CardAtBench::BASE],
            HandTool::of('score-board', 'score board and bone folder'),
            $this->seconds(),
            $says,
        )];
    }
}
