<?php

namespace App\Http\Stages;

use App\Models\Kit;
use KeepShare\Core\Kit\Price;

/** A stage of the work at the table, such as Cut. To add one: a class here, its line in Stages, and its pages. */
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
