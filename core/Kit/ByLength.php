<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Used by length rather than by piece. */
interface ByLength extends Good
{
}
