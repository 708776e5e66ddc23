<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** A kind of step, and which steps of it a card needs. A new one is a class and a line in StepKinds. */
interface StepKind
{
    /** Lower-case words with hyphens. */
    public function key(): string;

    /** As a run of it is headed: "Mat layer on layer". */
    public function label(): string;

    /** Seconds for one step by a practised maker. */
    public function seconds(): int;

    /** @return list<Step> what a card needs of it, in the order it is done */
    public function steps(CardAtBench $card): array;
}
