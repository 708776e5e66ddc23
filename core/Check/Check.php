<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** One rule of the practised eye. */
interface Check
{
    /** Lower-case words with hyphens; a finding is waved off by it. */
    public function key(): string;

    /** @return list<Finding> */
    public function look(CardInHand $card): array;
}
