<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;

/** One rule by which pieces lie together. A share-out breaks none; a maker may, and is told why and what to do. */
interface CraftRule
{
    /** Lower-case words with hyphens; a finding is waved off by it. */
    public function key(): string;

    /** @return list<Broken> */
    public function broken(Group $group): array;
}
