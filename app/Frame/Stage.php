<?php

namespace App\Frame;

use App\Models\Kit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use KeepShare\Core\Kit\Price;

/** A room that is a stage of the work at the table, such as Cut. */
interface Stage
{
    /** Its name in addresses. */
    public function key(): string;

    public function label(): string;

    /** @return non-empty-list<StagePage> the first is where the stage opens */
    public function pages(): array;

    /** @return array<string, Builder<covariant Model>> what its figure is made of, by name: each a question for one number */
    public function counts(Kit $kit): array;

    /**
     * The text under its name: how far the kit is with it.
     *
     * @param  array<string, int>  $counted  the answers to what it counts
     */
    public function figure(Kit $kit, array $counted): string|Price;

    /** Whether the stash has it too. */
    public function isOfStash(): bool;
}
