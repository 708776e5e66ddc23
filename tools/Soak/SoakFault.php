<?php

namespace Tools\Soak;

use RuntimeException;

/** Something that must not be, whatever is done and killed. */
final class SoakFault extends RuntimeException
{
}
