<?php

declare(strict_types=1);

namespace KeepShare\Core\Check;

use KeepShare\Core\Arrange\Craft\Broken;
use KeepShare\Core\Arrange\Craft\CraftRule;
use KeepShare\Core\Arrange\Craft\Remedy;

/** A rule by which the pieces of a group lie together, as a check. */
final class OfCraft implements Check
{
    private function __construct(private readonly CraftRule $rule)
    {
    }

    public static function by(CraftRule $rule): self
    {
        return new self($rule);
    }

    public function key(): string
    {
        return $this->rule->key();
    }

    public function look(CardInHand $card): array
    {
        $group = $card->front->group;

        return $group === null ? [] : array_map($this->finding(...), $this->rule->broken($group));
    }

    private function finding(Broken $broken): Finding
    {
        $repair = static fn (Remedy $one): Repair => Repair::piece($one->says, $one->part, $one->does, $one->by);

        return Finding::of($this->key(), $broken->says, $broken->repair, ...array_map($repair, $broken->remedies));
    }
}
