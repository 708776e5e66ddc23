<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What a component is, apart from its name and number. */
interface Good
{
    public function kind(): Kind;
}
