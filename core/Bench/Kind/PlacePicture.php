<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\Cautions;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Card\Part\FocalPart;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Fold\Cutting;

/** Sets the focal point on foam, or glues it flat. */
final class PlacePicture implements StepKind
{
    private const STEADY = 3;

    public function key(): string
    {
        return 'focal';
    }

    public function label(): string
    {
        return 'Focal points';
    }

    public function seconds(): int
    {
        return 60;
    }

    public function steps(CardAtBench $card): array
    {
        $at = $card->placeOf(FocalPart::ID);
        if ($at === null) {
            return [];
        }
        // In a group the foam may be under another piece.
        $foam = ($card->front->group?->piece(FocalPart::ID)->up ?? 1) > 0 ? $card->card->taking(FoamPart::ID) : null;
        $ground = $card->groundOf($at);
        $piece = $card->front->group?->piece(FocalPart::ID);
        $where = $piece === null ? $card->places($at) : $card->lies($piece);
        $name = $card->taken(FocalPart::ID)->name ?? 'focal point';

        $usual = Cutting::in($card->unit);
        $squares = match (true) {
            $foam === null => 0,
            $piece === null => self::squares($foam),
            default => CardGroup::squaresUnder($piece->stand->size),
        };

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Focal,
            [FocalPart::ID, $ground, ...$card->under(FocalPart::ID)],
            $foam === null ? HandTool::glue() : HandTool::foam(),
            $this->seconds(),
            $foam === null
                ? "Glue $name flat: $where."
                : "Put $squares foam squares under $name, ".$usual->say($usual->glue()).' inside its edge, '
                    ."and set it down: $where. If one side lies lower, put a shim under it.",
            cautions: $foam === null ? [Cautions::GLUE] : [],
            uses: [FocalPart::ID, FoamPart::ID],
        )];
    }

    /** Nobody counts foam squares there are plenty of. Three hold a picture steady. */
    private static function squares(Taking $foam): int
    {
        return $foam->quantity === 0 ? self::STEADY : $foam->quantity;
    }
}
