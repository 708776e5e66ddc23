<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange;

use KeepShare\Core\Sketch\Along;

/** Computes where the middle of a piece lies, from what it is measured from. */
interface SpotRule
{
    /**
     * Its measures. Each says whether a share is of the piece itself or of what it is measured from.
     *
     * @param  array<string, string>  $options
     * @return array<string, array{Along, bool}> the side, and whether it is the piece's own
     */
    public function measures(array $options): array;

    /** @return array<string, list<string>> the options it asks for, with their values */
    public function options(): array;

    /** @return array{int, int} the middle, from the left and the upper edge of the front, in whole units; it may lie beyond */
    public function middle(Setting $setting): array;
}
