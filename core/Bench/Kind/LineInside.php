<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\InsidePart;

/** The panel to write on. */
final class LineInside implements StepKind
{
    public function key(): string
    {
        return 'inside';
    }

    public function label(): string
    {
        return 'Line the inside';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        $size = $card->card->taking(InsidePart::ID)?->size;

        return $size === null ? [] : [Step::of(
            $card->card->number,
            $this,
            Phase::Lined,
            [InsidePart::ID, CardAtBench::BASE],
            HandTool::glue(),
            $this->seconds(),
            "Glue the panel to write on, {$size->label($card->unit)}, in the middle of the inside.",
            GlueToFront::SETS,
            [Cautions::GLUE],
        )];
    }
}
