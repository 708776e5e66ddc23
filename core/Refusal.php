<?php

declare(strict_types=1);

namespace KeepShare\Core;

use RuntimeException;

/**
 * The one family of failures of the core.
 *
 * The message is written for the cardmaker and may be shown as it stands.
 */
abstract class Refusal extends RuntimeException
{
}
