<?php

declare(strict_types=1);

namespace KeepShare\Core\Table;

use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Pair\Fit;

/**
 * How well the surfaces of one table match. Each pair is computed once, since card after card asks for the same ones.
 */
final class Harmonies
{
    /** @var array<string, array<string, int>> by the keys of the surfaces */
    private array $known = [];

    /** Out of a hundred, by Fit. */
    public function of(Surface $one, Surface $other): int
    {
        return $this->known[$one->key][$other->key] ??= Fit::figure($one->face, $other->face);
    }
}
