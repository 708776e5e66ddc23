<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\DiePart;
use KeepShare\Core\Card\Part\FocalPart;

/** A picture stamped on a piece of its own. */
final class StampPicture implements StepKind
{
    public function key(): string
    {
        return 'stamp-picture';
    }

    public function label(): string
    {
        return 'Stamp pictures';
    }

    public function seconds(): int
    {
        return 90;
    }

    public function steps(CardAtBench $card): array
    {
        $stamp = $card->taken(DiePart::ID);

        return $stamp?->showsStampedPicture() !== true ? [] : [Step::of(
            $card->card->number,
            $this,
            Phase::Stamped,
            [FocalPart::ID],
            HandTool::owned($stamp, HandTool::CRAFT_MAT),
            $this->seconds(),
            "Stamp the picture with $stamp->name, and let the ink dry.",
            StampWords::DRIES,
            [Cautions::INK],
        )];
    }
}
