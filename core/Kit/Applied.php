<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** A ready-made piece that is stuck on as a whole. */
interface Applied extends Good
{
    public function printed(): Printed;

    /** The same with another print. */
    public function as(Printed $printed): self;
}
