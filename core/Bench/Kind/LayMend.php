<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\MendPart;

/** Glues a piece that hides a mistake. */
final class LayMend implements StepKind
{
    public function key(): string
    {
        return 'mend';
    }

    public function label(): string
    {
        return 'Mend';
    }

    public function seconds(): int
    {
        return 45;
    }

    public function steps(CardAtBench $card): array
    {
        $size = $card->card->taking(MendPart::ID)?->size;

        return $size === null ? [] : [Step::of(
            $card->card->number,
            $this,
            Phase::Focal,
            [MendPart::ID, CardAtBench::BASE],
            HandTool::glue(),
            $this->seconds(),
            "Glue the mending piece, {$size->label($card->unit)}, where it went wrong.",
            cautions: [Cautions::GLUE],
        )];
    }
}
