<?php

namespace App\Drawing;

/** The colours of a drawing apart from those of its goods. On paper they are the same in both themes. */
final class Ink
{
    public const DARK = '#1d2b33';

    public const EDGE = '#8e959a';

    public const LIGHT = '#ffffff';

    public const PAPER = '#fdfdfb';

    public const HERE = '#0b5a6b';

    public const MISSING = '#a12a22';

    public const KEPT = '#eeeeea';

    public const UNKNOWN = '#888888';
}
