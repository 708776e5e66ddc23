<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Part\GroupPart;

/** Gems, pearls, sequins and dots come last, and the card is then left flat. */
final class Embellish implements StepKind
{
    /** Seconds of drying. Glue dots hold at once. Enamel drops need a night. */
    private const SETS = 600;

    private const NIGHT = 28_800;

    private const GROUP = 3;

    public function key(): string
    {
        return 'embellish';
    }

    public function label(): string
    {
        return 'Embellish';
    }

    public function seconds(): int
    {
        return 45;
    }

    public function steps(CardAtBench $card): array
    {
        $group = $card->card->taking(GroupPart::ID);
        $things = $card->taken(GroupPart::ID);
        if ($group === null || $things === null) {
            return [];
        }
        // Nobody counts what there is plenty of. Three is the usual odd group.
        $many = $group->quantity === 0 ? self::GROUP : $group->quantity;
        $isWet = preg_match('/\bdrops?\b/iu', $things->name) === 1;
        $focal = $card->placeOf(FocalPart::ID);
        $on = $focal === null ? CardAtBench::BASE : $card->groundOf($focal);

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Trimmed,
            [GroupPart::ID, $on, FocalPart::ID],
            HandTool::of('tweezers', 'tweezers and glue dots'),
            $this->seconds(),
            "Set $many of $things->name in a loose triangle round the focal point, and let the card lie flat.",
            $isWet ? self::NIGHT : self::SETS,
            [Cautions::SMALL],
        )];
    }
}
