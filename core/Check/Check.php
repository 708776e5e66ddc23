<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

/** One rule that finds mistakes on a card. */
interface Check
{
    /** Lower-case words with hyphens. A finding is ignored by this key. */
    public function key(): string;

    /** @return list<Finding> */
    public function look(CardInHand $card): array;
}
