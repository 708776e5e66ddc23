<?php

namespace App\Make;

use App\Acts\CannotAct;
use KeepShare\Core\Bench\Step;

/** A step that cannot be marked as done on the card as it is. */
final class StepOutOfOrder extends CannotAct
{
    public static function first(Step $before): self
    {
        return new self("That step comes later. First: {$before->says}");
    }

    public static function gone(): self
    {
        return new self('That step is done already, or no longer needed. The next step is shown.');
    }

    public static function nothingDone(): self
    {
        return new self('There is no finished step to take back.');
    }
}
