<?php

namespace App\Files;

use App\Models\ClassPlan;

/** A file of a class. */
interface ClassExport extends Export
{
    public function fileName(ClassPlan $class): string;

    public function write(ClassPlan $class): string;
}
