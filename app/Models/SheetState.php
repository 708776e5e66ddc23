<?php

namespace App\Models;

enum SheetState: string
{
    /** On the table, and may be cut. */
    case Open = 'open';
    /** Divided into parts that count as separate, though its cuts are still to be made. */
    case Parted = 'parted';
    /** Cut up: its parts are sheets of their own. */
    case Cut = 'cut';
    /** A piece that belongs to a card. */
    case Piece = 'piece';
    /** Bent, torn or lost. */
    case Spoiled = 'spoiled';
}
