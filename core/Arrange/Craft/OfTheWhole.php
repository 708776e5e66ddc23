<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

/** A rule that is checked only when all pieces are there. A group that is still being laid may break it. */
interface OfTheWhole extends CraftRule
{
}
