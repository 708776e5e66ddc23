<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Kit\Stamp;

/** Stamps words on a label or directly on a part, before that part is glued or lifted. */
final class StampWords implements StepKind
{
    /** Seconds until ink is dry to the touch. */
    public const DRIES = 180;

    public function key(): string
    {
        return 'stamp';
    }

    public function label(): string
    {
        return 'Stamp words';
    }

    public function seconds(): int
    {
        return 60;
    }

    public function steps(CardAtBench $card): array
    {
        $stamp = $card->taken(WordsPart::ID);
        if (! $stamp?->good instanceof Stamp) {
            return [];
        }
        $isLabel = $card->card->taking(LabelPart::ID) !== null;
        $ground = $card->groundOf($card->layout->sentiment);
        $on = $isLabel ? 'its label' : ($ground === CardAtBench::BASE ? 'the base' : "the {$card->card->partName($ground)}");

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Stamped,
            [WordsPart::ID, $isLabel ? LabelPart::ID : $ground],
            HandTool::owned($stamp, HandTool::CRAFT_MAT),
            $this->seconds(),
            "Stamp “{$stamp->good->words?->text}” on $on, and let the ink dry.",
            self::DRIES,
            [Cautions::INK],
        )];
    }
}
