<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Bench\Treat\Treatment;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Kit\Tool;

/** Does one treatment to all its parts. */
final readonly class TreatPart implements StepKind
{
    private function __construct(private Treatment $treatment)
    {
    }

    public static function by(Treatment $treatment): self
    {
        return new self($treatment);
    }

    public function key(): string
    {
        return $this->treatment->key;
    }

    public function label(): string
    {
        return $this->treatment->label;
    }

    public function seconds(): int
    {
        return $this->treatment->seconds;
    }

    public function steps(CardAtBench $card): array
    {
        $steps = [];
        foreach ($card->card->takings as $taking) {
            foreach ($taking->treated as $treated) {
                $steps = $treated->treatment === $this->treatment->key ? [...$steps, $this->step($card, $taking, $treated)] : $steps;
            }
        }

        return $steps;
    }

    private function step(CardAtBench $card, Taking $taking, Treated $treated): Step
    {
        $tool = $treated->tool === null ? null : $card->components[$treated->tool] ?? null;
        $name = $tool->name ?? lcfirst($this->treatment->label);
        $surface = $this->treatment->surface();
        $hasUp = $tool?->good instanceof Tool && $tool->good->directional;

        return Step::of(
            $card->card->number,
            $this,
            $this->treatment->phase,
            [$taking->part],
            $tool === null ? HandTool::of($this->key(), $name, $surface) : HandTool::owned($tool, $surface),
            $this->seconds(),
            $this->treatment->inWords("the {$card->card->partName($taking->part)}", $name, $treated->option)
                .($hasUp ? ' It is directional: check which way the piece lies.' : ''),
            $this->treatment->wait,
            $this->treatment->cautions,
            [],
        );
    }
}
