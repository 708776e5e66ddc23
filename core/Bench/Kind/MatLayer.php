<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Sketch\FormKind;
use KeepShare\Core\Sketch\Laid;

/** Glues layer on layer, the innermost first, before any of it is glued to the base. */
final class MatLayer implements StepKind
{
    public function key(): string
    {
        return 'mat';
    }

    public function label(): string
    {
        return 'Mat layer on layer';
    }

    public function seconds(): int
    {
        return 45;
    }

    public function steps(CardAtBench $card): array
    {
        return array_map(fn (array $pair): Step => $this->step($card, ...$pair), $card->onParts());
    }

    private function step(CardAtBench $card, Laid $laid, Laid $carrier): Step
    {
        $isAslant = $laid->part->form->kind === FormKind::Diagonal;
        $isLifted = $laid->part->foam > 0;
        $how = $isAslant ? 'at an angle from corner to corner, then trim it flush' : $card->showing($laid);

        return Step::of(
            $card->card->number,
            $this,
            Phase::Matted,
            [$laid->part->id, $carrier->part->id],
            $isLifted ? HandTool::foam() : HandTool::glue(),
            $this->seconds(),
            ($isLifted ? 'Pop up ' : 'Glue ').$card->sized($laid)." on the {$carrier->part->name}: $how.",
            cautions: $isAslant ? [Cautions::GLUE, Cautions::BLADE] : [Cautions::GLUE],
        );
    }
}
