<?php

namespace App\Safe;

use RuntimeException;

/** The maker has told it to stop. */
final class Stopped extends RuntimeException
{
}
