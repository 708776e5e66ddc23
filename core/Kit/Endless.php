<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Owned, and never used up. */
interface Endless extends Good
{
}
