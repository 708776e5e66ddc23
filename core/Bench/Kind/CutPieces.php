<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\BackingDiePart;

/** Cuts backings with a die, and the points of banners. Straight cuts cannot make these. */
final class CutPieces implements StepKind
{
    public function key(): string
    {
        return 'cut-pieces';
    }

    public function label(): string
    {
        return 'Cut backings and banners';
    }

    public function seconds(): int
    {
        return 45;
    }

    public function steps(CardAtBench $card): array
    {
        $die = $card->taken(BackingDiePart::ID);
        $steps = $die === null ? [] : [$this->step(
            $card,
            Pieces::BACKING,
            HandTool::owned($die, HandTool::MACHINE),
            "Cut the backing with $die->name.",
            Cautions::MACHINE,
        )];
        for ($n = 1; $n <= Pieces::BANNERS; $n++) {
            if ($card->card->taking(Pieces::banner($n))?->size !== null) {
                $name = ucfirst($card->card->partName(Pieces::banner($n)));
                $says = "$name: cut up from the middle of its lower edge by half its width. Cut from there to both lower corners.";
                $steps[] = $this->step($card, Pieces::banner($n), HandTool::scissors(), $says, Cautions::BLADE);
            }
        }

        return $steps;
    }

    private function step(CardAtBench $card, string $part, HandTool $tool, string $says, string $caution): Step
    {
        return Step::of($card->card->number, $this, Phase::Shaped, [$part], $tool, $this->seconds(), $says, cautions: [$caution]);
    }
}
