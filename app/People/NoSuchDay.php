<?php

namespace App\People;

use App\Acts\CannotAct;

/** A card cannot be meant for that day, or cannot be given. */
final class NoSuchDay extends CannotAct
{
}
