<?php

declare(strict_types=1);

namespace KeepShare\Core\Arrange\Craft;

/** A rule that is looked at once all pieces are there: a group that is still being laid may break it. */
interface OfTheWhole extends CraftRule
{
}
