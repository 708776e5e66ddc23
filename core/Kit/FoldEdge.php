<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The edge of the front that the fold of a base lies on. */
enum FoldEdge: string
{
    case Side = 'side';
    case Top = 'top';
}
