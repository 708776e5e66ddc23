<?php

namespace App\Models;

/** A record that is reached under the address of a kit, and only under that of its own. */
interface OfKit
{
    public function isOf(Kit $kit): bool;
}
