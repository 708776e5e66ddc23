<?php

declare(strict_types=1);

namespace KeepShare\Core;

use RuntimeException;

/**
 * The common family of failures of the core.
 *
 * Messages are written for the cardmaker and may be shown unchanged.
 */
abstract class Refusal extends RuntimeException
{
}
