<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What holds a card together, apart from foam. */
enum AdhesiveForm: string
{
    case Glue = 'glue';
    case Dots = 'dots';
    case Tape = 'tape';
    case FoamTape = 'foam-tape';
}
