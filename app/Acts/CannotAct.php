<?php

namespace App\Acts;

use RuntimeException;

/** An act that is impossible on the present table. Its message is shown to the cardmaker unchanged. */
abstract class CannotAct extends RuntimeException
{
}
