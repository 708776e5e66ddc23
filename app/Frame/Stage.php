<?php

namespace App\Frame;

use App\Models\Kit;
use KeepShare\Core\Kit\Price;

/** A room that is a stage of the work at the table, such as Cut. */
interface Stage
{
    /** As it stands in addresses. */
    public function key(): string;

    public function label(): string;

    /** @return non-empty-list<StagePage> the first is where the stage opens */
    public function pages(): array;

    /** What stands under its name: where the kit is with it. */
    public function figure(Kit $kit): string|Price;

    /** Whether the stash has it too. */
    public function isOfStash(): bool;
}
