<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Shows a print and can be cut into panels and strips. */
interface PrintedPaper extends SheetGood
{
}
