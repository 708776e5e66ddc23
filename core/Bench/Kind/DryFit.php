<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;

/** Everything is laid in its place before any glue is used. */
final class DryFit implements StepKind
{
    public function key(): string
    {
        return 'dry-fit';
    }

    public function label(): string
    {
        return 'Dry-fit';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        return [Step::of(
            $card->card->number,
            $this,
            Phase::Fitted,
            $card->pieces(),
            HandTool::of(HandTool::HANDS, 'your hands, nothing else'),
            $this->seconds(),
            'Lay everything in its place without glue. Does the print stand the right way up, does each layer fit?',
            uses: [],
        )];
    }
}
