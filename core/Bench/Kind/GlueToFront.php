<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Sketch\Laid;

/** Glues what lies directly on the front, from the bottom up. Seams and strips come last. */
final class GlueToFront implements StepKind
{
    /** Seconds until wet glue holds. */
    public const SETS = 120;

    public function key(): string
    {
        return 'front';
    }

    public function label(): string
    {
        return 'Glue to the front';
    }

    public function seconds(): int
    {
        return 60;
    }

    public function steps(CardAtBench $card): array
    {
        return array_map(fn (Laid $laid): Step => $this->step($card, $laid), $card->onBase());
    }

    private function step(CardAtBench $card, Laid $laid): Step
    {
        $isLifted = $laid->part->foam > 0;

        return Step::of(
            $card->card->number,
            $this,
            Phase::Fronted,
            [$laid->part->id, CardAtBench::BASE, ...$this->under($card, $laid)],
            $isLifted ? HandTool::foam() : HandTool::glue(),
            $this->seconds(),
            ($isLifted ? 'Pop up ' : 'Glue ').$card->sized($laid)." on the front: {$card->showing($laid)}.",
            $isLifted ? 0 : self::SETS,
            [Cautions::GLUE],
        );
    }

    /** @return list<string> what it reaches over: that is glued first */
    private function under(CardAtBench $card, Laid $laid): array
    {
        $under = [];
        foreach ($card->onBase() as $other) {
            if ($other === $laid) {
                break;
            }
            $under = $other->rect->overlaps($laid->rect) ? [...$under, $other->part->id] : $under;
        }

        return $under;
    }
}
