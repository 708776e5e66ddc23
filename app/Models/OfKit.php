<?php

namespace App\Models;

/** A record with an address below that of a kit. It is found only below its own kit. */
interface OfKit
{
    public function isOf(Kit $kit): bool;
}
