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
use KeepShare\Core\Kit\Tool;

/** Cuts a focal point from a scrap, with a die or by scissors. */
final class CutPicture implements StepKind
{
    /** Cutting along a motif takes three times as long. */
    private const MOTIF = 3;

    public function key(): string
    {
        return 'cut-picture';
    }

    public function label(): string
    {
        return 'Cut pictures';
    }

    public function seconds(): int
    {
        return 60;
    }

    public function steps(CardAtBench $card): array
    {
        $piece = $card->card->taking(FocalPart::ID);
        $tool = $card->taken(DiePart::ID);
        $isStamped = $tool?->showsStampedPicture() === true;
        if ($piece?->size === null || $isStamped) {
            return [];
        }
        $die = $tool?->good instanceof Tool ? $tool : null;

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Shaped,
            [FocalPart::ID],
            $die === null ? HandTool::scissors() : HandTool::owned($die, HandTool::MACHINE),
            $die === null ? self::MOTIF * $this->seconds() : $this->seconds(),
            $die === null
                ? 'Cut the picture out along its motif: turn the paper, not the scissors.'
                : "Cut the focal point with $die->name.",
            cautions: [$die === null ? Cautions::BLADE : Cautions::MACHINE],
        )];
    }
}
