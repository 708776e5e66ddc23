<?php

namespace App\Models;

enum PhotographKind: string
{
    case Pieces = 'pieces';
    case Papers = 'papers';
}
