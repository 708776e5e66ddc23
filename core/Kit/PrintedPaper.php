<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** It has a print and can be cut into panels and strips. */
interface PrintedPaper extends SheetGood
{
}
