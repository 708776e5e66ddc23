<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\FoldPart;

/** The steps of a fold after scoring, in order of gluing. */
final class BuildFold implements StepKind
{
    public function key(): string
    {
        return 'build';
    }

    public function label(): string
    {
        return 'Build folds';
    }

    public function seconds(): int
    {
        return 90;
    }

    public function steps(CardAtBench $card): array
    {
        if (in_array($card->card->fold, [FoldKind::Side, FoldKind::Top], true)) {
            return [];
        }
        $isShaker = $card->card->fold === FoldKind::Shaker;
        // The window panel of a shaker is a part of the sketch. It is glued to the front like any other part.
        $does = array_slice($card->construction->steps, 1, $isShaker ? -1 : null);
        $parts = array_map(
            static fn (FoldPart $part): string => $part->onCard(),
            array_filter($card->construction->parts, static fn (FoldPart $part): bool => ! $part->isFace),
        );

        return $does === [] ? [] : [Step::of(
            $card->card->number,
            $this,
            Phase::Built,
            ['fold', CardAtBench::BASE, ...array_values($parts)],
            $isShaker ? HandTool::foam() : HandTool::glue(),
            count($does) * $this->seconds(),
            implode(' ', $does)." Do not glue: {$card->construction->open}",
            GlueToFront::SETS,
            [Cautions::GLUE, ...$isShaker ? [Cautions::SMALL] : []],
        )];
    }
}
