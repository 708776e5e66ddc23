<?php

namespace App\Actions;

/** A card cannot be meant for that day, or cannot be given. */
final class NoSuchDay extends CannotAct
{
}
