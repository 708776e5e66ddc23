<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

use KeepShare\Core\Arrange\Group;

/**
 * One rule about how pieces lie together. A share-out never breaks one. A maker may, and is told why it matters and
 * what to do.
 */
interface CraftRule
{
    /** Lower-case words with hyphens. A finding is ignored by this key. */
    public function key(): string;

    /** @return list<Broken> */
    public function broken(Group $group): array;
}
