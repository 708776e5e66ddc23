<?php

namespace App\Acts;

use RuntimeException;

/** An act that cannot be done on the table as it is; its message is told to the cardmaker as it stands. */
abstract class CannotAct extends RuntimeException
{
}
