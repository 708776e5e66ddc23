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
use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Card\Part\WordsPart;
use KeepShare\Core\Kit\Stamp;

/** Glues words that are a piece of their own: printed, or stamped on a label. */
final class SetWords implements StepKind
{
    public function key(): string
    {
        return 'words';
    }

    public function label(): string
    {
        return 'Sentiments';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        $words = $card->taken(WordsPart::ID);
        $at = $card->placeOf(WordsPart::ID);
        $isLabel = $card->card->taking(LabelPart::ID) !== null;
        if ($words === null || $at === null || ($words->good instanceof Stamp && ! $isLabel)) {
            return [];
        }
        $focal = $card->placeOf(FocalPart::ID);
        $isOver = $focal !== null && $focal->overlaps($at);
        $piece = $card->front->group?->piece(WordsPart::ID);
        $shim = $piece?->isShimmed === true ? ' with a shim under its low side' : '';

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Worded,
            [
                WordsPart::ID,
                $card->groundOf($at),
                ...$isLabel ? [LabelPart::ID] : [],
                ...$isOver ? [FocalPart::ID] : [],
                ...$card->under(WordsPart::ID),
            ],
            HandTool::glue(),
            $this->seconds(),
            "Glue “{$words->words()?->text}”$shim: {$card->places($at)}.",
            cautions: [Cautions::GLUE],
        )];
    }
}
