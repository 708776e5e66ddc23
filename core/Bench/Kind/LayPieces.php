<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Placed;
use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\CardGroup;

/**
 * Lays the pieces of a group beside the picture and the words. What is tucked under the picture comes before it, and
 * what lies over it comes after.
 */
final class LayPieces implements StepKind
{
    public function key(): string
    {
        return 'piece';
    }

    public function label(): string
    {
        return 'Lay the small pieces';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        $steps = [];
        $isOver = false;
        foreach ($card->front->group->pieces ?? [] as $part => $piece) {
            $isMain = $part === Pieces::FOCAL || $part === Pieces::WORDS;
            $isOver = $isOver || $isMain;
            if (! $isMain) {
                $steps[] = $this->step($card, $piece, match (true) {
                    $part === Pieces::TWINE => Phase::Tied,
                    $isOver => Phase::Overlaid,
                    default => Phase::Tucked,
                });
            }
        }

        return $steps;
    }

    private function step(CardAtBench $card, Placed $piece, Phase $phase): Step
    {
        $isLifted = $piece->spot->isLifted && $piece->up > 0;
        $trims = $piece->trim === null ? '' : ' Let it reach over the edge, and trim it flush when it holds.';

        return Step::of(
            $card->card->number,
            $this,
            $phase,
            [$piece->part(), $card->groundOf($piece->rect()), ...$piece->under],
            match (true) {
                $phase === Phase::Tied => HandTool::of('ribbon', 'ribbon and scissors'),
                $isLifted => HandTool::foam(),
                default => HandTool::glue(),
            },
            $this->seconds(),
            $this->how($card, $piece, $isLifted).$trims,
            cautions: $piece->trim === null ? [Cautions::GLUE] : [Cautions::GLUE, Cautions::BLADE],
        );
    }

    private function how(CardAtBench $card, Placed $piece, bool $isLifted): string
    {
        $name = $piece->stand->name;
        $where = $card->lies($piece);
        if ($piece->part() === Pieces::TWINE) {
            return "Lay $name across the front and tape its ends down at the back: $where.";
        }
        $shim = $piece->isShimmed ? ' with a shim under its low side' : '';
        $squares = CardGroup::squaresUnder($piece->stand->size);

        return $isLifted ? "Put $squares foam squares under $name: $where." : "Glue $name down$shim: $where.";
    }
}
