<?php

namespace Tools\Soak;

use RuntimeException;

/** Something that must never happen, whatever is done and killed. */
final class SoakFault extends RuntimeException
{
}
