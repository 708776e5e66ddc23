<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench\Kind;

use KeepShare\Core\Bench\CardAtBench;
use KeepShare\Core\Bench\HandTool;
use KeepShare\Core\Bench\Phase;
use KeepShare\Core\Bench\Step;
use KeepShare\Core\Bench\StepKind;
use KeepShare\Core\Card\Part\EnvelopePart;

/** Puts the maker's mark on the back and adds the envelope, before anything on the front is wet. */
final class SignAndPack implements StepKind
{
    public function key(): string
    {
        return 'sign';
    }

    public function label(): string
    {
        return 'Sign and pack';
    }

    public function seconds(): int
    {
        return 30;
    }

    public function steps(CardAtBench $card): array
    {
        $envelope = $card->taken(EnvelopePart::ID);

        return [Step::of(
            $card->card->number,
            $this,
            Phase::Signed,
            $card->pieces(),
            HandTool::of('pen', 'pen'),
            $this->seconds(),
            $envelope === null
                ? 'Put your mark on the back. It has no envelope yet.'
                : "Put your mark on the back, and put the card with its $envelope->name.",
            uses: [EnvelopePart::ID],
        )];
    }
}
