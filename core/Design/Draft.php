<?php

declare(strict_types=1);

namespace KeepShare\Core\Design;

use Closure;
use KeepShare\Core\Card\Card;

/** A possible card, and how good it would be. It is not yet known whether it can be cut. */
final readonly class Draft
{
    /** @param  Closure(): Card  $card */
    private function __construct(public int $goodness, private Closure $card)
    {
    }

    /** @param  Closure(): Card  $card drawn up only when it is looked at: most drafts never are */
    public static function of(int $goodness, Closure $card): self
    {
        return new self($goodness, $card);
    }

    public function card(): Card
    {
        return ($this->card)();
    }
}
