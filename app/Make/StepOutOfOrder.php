<?php

namespace App\Make;

use App\Acts\CannotAct;
use KeepShare\Core\Bench\Step;

/** A step that cannot be marked as done as the card lies. */
final class StepOutOfOrder extends CannotAct
{
    public static function first(Step $before): self
    {
        return new self("That is not its turn yet. First: {$before->says}");
    }

    public static function gone(): self
    {
        return new self('That step is done already, or the card no longer needs it. What is next is shown.');
    }

    public static function nothingDone(): self
    {
        return new self('No step is done yet that could be taken back.');
    }
}
