<?php

namespace App\Files;

use App\Models\Kit;

/** A file of a kit. */
interface KitExport extends Export
{
    public function fileName(Kit $kit): string;

    public function write(Kit $kit): string;
}
