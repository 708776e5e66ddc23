<?php

declare(strict_types=1);

namespace KeepShare\Core\Share;

use KeepShare\Core\Cut\CutPlan;

/** The answer of the Sharer. */
final readonly class ShareOut
{
    /**
     * @param  list<Card>  $cards  the new cards
     * @param  array<string, CutPlan>  $plans  by component: how its sheets are cut for all cards, old and new
     * @param  Stop|null  $stop  why there is no further card, or null when as many were made as asked for
     */
    private function __construct(public array $cards, public array $plans, public ?Stop $stop)
    {
    }

    /**
     * @param  list<Card>  $cards
     * @param  array<string, CutPlan>  $plans
     */
    public static function of(array $cards, array $plans, ?Stop $stop): self
    {
        return new self($cards, $plans, $stop);
    }
}
