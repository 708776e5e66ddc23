<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\BowPart;
use KeepShare\Core\Measure\Length;

/** Ties ribbon round its part, before that part is glued down. */
final class TieBow implements StepKind
{
    public function key(): string
    {
        return 'tie';
    }

    public function label(): string
    {
        return 'Tie ribbon';
    }

    public function seconds(): int
    {
        return 120;
    }

    public function steps(CardAtBench $card): array
    {
        $bow = $card->card->taking(BowPart::ID);
        $at = $card->placeOf(BowPart::ID);
        if ($bow === null || $at === null) {
            return [];
        }
        $ground = $card->groundOf($at);
        $round = $ground === CardAtBench::BASE ? 'front' : $card->card->partName($ground);
        $long = Length::ofUnits($bow->quantity)->label($card->unit);

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Tied,
            [BowPart::ID, $ground],
            HandTool::of('ribbon', 'ribbon and scissors'),
            $this->seconds(),
            "Tie $long of ribbon round the $round, and cut the ends at an angle.",
        )];
    }
}
