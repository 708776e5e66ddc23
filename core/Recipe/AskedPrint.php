<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Kit\Face;

/** What the print of a letter should be like. */
final readonly class AskedPrint
{
    /**
     * @param  bool|null  $busy  null where it may be either
     * @param  bool  $hasUp  the one it was kept from has an up
     */
    private function __construct(public ?bool $busy, public bool $hasUp)
    {
    }

    public static function any(): self
    {
        return new self(null, false);
    }

    public static function of(?bool $busy, bool $hasUp): self
    {
        return new self($busy, $hasUp);
    }

    public static function like(Face $face): self
    {
        return new self($face->busy, $face->directional);
    }

    /** "busy, directional" */
    public function says(): string
    {
        $look = match ($this->busy) {
            null => 'any print',
            true => 'busy',
            false => 'calm',
        };

        return $look.($this->hasUp ? ', directional' : '');
    }
}
