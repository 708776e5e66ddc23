<?php

namespace App\Actions;

use RuntimeException;

/** A search found nothing to change: its act is given up, so that there is nothing to take back. */
final class NothingBetter extends RuntimeException
{
}
