<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** A thing that is owned and never used up. */
enum ToolKind: string
{
    case Die = 'die';
    case Folder = 'folder';
    case Stencil = 'stencil';
    case Punch = 'punch';
    case Ink = 'ink';
    case Powder = 'powder';
    /** A paste, a mist, a marker: owned, and needed by no known step. */
    case Other = 'other';
}
