<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Groups of kinds on the table and in a packing list, in that order. */
enum KindGroup: string
{
    case Papers = 'Papers and panels';
    case Cardstock = 'Cardstock';
    case Bases = 'Bases and envelopes';
    case Cuts = 'Die cuts and stickers';
    case Trimmings = 'Embellishments, ribbon, foam';
    case Tools = 'Stamps and tools, never used up';
}
