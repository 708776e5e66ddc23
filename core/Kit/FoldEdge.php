<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The edge of the front with the fold of the base. */
enum FoldEdge: string
{
    case Side = 'side';
    case Top = 'top';
}
